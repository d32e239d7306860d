<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Work;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\OutletEnds;
use Rinkel\Core\Work\WorkCord;
use Rinkel\Tests\Core\Examples;

final class OutletTest extends TestCase
{
    public function testNoTipComesOutWhereCordsAreFolded(): void
    {
        $cord = Examples::plan()->sheet->cords[0];
        $out = self::outlet($cord, false);

        self::assertSame([$cord->a], $out->tails());
        self::assertSame([], self::outlet($cord, true)->tails());
        self::assertSame(['start', 'end start', 'core'], [$out->side(), $out->stretch('end'), $out->role()]);
        self::assertSame(25.0, $out->from(Length::ofMillimetres(20))->millimetres, 'with what lies bare');
    }

    public function testEndsThatTiedAreLaidInOrLeaveElsewhere(): void
    {
        $cord = Examples::plan()->sheet->cords[2];
        $out = new Outlet(true, Landmark::of('mark'), Length::zero(), new OutletEnds([], [$cord->a, $cord->b]));

        self::assertSame([[], [$cord->a, $cord->b]], [$out->layingIn()->ends->tied, $out->layingIn()->ends->laid]);
        self::assertSame('last-edge', $out->tiedAt(Landmark::of('last-edge'))->ends->tiedAt?->id);
        self::assertNull($out->role(), 'nothing carries it');
    }

    private static function outlet(WorkCord $cord, bool $isFolded): Outlet
    {
        return new Outlet(
            true,
            Landmark::of('start-edge'),
            Length::ofMillimetres(5),
            new OutletEnds([$cord->a]),
            isFolded: $isFolded,
        );
    }
}
