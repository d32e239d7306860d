<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Twig;

use Rinkel\App\Money\Money;
use Rinkel\App\Price\Cost;
use Rinkel\App\Price\Costing;
use Rinkel\App\Stock\StockComparison;
use Rinkel\App\Stock\StockRow;
use Rinkel\App\Stock\Ticks;
use Rinkel\App\Svg\PagePictures;
use Rinkel\App\Svg\PriceBar;
use Rinkel\App\Svg\StockBar;
use Rinkel\App\Svg\StockPicture;
use Rinkel\Core\Measure\Length;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;
use Symfony\Contracts\Translation\TranslatorInterface;
use Twig\Extension\AbstractExtension;
use Twig\TwigFilter;
use Twig\TwigFunction;

/**
 * What is in the stock box, what of it is missing, and what it is worth.
 */
final class StockExtension extends AbstractExtension
{
    public function __construct(
        private readonly StockComparison $against,
        private readonly Costing $costing,
        private readonly Money $money,
        private readonly PagePictures $pictures,
        private readonly TranslatorInterface $translator,
        private readonly UrlGeneratorInterface $urls,
    ) {}

    public function getFilters(): array
    {
        return [
            new TwigFilter('price', $this->money->price(...)),
            new TwigFilter('money', $this->money->said(...)),
        ];
    }

    /**
     * Draws what is there of one thing; nothing of what has no shape.
     *
     * @param float $tape on which offcuts lie, in mm
     */
    private static function picture(StockRow $row, float $tape, string $label): string
    {
        [$cord, $counted, $full] = [$row->cord(), $row->counted(), $row->price?->for];

        return match (true) {
            null !== $cord => StockPicture::cord($cord, $full instanceof Length ? $full : null, $tape, $label),
            null !== $counted => StockPicture::thing(
                $counted->what,
                $counted->count,
                'stock-'.$row->stored->id(),
                $label,
            ),
            default => '',
        };
    }

    /**
     * Draws of what a price is made; each part leads to where it is said or set.
     */
    private function priceBar(Cost $cost): string
    {
        $parts = [];
        $all = $cost->total();
        foreach ($cost->parts() as $kind => $sum) {
            $isSet = !\in_array($kind, ['cord', 'beads', 'findings', 'time'], true);
            $parts[] = [
                'kind' => $kind,
                'name' => $this->translator->trans('price.part-'.$kind),
                'money' => $this->money->said($sum),
                'share' => $all->isZero() ? 0.0 : $sum->toFloat() / $all->toFloat(),
                'href' => $isSet ? $this->urls->generate('settings').'#terms' : '#cost-'.$kind,
            ];
        }

        return PriceBar::paint($parts, $this->translator->trans('price.bar', ['total' => $this->money->said($all)]));
    }

    public function getFunctions(): array
    {
        return [
            new TwigFunction('stock_bar', $this->pictures->stockBar(...), ['is_safe' => ['html']]),
            new TwigFunction('stock_picture', self::picture(...), ['is_safe' => ['html']]),
            new TwigFunction('thing_picture', StockPicture::thing(...), ['is_safe' => ['html']]),
            new TwigFunction('price_bar', $this->priceBar(...), ['is_safe' => ['html']]),
            new TwigFunction('stock_shown', StockBar::shown(...)),
            new TwigFunction('in_stock', $this->against->of(...)),
            new TwigFunction('missing', $this->against->missing(...)),
            new TwigFunction('tick_of', Ticks::of(...)),
            new TwigFunction('tick_elsewhere', Ticks::elsewhere(...)),
            new TwigFunction('cord_worth', $this->costing->ofCord(...)),
        ];
    }
}
