<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Rinkel\App\Settings\Custom;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Stock\CordStock;
use Rinkel\App\Stock\StockRow;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * What a maker's time is worth, by her own rate, and her cord, by what she paid for a metre; exact to the cent.
 */
final class Worth
{
    /** @var list<StockRow>|null what is in stock, asked for once */
    private ?array $rows = null;

    public function __construct(
        private readonly Preferences $preferences,
        private readonly TranslatorInterface $translator,
        private readonly CordStock $stock,
    ) {}

    /**
     * Returns what so many minutes cost, as money is written there; "" where no rate is set.
     */
    public function ofMinutes(int $minutes): string
    {
        $rate = $this->preferences->custom(Custom::Rate);
        if ('' === $rate) {
            return '';
        }

        return $this->said(BigDecimal::of($rate)->multipliedBy($minutes)->dividedBy(60, 2, RoundingMode::HalfUp));
    }

    /**
     * Returns what so much of a cord costs, as money is written there; "" where no such cord with a price is in stock.
     */
    public function ofCord(Cord $cord, Length $length): string
    {
        $this->rows ??= $this->stock->rows();
        foreach ($this->rows as $row) {
            if ('' !== $row->stored->text('price') && true === $row->cord?->isOf($cord)) {
                $millimetres = BigDecimal::of(\sprintf('%.3F', $length->millimetres));

                return $this->said(
                    BigDecimal::of($row->stored->text('price'))->multipliedBy($millimetres)
                        ->dividedBy(1000, 2, RoundingMode::HalfUp),
                );
            }
        }

        return '';
    }

    private function said(BigDecimal $worth): string
    {
        $format = new \NumberFormatter($this->translator->getLocale(), \NumberFormatter::CURRENCY);

        return (string) $format->formatCurrency($worth->toFloat(), $this->preferences->custom(Custom::Currency));
    }
}
