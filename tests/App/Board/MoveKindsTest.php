<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Board;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Board\MoveKinds;
use Rinkel\Core\Making\Pace;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Examples;

final class MoveKindsTest extends TestCase
{
    /**
     * What is remembered says of every move of every example what its acts say.
     */
    public function testEachMoveIsOfTheKindThatItsActSays(): void
    {
        foreach (Examples::shipped() as $name => $piece) {
            $acts = (new Planner())->plan($piece)->acts();
            $kinds = MoveKinds::of($acts);
            self::assertSame($acts->moves, $kinds->total, $name);
            foreach ($acts->all as $number => $act) {
                for ($i = 0; $i < $act->stint->count; ++$i) {
                    self::assertSame(Pace::kind($act, $i), $kinds->after($acts->before($number) + $i), $name.' '.$number.' '.$i);
                }
            }
        }
    }

    public function testRunsOfTheSameAreOne(): void
    {
        $kinds = new MoveKinds([['cut', 2], ['knot square', 40], ['trim', 1]]);

        self::assertSame(['cut', 'cut', 'knot square', 'knot square', 'trim', ''], array_map(
            $kinds->after(...),
            [0, 1, 2, 41, 42, 43],
        ));
        self::assertSame([0, 7, 43], array_map($kinds->within(...), [-3, 7, 99]));
    }
}
