<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Rehearsal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Rehearsal\Moment;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Acts;
use Rinkel\Tests\Core\Examples;

final class MomentTest extends TestCase
{
    public function testItKnowsWhatWasAndWhatComes(): void
    {
        $acts = self::acts();
        $first = Moment::after($acts, 0);
        self::assertNull($first?->before());
        self::assertNull($first?->lastSide());
        self::assertSame($acts->all[1], $first?->next());
        self::assertSame($acts->all, $first->ahead());
        self::assertSame(\array_slice($acts->all, 0, 3), $first->ahead(2));

        $tie = array_search(ActKind::Tie, array_column($acts->all, 'does'), true);
        self::assertIsInt($tie);
        $third = Moment::after($acts, $acts->before($tie) + 3);
        self::assertSame($acts->all[$tie - 1], $third?->before());
        self::assertSame($acts->all[$tie]->stint->count - 3, $third->open());
        self::assertSame(Side::Right, $third->move()->side);
        self::assertSame(Side::Left, $third->lastSide());
    }

    public function testAfterTheLastMoveThereIsNone(): void
    {
        $acts = self::acts();
        self::assertNull(Moment::after($acts, $acts->moves));
        self::assertNull(Moment::after($acts, $acts->moves + 7));
        self::assertNull(Moment::after($acts, $acts->moves - 1)?->next());
        self::assertNull(Moment::after(new Acts([]), 0));
    }

    private static function acts(): Acts
    {
        return (new Planner())->plan((new PieceReader())->read(Examples::document()))->acts();
    }
}
