<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Twig;

use Rinkel\App\Money\Money;
use Rinkel\App\Price\Costing;
use Rinkel\App\Stock\StockComparison;
use Rinkel\App\Stock\Ticks;
use Rinkel\App\Svg\PagePictures;
use Rinkel\App\Svg\StockBar;
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
    ) {}

    public function getFilters(): array
    {
        return [
            new TwigFilter('price', $this->money->price(...)),
            new TwigFilter('money', $this->money->said(...)),
        ];
    }

    public function getFunctions(): array
    {
        return [
            new TwigFunction('stock_bar', $this->pictures->stockBar(...), ['is_safe' => ['html']]),
            new TwigFunction('stock_shown', StockBar::shown(...)),
            new TwigFunction('in_stock', $this->against->of(...)),
            new TwigFunction('missing', $this->against->missing(...)),
            new TwigFunction('tick_of', Ticks::of(...)),
            new TwigFunction('tick_elsewhere', Ticks::elsewhere(...)),
            new TwigFunction('cord_worth', $this->costing->ofCord(...)),
        ];
    }
}
