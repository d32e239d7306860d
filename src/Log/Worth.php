<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Rinkel\App\Settings\Custom;
use Rinkel\App\Settings\Preferences;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * What a maker's time is worth, by her own rate; exact to the cent.
 */
final readonly class Worth
{
    public function __construct(
        private Preferences $preferences,
        private TranslatorInterface $translator,
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
        $worth = BigDecimal::of($rate)->multipliedBy($minutes)->dividedBy(60, 2, RoundingMode::HalfUp);
        $format = new \NumberFormatter($this->translator->getLocale(), \NumberFormatter::CURRENCY);

        return (string) $format->formatCurrency($worth->toFloat(), $this->preferences->custom(Custom::Currency));
    }
}
