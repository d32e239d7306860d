<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

use Rinkel\Core\Tight\Internal\Descent;
use Rinkel\Core\Tight\Internal\Energy;
use Rinkel\Core\Tight\Internal\Settled;
use Rinkel\Core\Tight\Internal\Spline;

/**
 * Pulls a tangle tight: soft and coarse at first, then harder and finer, until only what is a tube is left.
 *
 * The same tangle always gives the same, to the last digit on one machine.
 *
 * @internal
 */
final readonly class Tightening
{
    /** @var list<array{float, float}> hardness and how far beads are apart, in finest spacings */
    private const STAGES = [[15.0, 2.0], [30.0, 1.6], [60.0, 1.3], [100.0, 1.0], [200.0, 1.0], [400.0, 1.0]];

    /** Each stage is gone through so many times, with beads laid evenly in between. */
    private const ROUNDS = 3;

    /** Rounds in which tension and friction find each other. */
    private const HELD_BACK = 12;

    private const FEWEST = 8;

    /**
     * @param float                   $spacing of beads at last, in diameters
     * @param int                     $steps   at most, in each round
     * @param (\Closure(): void)|null $told    after each round
     */
    public function __construct(
        private float $spacing = 0.15,
        private int $steps = 1500,
        private ?\Closure $told = null,
    ) {}

    /**
     * Returns how many rounds there are, where nothing holds a cord back.
     */
    public static function rounds(): int
    {
        return self::ROUNDS * \count(self::STAGES);
    }

    public function tighten(Tangle $tangle, ?Tube $tube = null): Tightened
    {
        $tube ??= Tube::ideal();
        $settled = Settled::loose($tangle);
        foreach (self::STAGES as [$hard, $spacing]) {
            $each = ($spacing * $this->spacing) ** 2;
            $onRods = min($hard, $tube->onCores() * $each);
            $hard = min($hard, $tube->hardness * $each);
            for ($round = 0; $round < self::ROUNDS; ++$round) {
                $spread = $this->spread($settled->tangle, $spacing * $this->spacing);
                $settled = $this->settled($spread, $tube, [$hard, $onRods], [], $settled);
                if (null !== $this->told) {
                    ($this->told)();
                }
            }
        }
        $pull = [];
        for ($round = 0; $tube->friction > 0 && $round < self::HELD_BACK; ++$round) {
            $pull = self::heldBack($settled->tangle, $tube, $settled->pressed, $pull);
            $settled = $this->settled($settled->tangle, $tube, $settled->hard, $pull, $settled);
        }

        return new Tightened(
            $tangle,
            $settled->tangle,
            $settled->closest,
            $settled->nearest,
            $settled->left,
            $pull,
            $this->spacing,
        );
    }

    /**
     * @param array{float, float} $hard beads against each other, and on cores
     * @param list<list<float>>   $pull
     */
    private function settled(Tangle $tangle, Tube $tube, array $hard, array $pull, Settled $before): Settled
    {
        $energy = new Energy($tangle, $tube, $hard, $pull, self::load($tangle, $pull));
        $descent = new Descent($energy);
        $places = $descent->down(
            $energy->places(),
            $this->steps,
            1e-4 * sqrt($hard[0]),
            $hard[0] < 50 ? 0.1 : 0.05,
        );

        return new Settled(
            $energy->tangle($places),
            $hard,
            $energy->pressed,
            $energy->closest,
            min($before->nearest, $descent->nearest),
            $descent->left,
        );
    }

    /**
     * Lays beads evenly along each rope's smooth way.
     */
    private function spread(Tangle $tangle, float $spacing): Tangle
    {
        $ropes = array_map(static function (Rope $rope) use ($tangle, $spacing): Rope {
            $cell = $tangle->cell;
            $points = match ($rope->ends) {
                Ends::Held => $rope->points,
                Ends::Joined => [...$rope->points, ...$rope->points, ...$rope->points, $rope->points[0]],
                Ends::Repeats => [
                    ...array_map(static fn (array $point): array => $cell->image($point, -1), $rope->points),
                    ...$rope->points,
                    ...array_map(static fn (array $point): array => $cell->image($point, 1), $rope->points),
                    $cell->image($rope->points[0], 2),
                ],
            };
            $spline = new Spline($points);
            $n = \count($rope->points);
            $isHeld = Ends::Held === $rope->ends;
            [$from, $to] = $isHeld ? [0, $n - 1] : [$n, 2 * $n];
            $stretches = max(self::FEWEST, (int) round(
                ($spline->along[$to] - $spline->along[$from]) / ($spacing * $rope->diameter),
            ));
            $spread = $spline->between($spline->along[$from], $spline->along[$to], $stretches);
            if (!$isHeld) {
                array_pop($spread);
            }

            return $rope->along([] === $spread ? $rope->points : $spread);
        }, $tangle->ropes);

        return $tangle->moved($ropes, $tangle->rods, $tangle->cell);
    }

    /**
     * Returns what friction draws at each bead where the tension of the stretches beside it differs.
     *
     * @param list<list<float>> $pull
     *
     * @return list<float>
     */
    private static function load(Tangle $tangle, array $pull): array
    {
        $load = [];
        foreach ([] === $pull ? [] : $tangle->ropes as $c => $rope) {
            $last = \count($rope->points) - 1;
            foreach ($rope->points as $i => $point) {
                $before = $rope->points[max(0, $i - 1)];
                $after = $rope->points[min($last, $i + 1)];
                $less = isset($pull[$c][$i], $pull[$c][$i - 1]) ? $pull[$c][$i - 1] - $pull[$c][$i] : 0.0;
                $share = $less / max(1e-9, Rope::between($before, $after));
                foreach ([0, 1, 2] as $d) {
                    $load[] = $share * ($after[$d] - $before[$d]);
                }
            }
        }

        return $load;
    }

    /**
     * Returns the tension of each stretch where friction holds back what is pulled: from either end it falls by the
     * share of what presses there (Euler's and Eytelwein's rope), and is never less than the other end leaves.
     *
     * @param array<int, float> $pressed
     * @param list<list<float>> $pull
     *
     * @return list<list<float>>
     */
    private static function heldBack(Tangle $tangle, Tube $tube, array $pressed, array $pull): array
    {
        $found = [];
        $first = 0;
        foreach ($tangle->ropes as $c => $rope) {
            $n = \count($rope->points);
            $tensions = [];
            if (Ends::Held === $rope->ends) {
                $own = \array_slice($pressed, $first, $n);
                $back = array_reverse(self::fallen(array_reverse($own), $tube->friction));
                foreach (self::fallen($own, $tube->friction) as $e => $tension) {
                    $tensions[] = 0.5 * ($pull[$c][$e] ?? 1.0) + 0.5 * max($tension, $back[$e]);
                }
            }
            $found[] = $tensions;
            $first += $n;
        }

        return $found;
    }

    /**
     * @param array<int, float> $pressed by bead, at the tension of now
     *
     * @return list<float> by stretch
     */
    private static function fallen(array $pressed, float $friction): array
    {
        $tension = 1.0;
        $fallen = [];
        for ($e = 0, $edges = \count($pressed) - 1; $e < $edges; ++$e) {
            $fallen[] = $tension;
            $tension = max(0.0, $tension - $friction * $pressed[$e + 1]);
        }

        return $fallen;
    }
}
