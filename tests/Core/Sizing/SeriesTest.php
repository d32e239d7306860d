<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Sizing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Making\Pace;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Sizing\Operation;
use Rinkel\Core\Sizing\Series;
use Rinkel\Core\Sizing\SizeTurn;
use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\Core\Examples;

final class SeriesTest extends TestCase
{
    /**
     * A series takes the same hands as its pieces one by one, but waits for its glue once.
     */
    public function testASeriesWorksTurnByTurn(): void
    {
        $pace = new Pace();
        $plans = [[Examples::plan(), 3], [Examples::planOf('stretch'), 2]];
        $series = Series::of($plans, $pace);
        $hands = 0.0;
        $longest = 0;
        foreach ($plans as [$plan, $times]) {
            $chain = $pace->chain($plan->acts());
            $hands += $times * array_sum(array_column($chain, 0));
            $longest = max($longest, array_sum(array_column($chain, 1)));
        }
        self::assertEqualsWithDelta($hands, $series->hands(), 1e-6);
        self::assertSame($longest, $series->waiting());
        self::assertSame(Operation::Cut, $series->turns[0]->operation);
        self::assertSame(5, $series->turns[0]->pieces, 'all are cut first');
        $alone = Series::of([[Examples::plan(), 1]], $pace);
        self::assertSame(
            [Operation::Cut, Operation::Tie],
            array_map(static fn (SizeTurn $turn): Operation => $turn->operation, \array_slice($alone->turns, 0, 2)),
        );
        self::assertSame([], Series::of([], $pace)->turns);
    }

    public function testAPieceKnowsTheTurnOfEachOfItsActs(): void
    {
        $plan = Examples::plan();
        $series = Series::of([[$plan, 3], [$plan, 0]], new Pace());
        $all = \count($plan->acts()->all);
        $turns = [];
        for ($act = 0; $act < $all; ++$act) {
            [$turn, $after] = $series->turnOf(0, $act) ?? self::fail('act '.$act);
            self::assertGreaterThan($act, $after);
            self::assertContains($series->turns[$turn]->operation, [
                Operation::of($plan->acts()->all[$act]) ?? $series->turns[$turn]->operation,
            ]);
            $turns[$turn] = $after;
        }
        self::assertSame(array_keys($series->turns), array_keys($turns), 'each turn is of some acts');
        self::assertSame($all, max([0, ...$turns]));
        self::assertNull($series->turnOf(0, $all));
        self::assertNull($series->turnOf(1, 0), 'none is made of it');
        self::assertNull($series->next([$all]));
    }

    /**
     * Whatever order pieces come in, and however far each is already: who always takes the next goes through all turns,
     * and never does one before all pieces are through those before it.
     */
    public function testWhoFollowsTheTurnsFinishesAll(): void
    {
        $plans = array_map(Examples::planOf(...), ['stretch', 'multi-row', 'wave-band', 'stretch']);
        $chance = new Chance(31);
        for ($times = 0; $times < 40; ++$times) {
            $series = Series::of(array_map(static fn (Plan $plan): array => [$plan, 1], $plans), new Pace());
            $at = array_map(static fn (Plan $plan): int => $chance->whole(0, \count($plan->acts()->all)), $plans);
            $last = -1;
            while (null !== $next = $series->next($at)) {
                [$turn, $after] = $series->turnOf($next, $at[$next]) ?? self::fail('It has nothing to do.');
                self::assertGreaterThanOrEqual($last, $turn);
                self::assertGreaterThan($at[$next], $after);
                [$last, $at[$next]] = [$turn, $after];
            }
            self::assertSame(array_map(static fn (Plan $plan): int => \count($plan->acts()->all), $plans), $at);
        }
    }
}
