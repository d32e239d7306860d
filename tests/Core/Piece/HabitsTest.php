<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Piece;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;

final class HabitsTest extends TestCase
{
    public function testEachEndIsAsLongAsItIsHeld(): void
    {
        [$usual, $long] = [$this->plan([]), $this->plan(['workingEnds' => '125 mm', 'rounding' => '1 mm'])];
        $exact = $this->plan(['rounding' => '1 mm']);
        self::assertEqualsWithDelta(
            100,
            self::cut($long, 'working')->part('ends')->millimetres - self::cut($exact, 'working')->part('ends')
                ->millimetres,
            1e-6,
            'a folded cord has two ends, each 50 mm longer',
        );
        self::assertEqualsWithDelta(
            self::cut($exact, 'core')->needed()->millimetres,
            self::cut($long, 'core')->needed()->millimetres,
            1e-6,
            'its core is held as before',
        );
        self::assertLessThanOrEqual(1.0, self::cut($exact, 'core')->part('rounding')->millimetres);
        self::assertEqualsWithDelta(0, fmod(self::cut($usual, 'core')->length->millimetres, 10), 1e-6);
    }

    /**
     * A tail is held by itself; only what it is shorter than a hand's breadth is wanted besides.
     */
    public function testATailIsHeldByItself(): void
    {
        $exact = $this->plan(['rounding' => '1 mm', 'coreEnds' => '0 mm']);
        $longer = $this->plan(['rounding' => '1 mm', 'coreEnds' => '0 mm', 'tailEnd' => '25 mm']);
        $held = $this->plan(['rounding' => '1 mm']);
        self::assertEqualsWithDelta(
            30,
            self::cut($longer, 'core')->needed()->millimetres - self::cut($exact, 'core')->needed()->millimetres,
            0.01,
            'each of its two tails stays 15 mm longer',
        );
        self::assertLessThanOrEqual(
            150,
            self::cut($held, 'core')->needed()->millimetres - self::cut($exact, 'core')->needed()->millimetres,
            'a hand’s breadth at each end at most',
        );
    }

    public function testFromTheRightTheFirstBumpSitsOnTheOtherSide(): void
    {
        $ways = static function (Plan $plan): array {
            $squares = array_filter(
                (new Layout($plan))->flat()->placed,
                static fn (Placed $placed): bool => 'square-working' === $placed->motif->name,
            );
            $motif = array_values($squares)[0]->motif;

            return array_map(
                static fn (Point $point): array => [round($point->x, 6), round($point->y, 6)],
                array_merge(...array_map(
                    static fn ($strand): array => array_merge(
                        ...array_map(static fn ($span): array => $span->points, $strand->spans),
                    ),
                    $motif->strands,
                )),
            );
        };
        $left = $ways($this->plan([]));
        self::assertNotSame([], $left);
        self::assertEquals(
            array_map(static fn (array $point): array => [$point[0], -$point[1]], $left),
            $ways($this->plan(['side' => 'right'])),
        );
    }

    public function testTheyAreKeptAndReadBack(): void
    {
        $habits = [
            'rounding' => '5 mm', 'coreEnds' => '60 mm', 'workingEnds' => '90 mm', 'tailEnd' => '15 mm',
            'sliderKnots' => 6,
            'side' => 'right', 'melting' => 'glue', 'gluing' => 'last',
            'working' => 'last', 'stops' => 'first', 'button' => 'last',
        ];
        $written = (new PieceWriter())->write((new PieceReader())->read($this->document($habits)));
        self::assertSame($habits, $written['habits'] ?? null);
        self::assertArrayNotHasKey(
            'habits',
            (new PieceWriter())->write((new PieceReader())->read($this->document([]))),
        );
        self::assertSame(6, $this->plan($habits)->draft->piece->closure->knot->knots);
    }

    /**
     * @param array<string, int|string> $habits
     */
    private function plan(array $habits): Plan
    {
        return (new Planner())->plan((new PieceReader())->read($this->document($habits)));
    }

    /**
     * @param array<string, int|string> $habits
     *
     * @return array<string, mixed>
     */
    private function document(array $habits): array
    {
        return [
            'format' => PieceReader::FORMAT, 'version' => PieceReader::VERSION, 'name' => 'Held',
            'construction' => 'square-knot-band',
            'wearer' => ['girth' => '161 mm'], 'tension' => 'even', 'habits' => $habits,
        ];
    }

    private static function cut(Plan $plan, string $role): Cut
    {
        foreach ($plan->cuts as $cut) {
            if ($role === $cut->role) {
                return $cut;
            }
        }
        self::fail('No cord '.$role.' is cut.');
    }
}
