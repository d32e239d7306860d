<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Material;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Material\Exception\TrayUnweighed;
use Rinkel\Core\Material\Tray;
use Rinkel\Tests\Core\Chance;

final class TrayTest extends TestCase
{
    public function testTenAndAllTellHowMany(): void
    {
        $tray = Tray::weighed(10, 2.5, 100.0);
        self::assertSame(400, $tray->count);
        self::assertLessThan(400, $tray->least);
        self::assertGreaterThan(400, $tray->most);
        $surer = Tray::weighed(50, 12.5, 100.0);
        self::assertLessThan($tray->most - $tray->least, $surer->most - $surer->least, 'the more are counted');
        self::assertSame(10, Tray::weighed(10, 2.5, 2.5)->count);
        self::assertSame(10, Tray::weighed(10, 2.5, 2.5)->least, 'never fewer than were counted');
    }

    /**
     * A thousand trays of beads that differ in weight, read on a scale: nineteen of twenty lie between what is told.
     */
    public function testNineteenOfTwentyTraysLieBetweenWhatIsTold(): void
    {
        $chance = new Chance(12);
        $within = 0;
        for ($i = 0; $i < 1000; ++$i) {
            $count = $chance->whole(40, 300);
            $weights = [];
            for ($bead = 0; $bead < $count; ++$bead) {
                $normal = sqrt(-2 * log($chance->between(1e-9, 1))) * cos(2 * \M_PI * $chance->between(0, 1));
                $weights[] = 0.4 * (1 + 0.05 * $normal);
            }
            $read = static fn (float $grams): float => round($grams, 1);
            $tray = Tray::weighed(10, $read(array_sum(\array_slice($weights, 0, 10))), $read(array_sum($weights)));
            $within += $count >= $tray->least && $count <= $tray->most ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(930, $within, (string) $chance);
        self::assertLessThanOrEqual(985, $within);
    }

    public function testWhatCannotBeIsRefused(): void
    {
        foreach ([[0, 2.0, 9.0], [10, 0.0, 9.0], [10, 2.0, 0.0], [10, 2.0, 1.0]] as [$counted, $some, $all]) {
            try {
                Tray::weighed($counted, $some, $all);
                self::fail('It was counted.');
            } catch (TrayUnweighed $failure) {
                self::assertContains($failure->said()->key, ['tray-unweighed', 'tray-lighter']);
            }
        }
    }
}
