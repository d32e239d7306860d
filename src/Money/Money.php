<?php

declare(strict_types=1);

namespace Rinkel\App\Money;

use Brick\Math\BigDecimal;
use Brick\Math\BigNumber;
use Brick\Math\RoundingMode;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\App\Settings\Custom;
use Rinkel\App\Settings\Preferences;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Symfony\Component\Intl\Currencies;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Money in the maker's currency: exact to its smallest coin, and shown as it is written there.
 */
final readonly class Money
{
    public function __construct(
        private Preferences $preferences,
        private TranslatorInterface $translator,
        private Wording $wording,
    ) {}

    /**
     * Returns $sum in whole smallest coins; half a coin counts as one.
     */
    public function rounded(BigNumber $sum): BigDecimal
    {
        return $sum->toScale($this->digits(), RoundingMode::HalfUp);
    }

    /**
     * Returns how many digits a sum has after the point.
     *
     * @return int<0, max>
     */
    public function digits(): int
    {
        return max(0, Currencies::getFractionDigits($this->currency()));
    }

    /**
     * @param string|null $currency by ISO 4217, the maker's when null
     */
    public function said(BigNumber $sum, ?string $currency = null): string
    {
        $format = new \NumberFormatter($this->translator->getLocale(), \NumberFormatter::CURRENCY);

        return (string) $format->formatCurrency($this->rounded($sum)->toFloat(), $currency ?? $this->currency());
    }

    /**
     * Returns what something costs, as it was bought: "€0.85 a metre", "€4.20 for 100".
     */
    public function price(Price $price, Unit $unit): string
    {
        $format = new \NumberFormatter($this->translator->getLocale(), \NumberFormatter::CURRENCY);
        // The price of one small bead has more decimals than there are coins.
        $format->setAttribute(\NumberFormatter::MAX_FRACTION_DIGITS, 4);
        $sum = (string) $format->formatCurrency($price->sum->toFloat(), $this->currency());
        $for = $price->for;

        return $this->translator->trans(match (true) {
            !$price->isOfOne() => 'price.for',
            $for instanceof Length => 'price.a-metre',
            default => 'price.one',
        }, ['price' => $sum, 'for' => (string) ($for instanceof Length ? $this->wording->roomy($for, $unit) : $for)]);
    }

    public function currency(): string
    {
        return $this->preferences->custom(Custom::Currency);
    }
}
