<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Rehearsal\Misstep;

use Rinkel\Core\Knot\Side;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Rehearsal\Misstep\OtherSide;
use Rinkel\Core\Work\ActKind;
use Rinkel\Tests\Core\Examples;

final class OtherSideTest extends MisstepCase
{
    public function testASideTwiceTurnsAFlatBand(): void
    {
        $acts = self::acts([]);
        $tie = self::before($acts, ActKind::Tie);
        self::assertSame('slip-side', self::slip(new OtherSide(), $acts, $tie)->follows?->key);
        $second = self::slip(new OtherSide(), $acts, $tie + 1);
        self::assertSame('slip-repeats', $second->follows?->key);
        self::assertSame(Side::Left, $second->move->side, 'the first half came from the left');
        self::assertSame('1 square, 4 half left, 4 square', $second->pattern);
        $later = self::slip(new OtherSide(), $acts, $tie + 6);
        self::assertSame(['side' => 'right', 'next' => 'left'], $later->follows->values ?? []);
        self::assertSame('3 square, 4 half right, 4 square', $later->pattern);
    }

    /**
     * The band that is drawn is one: it can be planned, and a part of it turns.
     */
    public function testWhatIsDrawnOfASlipIsABand(): void
    {
        $acts = self::acts([]);
        for ($moves = self::before($acts, ActKind::Tie) + 1; $moves < 40; ++$moves) {
            $pattern = self::slip(new OtherSide(), $acts, $moves)->pattern;
            $plan = (new Planner())->plan((new PieceReader())->read(Examples::document(['pattern' => $pattern])));
            $knots = $plan->acts()->knots();
            self::assertSame(4.0, ($knots['half left'] ?? 0.0) + ($knots['half right'] ?? 0.0));
            self::assertGreaterThan(1.0, $knots['square']);
        }
    }

    public function testASpiralTurnsBackFromTheOtherSide(): void
    {
        $acts = self::acts(['pattern' => '1 half left x fit']);
        $tie = self::before($acts, ActKind::Tie, 'half left') + 3;
        $slip = self::slip(new OtherSide(), $acts, $tie);
        self::assertSame('slip-turns-back', $slip->follows?->key);
        self::assertSame('8 half left, 1 half right, 4 half left', $slip->pattern);
    }
}
