<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Making;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Making\Forecast;
use Rinkel\Core\Making\ShortCordOption;
use Rinkel\Core\Making\ShortCordOptions;
use Rinkel\Core\Making\TapeReading;
use Rinkel\Core\Making\Worked;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Examples;

final class ShortCordOptionsTest extends TestCase
{
    /**
     * Whatever is offered keeps all that is tied, and the cord that was measured is enough for it.
     */
    public function testEachWayOnKeepsWhatIsTiedAndIsEnough(): void
    {
        $planner = new Planner();
        $met = [];
        foreach ([
            Examples::plan(),
            Examples::plan([
                'pattern' => '20 square, (1 bead dot, 3 square) x 4, 1 square x fit',
                'beads' => ['dot' => ['diameter' => '6 mm', 'hole' => '3 mm', 'colour' => '#aa0000']],
            ]),
        ] as $plan) {
            foreach ([0.25, 0.75, 0.95] as $way) {
                foreach (['core', 'working', 'slider'] as $role) {
                    $reading = self::reading($plan, $way, $role, 0.9);
                    foreach (self::ways($plan, $reading) as $option) {
                        $met[$option->key] = true;
                        if (null !== $option->piece) {
                            $then = $planner->plan($option->piece);
                            $place = $then->acts()->placeOf($plan->acts()->made($reading->moves));
                            self::assertNotNull($place, $option->key.' keeps what is tied');
                            $read = new TapeReading($place, $reading->length, $role, $reading->left, begun: self::begun($plan, $role));
                            self::assertGreaterThanOrEqual(0.999, Forecast::of($then, $then->acts(), $read)->serves(), $option->key);
                        }
                    }
                }
            }
        }
        self::assertArrayHasKey('sooner', $met);
        self::assertArrayHasKey('bare', $met);
        self::assertArrayHasKey('join', $met);
        self::assertNotSame([], array_filter(array_keys($met), static fn (string $key): bool => str_starts_with($key, 'closure-')));
    }

    /**
     * Near the end of a band little is left to tie, and its cores have all of their ends.
     */
    public function testCoreAndWorkingCordChangePlacesWhereTheCoreIsLongEnough(): void
    {
        $plan = Examples::plan(['habits' => ['coreEnds' => '300 mm']]);
        $reading = self::reading($plan, 0.95, 'working', 0.8);
        $swap = self::option(self::ways($plan, $reading), 'swap');
        self::assertNotNull($swap);
        [$left, $needed] = [$swap->said->values['left'], $swap->said->values['needed']];
        self::assertInstanceOf(Length::class, $left);
        self::assertInstanceOf(Length::class, $needed);
        self::assertGreaterThanOrEqual($needed->millimetres, $left->millimetres);
        self::assertSame($reading->moves, $swap->at, 'they change places where the work stands');
        self::assertEqualsWithDelta(
            $left->millimetres - ($reading->left->millimetres ?? 0.0),
            $swap->adds->millimetres ?? 0.0,
            1e-9,
            'by so much the working end is longer then',
        );
        $core = Worked::until($plan, $plan->acts(), $reading->moves)->cut('core');
        self::assertNotNull($core);
        self::assertLessThan($core->length->millimetres, $left->millimetres, 'what is in the piece is not at hand');

        self::assertNull(self::option(self::ways($plan, self::reading($plan, 0.25, 'working', 0.8)), 'swap'), 'too early');
        self::assertNull(self::option(self::ways($plan, self::reading($plan, 0.95, 'core', 0.8)), 'swap'), 'not the core itself');
    }

    /**
     * A closure that is offered takes less of the cord that runs short, and by just as much as is said.
     */
    public function testAnotherClosureSavesWhatItSays(): void
    {
        $plan = Examples::plan();
        $closures = array_filter(
            self::ways($plan, self::reading($plan, 0.75, 'slider', 0.9)),
            static fn (ShortCordOption $way): bool => str_starts_with($way->key, 'closure-'),
        );
        self::assertNotSame([], $closures);
        foreach ($closures as $way) {
            self::assertNotNull($way->piece);
            $then = (new Planner())->plan($way->piece);
            self::assertSame($way->key, 'closure-'.$then->draft->fastened->kind->id());
            self::assertSame($then->draft->fastened->kind->id(), $way->said->values['closure'] ?? null);
            $saved = $way->said->values['saved'] ?? null;
            self::assertInstanceOf(Length::class, $saved);
            self::assertEqualsWithDelta(self::closing($plan) - self::closing($then), $saved->millimetres, 1e-6);
            self::assertGreaterThan(0.0, $saved->millimetres);
        }
    }

    /**
     * Returns what the cord of the slider takes for the closure, and to hold it by, in mm.
     */
    private static function closing(Plan $plan): float
    {
        foreach ($plan->cuts as $cut) {
            if ('slider' === $cut->role) {
                return $cut->part('closure')->millimetres + $cut->part('ends')->millimetres;
            }
        }

        return 0.0; // another closure has none
    }

    /**
     * @return list<ShortCordOption>
     */
    private static function ways(Plan $plan, TapeReading $reading): array
    {
        return (new ShortCordOptions(
            $plan,
            $plan->acts(),
            $reading,
            Forecast::of($plan, $plan->acts(), $reading),
            new Planner(),
        ))->all();
    }

    /**
     * @param list<ShortCordOption> $ways
     */
    private static function option(array $ways, string $key): ?ShortCordOption
    {
        return array_values(array_filter($ways, static fn (ShortCordOption $way): bool => $way->key === $key))[0] ?? null;
    }

    /**
     * Returns what is read a share of the way along the first stretch of knots, with a share of what the rest needs.
     */
    private static function reading(Plan $plan, float $way, string $role, float $share): TapeReading
    {
        $steps = $plan->acts();
        $moves = 0;
        foreach ($steps->all as $i => $step) {
            if (null !== $step->spot->due && $step->stint->count > 6) {
                $moves = $steps->before($i) + (int) round($way * $step->stint->count);
                break;
            }
        }
        $length = Worked::until($plan, $steps, $moves)->length();
        $needed = Forecast::of($plan, $steps, new TapeReading($moves, $length, $role, Length::ofMillimetres(900)))->needed();
        self::assertNotNull($needed);

        return new TapeReading($moves, $length, $role, $needed[0]->times($share));
    }

    private static function begun(Plan $plan, string $role): ?Length
    {
        return Forecast::of($plan, $plan->acts(), new TapeReading(0, null, $role, Length::ofMillimetres(900)))->begun();
    }
}
