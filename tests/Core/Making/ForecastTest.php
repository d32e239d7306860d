<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Making;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Hand\Priors;
use Rinkel\Core\Making\Forecast;
use Rinkel\Core\Making\ShortCordOption;
use Rinkel\Core\Making\ShortCordOptions;
use Rinkel\Core\Making\TapeReading;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Work\Acts;
use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\Core\Examples;

/**
 * What is told of a piece in the making comes true as often as it says.
 */
final class ForecastTest extends TestCase
{
    /**
     * A thousand makers whose hands differ as the priors say tie half of a band; what they read on the tape, with the
     * error of a tape, foretells its length and its cord.
     */
    public function testWhatIsForetoldComesTrueInNineteenOfTwentyPieces(): void
    {
        $chance = new Chance(314);
        $plan = Examples::plan(['tension' => null]);
        $steps = $plan->acts();
        $half = self::halfTied($steps);
        $cut = self::cut($plan, 'working');
        [$within, $wide, $short] = [0, 0.0, 0];
        for ($i = 0; $i < 1000; ++$i) {
            [$pitch, $use] = self::maker($chance);
            $body = $plan->draft->body()->millimetres;
            $length = $body / 2 * exp($pitch) + 1.5 * self::normal($chance);
            $knots = $cut->part('knots')->millimetres / 2;
            $taken = $cut->part('straight')->millimetres / 4 + $knots / 2 * exp($use);
            $left = $cut->length->millimetres / 2 - $taken + 2.1 * self::normal($chance);
            $forecast = Forecast::of($plan, $steps, new TapeReading(
                $half,
                Length::ofMillimetres($length),
                'working',
                Length::ofMillimetres(max(1.0, $left)),
            ));
            [, $least, $most] = $forecast->body();
            $real = $body / 2 * exp($pitch) * 2;
            $within += $real >= $least->millimetres && $real <= $most->millimetres ? 1 : 0;
            $wide += $most->minus($least)->millimetres / 1000;
            // Bound by its length, the rest takes so much of an end: fewer knots where they are longer.
            $needed = $knots * (1 - exp($pitch) / 2) * exp($use - $pitch);
            $end = ($cut->part('closure')->millimetres + $cut->part('ends')->millimetres) / 2
                + $cut->part('straight')->millimetres / 4;
            $short += $needed + $end > ($forecast->needed()[1] ?? Length::zero())->millimetres ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(930, $within, (string) $chance);
        self::assertLessThanOrEqual(972, $within);
        self::assertLessThan(0.08 * $plan->draft->body()->millimetres, $wide, 'and it says something');
        self::assertLessThanOrEqual(32, $short, 'once in fifty runs short');
        self::assertGreaterThanOrEqual(8, $short);
    }

    /**
     * Two thousand makers read tape and cord at three quarters of a band that one in twenty of them cannot end. At
     * least four fifths of those were shown a chance of one in five or more that it will not do, and it comes true as
     * often as is said.
     */
    public function testMakersWhoRunShortAreWarned(): void
    {
        $chance = new Chance(7);
        $plan = Examples::plan(['tension' => null, 'risk' => 20]);
        $acts = $plan->acts();
        [$number, $knots] = self::tied($acts);
        $done = intdiv(3 * $knots, 4);
        $share = $done / $knots;
        $cut = self::cut($plan, 'working');
        $body = $plan->draft->body()->millimetres;
        $use = $cut->part('knots')->millimetres / 2;
        $ends = ($cut->part('ends')->millimetres + $cut->part('straight')->millimetres) / 2;
        [$short, $warned, $told] = [0, 0, array_fill(0, 10, [0, 0])];
        for ($i = 0; $i < 2000; ++$i) {
            [$p, $u] = self::maker($chance);
            $long = $body * $share * exp($p);
            $left = $cut->parting->at->millimetres - $use * $share * exp($u);
            $isShort = $ends + $use * (1 - $share * exp($p)) * exp($u - $p) > $left;
            $suffices = Forecast::of($plan, $acts, new TapeReading(
                $acts->before($number) + $done,
                Length::ofMillimetres($long + 1.5 * self::normal($chance)),
                'working',
                Length::ofMillimetres(max(1.0, $left + 2.1 * self::normal($chance))),
            ))->suffices() ?? self::fail('A chance is told.');
            $short += $isShort ? 1 : 0;
            $warned += $isShort && $suffices <= 0.8 ? 1 : 0;
            $tenth = min(9, (int) (10 * (1 - $suffices)));
            $told[$tenth] = [$told[$tenth][0] + 1, $told[$tenth][1] + ($isShort ? 1 : 0)];
        }
        self::assertGreaterThan(60, $short, 'one in twenty runs short');
        self::assertLessThan(140, $short);
        self::assertGreaterThan(0.8 * $short, $warned);
        foreach ($told as $tenth => [$makers, $came]) {
            // Of so few as are told the same, what comes true is off by three deviations at most.
            $by = 3 * sqrt(max(1, $makers) * 0.25) + 1;
            self::assertGreaterThanOrEqual($makers * $tenth / 10 - $by, $came, $tenth.' tenths');
            self::assertLessThanOrEqual($makers * ($tenth + 1) / 10 + $by, $came, $tenth.' tenths');
        }
    }

    /**
     * Without any reading it is as unsure as the plan; a reading of the length tells of the cord too, as a hand that
     * pushes hard ties shorter knots that take more.
     */
    public function testAReadingMakesItSurer(): void
    {
        $plan = Examples::plan(['tension' => null]);
        $steps = $plan->acts();
        $none = Forecast::of($plan, $steps, new TapeReading(self::halfTied($steps)));
        $read = Forecast::of($plan, $steps, new TapeReading(
            self::halfTied($steps),
            $plan->draft->body()->times(0.5 * exp(-0.12)),
        ));
        self::assertEqualsWithDelta(0.0, $none->pitch, 1e-12);
        self::assertLessThan(0.3 * $none->pitchSpread, $read->pitchSpread);
        self::assertLessThan($none->useSpread, $read->useSpread);
        self::assertEqualsWithDelta(-0.12, $read->pitch, 0.01);
        self::assertGreaterThan(0.005, $read->use);
        self::assertNull($none->suffices(), 'no cord was measured');
        self::assertSame(0, $none->more());
        $knots = 2 * ($steps->knots()['square'] - 4);
        self::assertEqualsWithDelta(
            $knots * (exp(0.12) - 1),
            $read->more(),
            3.0,
            'half knots more, as they came out shorter',
        );
        [$pushed, $drawn] = $read->give();
        self::assertTrue($pushed->isShorterThan($drawn));
    }

    public function testTheChanceGrowsWithWhatIsLeft(): void
    {
        $plan = Examples::plan();
        $steps = $plan->acts();
        $chances = array_map(static fn (int $left): float => Forecast::of($plan, $steps, new TapeReading(
            self::halfTied($steps),
            $plan->draft->body()->times(0.5),
            'working',
            Length::ofMillimetres($left),
        ))->suffices() ?? -1.0, [5, 300, 500, 560, 620, 700, 1000]);
        $sorted = $chances;
        sort($sorted);
        self::assertSame($sorted, $chances);
        self::assertLessThan(0.01, $chances[0]);
        self::assertGreaterThan(0.99, $chances[6]);
    }

    /**
     * A band whose cord will not be enough: every way on that can be had, the least change first, and each keeps what
     * is tied and is enough.
     */
    public function testEveryWayOutIsWorkedOutAndKeepsWhatIsTied(): void
    {
        $planner = new Planner();
        $plan = (new Planner())->plan(Examples::shipped()['harbour-rail']);
        $steps = $plan->acts();
        $reached = self::runningShort($plan, $steps, 0.72);
        $ways = (new ShortCordOptions($plan, $steps, $reached, Forecast::of($plan, $steps, $reached), $planner))->all();
        $keys = array_map(static fn (ShortCordOption $way): string => $way->key, $ways);
        self::assertContains('sooner', $keys);
        self::assertContains('join', $keys);
        self::assertContains('bare', $keys);
        $harms = array_map(static fn (ShortCordOption $way): float => $way->harm, $ways);
        $sorted = $harms;
        sort($sorted);
        self::assertSame($sorted, $harms);
        foreach ($ways as $way) {
            if (null !== $way->piece) {
                $then = $planner->plan($way->piece);
                $place = $then->acts()->placeOf($steps->made($reached->moves));
                self::assertNotNull($place, $way->key);
                self::assertSame($steps->made($reached->moves), $then->acts()->made($place), $way->key);
            }
        }
        $sooner = $ways[(int) array_search('sooner', $keys, true)];
        self::assertNotNull($sooner->piece);
        $shorter = $planner->plan($sooner->piece);
        self::assertTrue($shorter->draft->body()->isShorterThan($plan->draft->body()));

        $bare = $ways[(int) array_search('bare', $keys, true)];
        self::assertNotNull($bare->piece, 'bare cord takes the place of knots');
        self::assertEqualsWithDelta(
            $plan->draft->body()->millimetres,
            $planner->plan($bare->piece)->draft->body()->millimetres,
            3.0,
        );

        $enough = new TapeReading($reached->moves, $reached->length, 'working', Length::ofMillimetres(1500));
        self::assertSame(
            [],
            (new ShortCordOptions($plan, $steps, $enough, Forecast::of($plan, $steps, $enough), $planner))->all(),
        );
    }

    public function testWhatCannotBeIsAskedBack(): void
    {
        $plan = Examples::plan();
        $steps = $plan->acts();
        $half = self::halfTied($steps);
        $length = $plan->draft->body()->times(0.5);
        $said = static fn (TapeReading $reached, ?TapeReading $before = null): ?string => $reached
            ->impossible($plan, $steps, $before)?->key;
        self::assertNull($said(new TapeReading($half, $length)));
        self::assertSame('reached-absurd', $said(new TapeReading($half, $length->times(2.54))), 'inches for centimetres');
        self::assertSame('reached-nothing', $said(new TapeReading(1, $length)));
        self::assertSame(
            'reached-longer',
            $said(new TapeReading($half, $length, 'working', Length::ofMillimetres(9000))),
        );
        $before = new TapeReading($half - 2, $length);
        self::assertSame('reached-shorter', $said(new TapeReading($half, $length->times(0.9)), $before));
        self::assertNull($said(new TapeReading($half - 8, $length->times(0.9)), $before), 'some were undone');
    }

    /**
     * @return array{float, float} logarithms of pitch and use against the model, as the priors of docs/model.md draw
     *                             them
     */
    private static function maker(Chance $chance): array
    {
        $push = Priors::push(null)[1] * self::normal($chance);
        $own = static fn (float ...$spreads): float => array_sum(array_map(
            static fn (float $spread): float => $spread * self::normal($chance),
            $spreads,
        ));

        return [
            -$push + $own(Priors::KIND, Priors::CORD_PITCH, Priors::PIECE),
            Priors::USE_OF_PUSH * $push + $own(Priors::KIND, Priors::CORD_USE, Priors::PIECE),
        ];
    }

    /**
     * Returns a normal number (G. Box and M. Muller, 1958).
     */
    private static function normal(Chance $chance): float
    {
        return sqrt(-2 * log($chance->between(1e-9, 1))) * cos(2 * \M_PI * $chance->between(0, 1));
    }

    /**
     * Returns the place of the act that ties the body until its length, and how many moves it has.
     *
     * @return array{int, int}
     */
    private static function tied(Acts $acts): array
    {
        foreach ($acts->all as $i => $act) {
            if ('tie-until' === $act->said->key) {
                return [$i, $act->stint->count];
            }
        }
        self::fail('Nothing is tied until a length is reached.');
    }

    private static function halfTied(Acts $steps): int
    {
        foreach ($steps->all as $i => $step) {
            if (null !== $step->spot->due) {
                return $steps->before($i) + intdiv($step->stint->count, 2);
            }
        }

        return 0;
    }

    /**
     * Returns a reading half way along, with so much of what the rest needs.
     */
    private static function runningShort(Plan $plan, Acts $steps, float $share): TapeReading
    {
        $half = self::halfTied($steps);
        $read = new TapeReading($half, $plan->draft->body()->times(0.5), 'working', Length::ofMillimetres(900));
        $needed = Forecast::of($plan, $steps, $read)->needed()[0] ?? Length::zero();

        return new TapeReading($half, $read->length, 'working', $needed->times($share));
    }

    private static function cut(Plan $plan, string $role): Cut
    {
        foreach ($plan->cuts as $cut) {
            if ($cut->role === $role) {
                return $cut;
            }
        }
        self::fail('There is no '.$role.'.');
    }
}
