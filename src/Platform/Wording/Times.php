<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Wording;

use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Contracts\Service\ResetInterface;
use Symfony\Contracts\Translation\LocaleAwareInterface;

/**
 * Says times by the clock of whoever reads them: their browser tells its time zone, else it is this machine's. One way
 * to write the time of a day, everywhere.
 */
final class Times implements ResetInterface
{
    /** In which a browser tells its time zone. */
    public const COOKIE = 'zone';

    private const CLOCK = 'HH:mm';

    /** Where clocks go to twelve, by language; and where dates are written as elsewhere than a language's name says. */
    private const TWELVE = ['en_US' => 'h:mm a'];
    private const REGIONS = ['en' => 'en_GB'];

    private ?\DateTimeZone $zone = null;

    /** @var array<string, \IntlDateFormatter> by language, zone and how; a page says many times */
    private array $formats = [];

    public function __construct(
        private readonly LocaleAwareInterface $translator,
        private readonly RequestStack $requests,
    ) {}

    public function zone(): \DateTimeZone
    {
        return $this->zone ??= $this->read();
    }

    /**
     * Returns the time of the day: "13:25", "1:25 PM".
     */
    public function clock(\DateTimeInterface|int $at): string
    {
        return $this->format(
            \IntlDateFormatter::NONE,
            $at,
            self::TWELVE[$this->translator->getLocale()] ?? self::CLOCK,
        );
    }

    /**
     * Returns when something was as people say it: "today, 08:30", "yesterday, …", later by its date.
     */
    public function moment(\DateTimeInterface|int $at): string
    {
        return $this->format(\IntlDateFormatter::RELATIVE_MEDIUM, $at).', '.$this->clock($at);
    }

    /**
     * Returns when something is, its day only where that is another.
     */
    public function soon(\DateTimeInterface|int $at): string
    {
        $isToday = $this->format(\IntlDateFormatter::SHORT, $at) === $this->format(\IntlDateFormatter::SHORT, time());

        return ($isToday ? '' : $this->day($at).', ').$this->clock($at);
    }

    public function day(\DateTimeInterface|int $at): string
    {
        return $this->format(\IntlDateFormatter::MEDIUM, $at);
    }

    /**
     * Returns a day of these weeks, short: "Fri 12".
     */
    public function shortDay(\DateTimeInterface|int $at): string
    {
        return $this->format(\IntlDateFormatter::NONE, $at, 'EEE d');
    }

    /**
     * Returns noon of the day that it is here, by which days are counted.
     */
    public function today(\DateTimeImmutable $now): \DateTimeImmutable
    {
        return new \DateTimeImmutable($now->setTimezone($this->zone())->format('Y-m-d').' 12:00', new \DateTimeZone('UTC'));
    }

    public function reset(): void
    {
        $this->zone = null;
    }

    private function format(int $days, \DateTimeInterface|int $at, ?string $pattern = null): string
    {
        $language = $this->translator->getLocale();

        $key = $language.' '.$this->zone()->getName().' '.$days.' '.$pattern;

        return (string) ($this->formats[$key] ??= new \IntlDateFormatter(
            self::REGIONS[$language] ?? $language,
            $days,
            \IntlDateFormatter::NONE,
            $this->zone(),
            null,
            $pattern,
        ))->format($at);
    }

    private function read(): \DateTimeZone
    {
        $told = $this->requests->getMainRequest()?->cookies->get(self::COOKIE);
        foreach ([$told, \ini_get('date.timezone'), 'UTC'] as $name) {
            try {
                if (\is_string($name) && 1 === preg_match('~^[A-Za-z][A-Za-z0-9_+/-]{1,60}$~D', $name)) {
                    return new \DateTimeZone($name);
                }
            } catch (\Exception) {
                // No zone that is known here.
            }
        }

        return new \DateTimeZone('UTC');
    }
}
