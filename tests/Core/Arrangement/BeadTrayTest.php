<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Arrangement;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Arrangement\BeadTray;
use Rinkel\Core\Arrangement\Exception\TrayUnread;

final class BeadTrayTest extends TestCase
{
    public function testReadsHowManyOfWhich(): void
    {
        $tray = BeadTray::parse("12 amber 6 mm #c98a2b, 8 x sky\n3 Moss 1/4 in");

        self::assertSame(['amber', 'sky', 'moss'], array_keys($tray->beads));
        self::assertSame([12, 8, 3], array_map(static fn ($bead): ?int => $bead->stock, array_values($tray->beads)));
        self::assertSame([6.0, 6.0, 6.35], array_map(
            static fn ($bead): float => $bead->diameter->millimetres,
            array_values($tray->beads),
        ));
        self::assertSame('#c98a2b', $tray->beads['amber']->colour->hex);
        self::assertNotSame($tray->beads['sky']->colour->hex, $tray->beads['moss']->colour->hex, 'two that are not said differ');
    }

    #[TestWith([''])]
    #[TestWith(['amber'])]
    #[TestWith(['12'])]
    #[TestWith(['12 amber, 3 amber'])]
    #[TestWith(['12 amber 6 furlongs'])]
    #[TestWith(['12 square'])]
    public function testWhatItIsNotIsSaid(string $text): void
    {
        $this->expectException(TrayUnread::class);
        self::assertSame([], BeadTray::parse($text)->beads);
    }

    public function testEachKindIsTakenByItsShare(): void
    {
        $tray = BeadTray::parse('12 amber, 6 sky');

        self::assertSame(['amber' => 4, 'sky' => 2], array_count_values($tray->taken(6)));
        self::assertSame(['amber' => 12, 'sky' => 6], array_count_values($tray->taken(99)), 'never more than there are');
        self::assertSame([18, 5], [$tray->count(99), $tray->count(5)]);
        self::assertSame([], $tray->taken(0));
        $one = $tray->taken(1);
        self::assertSame(['amber'], $one);
    }
}
