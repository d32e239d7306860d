<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Tight\Internal;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Tight\Cell;
use Rinkel\Core\Tight\Inside;
use Rinkel\Core\Tight\Internal\Energy;
use Rinkel\Core\Tight\Rope;
use Rinkel\Core\Tight\Tangle;
use Rinkel\Core\Tight\TightKnots;
use Rinkel\Core\Tight\Tube;

final class EnergyTest extends TestCase
{
    /**
     * The slope is the energy's own: as much as it changes when one place is moved a little.
     */
    #[DataProvider('provideTangles')]
    public function testTheSlopeIsHowMuchTheEnergyChanges(Tangle $tangle): void
    {
        $stiff = Tube::ideal()->asStiffAs(0.7);
        self::assertSlope($tangle, $stiff, [20.0, 20.0]);
        self::assertSlope($tangle, $stiff->asHardAs(80.0, 40.0), [20.0, 12.0]);
    }

    /**
     * @param array{float, float} $hard
     */
    private static function assertSlope(Tangle $tangle, Tube $tube, array $hard): void
    {
        $energy = new Energy($tangle, $tube, $hard);
        $places = $energy->places();
        $energy->at($places);
        $slope = $energy->slope;
        $tried = 0;
        for ($i = 0; $i < $energy->size; $i += 1 + intdiv($energy->size, 97)) {
            $tried += self::compare($energy, $places, $slope, $i);
        }
        $cell = $energy->size - 2 - 2 * \count($tangle->rods);
        foreach ($tangle->cell->repeats() ? range($cell, $energy->size - 1) : [] as $i) {
            $tried += self::compare($energy, $places, $slope, $i);
        }
        self::assertGreaterThan(30, $tried);
    }

    /**
     * @return iterable<string, array{Tangle}>
     */
    public static function provideTangles(): iterable
    {
        foreach (['square', 'half left', 'hitch', 'sliding barrel', 'braid'] as $id) {
            $laid = TightKnots::named($id)?->laid(Inside::of('square' === $id ? 2 : 1, 1.2), 0.2);
            self::assertNotNull($laid);
            // As loose as it lies hardly anything touches: half as large it does.
            $ropes = array_map(static fn (Rope $rope): Rope => $rope->along(array_map(
                static fn (array $p): array => [0.6 * $p[0], 0.6 * $p[1], 0.6 * $p[2]],
                $rope->points,
            )), $laid->ropes);
            $cell = $laid->cell->repeats() && 'half left' === $id
                ? Cell::turning(0.6 * $laid->cell->pitch, 0.3, 0.2)
                : ($laid->cell->repeats() ? Cell::straight(0.6 * $laid->cell->pitch, 0.2) : $laid->cell);
            yield $id => [Tangle::of($ropes, $laid->rods, $cell)];
        }
    }

    /**
     * @param array<int, float> $places
     * @param array<int, float> $slope
     */
    private static function compare(Energy $energy, array $places, array $slope, int $i): int
    {
        if (0.0 === $slope[$i]) {
            return 0; // held
        }
        $at = $places[$i];
        $places[$i] = $at + 1e-6;
        $more = $energy->at($places);
        $places[$i] = $at - 1e-6;
        $less = $energy->at($places);
        self::assertEqualsWithDelta(($more - $less) / 2e-6, $slope[$i], 1e-3 * (1 + abs($slope[$i])), 'at '.$i);

        return 1;
    }
}
