<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Rehearsal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Rehearsal\Attempt;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Tests\Core\Examples;

final class AttemptTest extends TestCase
{
    public function testASlipHasWhatFollows(): void
    {
        $act = self::act(ActKind::Tie);
        $right = Attempt::right($act, $act->stint->move(0));
        $slip = Attempt::slip($act, $act->stint->move(1), new Message('slip-side'), '4 half left');

        self::assertTrue($right->isRight());
        self::assertNull($right->pattern);
        self::assertFalse($slip->isRight());
        self::assertSame('4 half left', $slip->pattern);
    }

    /**
     * In an address a move has its own key: another side is another move, the same one later is the same.
     */
    public function testTheSameMoveHasTheSameKey(): void
    {
        $act = self::act(ActKind::Tie);
        $of = static fn (int $i): Attempt => Attempt::right($act, $act->stint->move($i));

        self::assertTrue($of(0)->isOneOfMany());
        self::assertMatchesRegularExpression('/^[0-9a-f]{8}$/', $of(0)->key());
        self::assertSame($of(0)->key(), $of(2)->key(), 'two halves on, the same side');
        self::assertNotSame($of(0)->key(), $of(1)->key());
        $cut = self::act(ActKind::Cut);
        self::assertFalse(Attempt::right($cut, $cut->stint->move(0))->isOneOfMany());
        self::assertNotSame($of(0)->key(), Attempt::right($cut, $cut->stint->move(0))->key());
    }

    private static function act(ActKind $does): Act
    {
        foreach ((new Planner())->plan((new PieceReader())->read(Examples::document([])))->acts()->all as $act) {
            if ($does === $act->does) {
                return $act;
            }
        }

        self::fail('Nothing of that kind is done.');
    }
}
