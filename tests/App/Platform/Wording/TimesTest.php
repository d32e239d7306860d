<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Wording;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Platform\Wording\Times;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Contracts\Translation\LocaleAwareInterface;

final class TimesTest extends TestCase
{
    /**
     * The hours by which each zone differs from UTC are those of its time at that day, summer and winter.
     */
    public function testTheClockIsThatOfWhoeverReads(): void
    {
        $winter = new \DateTimeImmutable('2026-01-15T13:25:00Z');
        $summer = new \DateTimeImmutable('2026-07-15T13:25:00Z');
        foreach ([
            'UTC' => ['13:25', '13:25'], 'Europe/Amsterdam' => ['14:25', '15:25'], 'Asia/Kolkata' => ['18:55', '18:55'],
            'America/New_York' => ['08:25', '09:25'], 'Pacific/Auckland' => ['02:25', '01:25'],
        ] as $zone => $clocks) {
            $times = self::times($zone, 'en');
            self::assertSame($clocks, [$times->clock($winter), $times->clock($summer->getTimestamp())], $zone);
            self::assertSame($clocks[0], self::times($zone, 'nl')->clock($winter), 'one way to write it');
        }
    }

    public function testAZoneThatIsNoneIsThisMachines(): void
    {
        $here = self::times(null, 'en')->zone()->getName();
        foreach (['Nowhere/Atall', "UTC\0", '../../etc/passwd', str_repeat('A', 200), ''] as $zone) {
            self::assertSame($here, self::times($zone, 'en')->zone()->getName());
        }
    }

    private static function times(?string $zone, string $locale): Times
    {
        $requests = new RequestStack();
        $requests->push(new Request(cookies: null === $zone ? [] : [Times::COOKIE => $zone]));

        return new Times(new class($locale) implements LocaleAwareInterface {
            public function __construct(private string $locale) {}

            public function setLocale(string $locale): void
            {
                $this->locale = $locale;
            }

            public function getLocale(): string
            {
                return $this->locale;
            }
        }, $requests);
    }
}
