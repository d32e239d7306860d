<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

use Rinkel\Core\Tight\Internal\KauffmanBracket;

/**
 * Rings as they are seen from one side: which passes over which, in order along each. What is a knot and what is not
 * does not depend on the side; it tells whether a cord ever went through another.
 *
 * @internal
 */
final readonly class Diagram
{
    /** Sides looked from until the one with the fewest crossings is taken. */
    private const SIDES = 30;

    /** No two lines of a ring are seen exactly along each other from here. */
    private const GOLDEN = 2.399963229728653;

    /**
     * @param list<array{int, int, int, int}> $crossings arcs around each, against the clock from the one that comes in
     *                                                   below
     * @param int                             $writhe    crossings to the right less those to the left
     * @param int                             $apart     rings that cross nothing
     */
    private function __construct(private array $crossings, private int $writhe, private int $apart) {}

    /**
     * @param non-empty-list<list<array{float, float, float}>> $rings
     */
    public static function of(array $rings): self
    {
        $best = null;
        for ($side = 0; $side < self::SIDES; ++$side) {
            $seen = self::crossed(array_map(static fn (array $ring): array => self::turned($ring, $side), $rings));
            $best = null === $best || \count($seen) < \count($best) ? $seen : $best;
        }

        return self::numbered($best ?? [], \count($rings));
    }

    /**
     * Returns what stays the same however the rings are moved, as long as none goes through another or itself: the
     * Jones polynomial, by powers of A with t = A⁻⁴ (V. F. R. Jones, 1985, from memory).
     *
     * @return array<int, int>
     */
    public function jones(): array
    {
        $jones = KauffmanBracket::of($this->crossings);
        for ($ring = [] === $this->crossings ? 1 : 0; $ring < $this->apart; ++$ring) {
            $next = [];
            foreach ($jones as $at => $coefficient) {
                $next[$at + 2] = ($next[$at + 2] ?? 0) - $coefficient;
                $next[$at - 2] = ($next[$at - 2] ?? 0) - $coefficient;
            }
            $jones = array_filter($next, static fn (int $coefficient): bool => 0 !== $coefficient);
        }
        $found = [];
        foreach ($jones as $at => $coefficient) {
            $found[$at + 3 * $this->writhe] = 0 === $this->writhe % 2 ? $coefficient : -$coefficient;
        }
        ksort($found);

        return $found;
    }

    /**
     * Returns the determinant: 1 of a ring without a knot, 3 of a trefoil, 5 of a figure eight.
     */
    public function determinant(): int
    {
        [$real, $imaginary] = [0.0, 0.0];
        foreach ($this->jones() as $power => $coefficient) {
            $real += $coefficient * cos($power * \M_PI / 4);
            $imaginary += $coefficient * sin($power * \M_PI / 4);
        }

        return (int) round(sqrt($real ** 2 + $imaginary ** 2));
    }

    public function crossings(): int
    {
        return \count($this->crossings);
    }

    /**
     * @param list<array{float, float, float}> $ring
     *
     * @return list<array{float, float, float}> seen from another side, spread evenly over all
     */
    private static function turned(array $ring, int $side): array
    {
        $tilt = 1 - 2 * ($side + 0.37) / self::SIDES;
        [$around, $up] = [self::GOLDEN * $side + 0.1, acos($tilt)];
        [$c, $s, $cu, $su] = [cos($around), sin($around), cos($up), sin($up)];

        return array_map(static function (array $p) use ($c, $s, $cu, $su): array {
            [$x, $y] = [$c * $p[0] + $s * $p[1], $c * $p[1] - $s * $p[0]];

            return [$x * $cu - $p[2] * $su, $y, $x * $su + $p[2] * $cu];
        }, $ring);
    }

    /**
     * @param list<list<array{float, float, float}>> $rings
     *
     * @return list<array{array{int, float}, array{int, float}, bool}> where each is passed over and under, as the ring
     *                                                                 and how far along it, and whether it goes right
     */
    private static function crossed(array $rings): array
    {
        $lines = [];
        foreach ($rings as $r => $ring) {
            $n = \count($ring);
            foreach ($ring as $i => $a) {
                $b = $ring[($i + 1) % $n];
                $lines[] = [$r, $i, $a[0], $a[1], $a[2], $b[0] - $a[0], $b[1] - $a[1], $b[2] - $a[2]];
            }
        }
        $crossed = [];
        foreach ($lines as $k => [$r, $i, $x, $y, $z, $dx, $dy, $dz]) {
            for ($l = $k + 1, $all = \count($lines); $l < $all; ++$l) {
                [$q, $j, $u, $v, $w, $du, $dv, $dw] = $lines[$l];
                $turn = $dx * $dv - $dy * $du;
                if (0.0 === $turn) {
                    continue;
                }
                $s = (($u - $x) * $dv - ($v - $y) * $du) / $turn;
                $t = (($u - $x) * $dy - ($v - $y) * $dx) / $turn;
                if ($s < 0 || $s >= 1 || $t < 0 || $t >= 1 || self::isNext($rings, $r, $i, $q, $j)) {
                    continue;
                }
                $isOver = $z + $s * $dz > $w + $t * $dw;
                [$one, $other] = [[$r, $i + $s], [$q, $j + $t]];
                $crossed[] = $isOver ? [$one, $other, $turn > 0] : [$other, $one, $turn < 0];
            }
        }

        return $crossed;
    }

    /**
     * @param list<list<array{float, float, float}>> $rings
     */
    private static function isNext(array $rings, int $r, int $i, int $q, int $j): bool
    {
        $n = \count($rings[$r]);

        return $r === $q && (($i + 1) % $n === $j || ($j + 1) % $n === $i);
    }

    /**
     * @param list<array{array{int, float}, array{int, float}, bool}> $crossed
     */
    private static function numbered(array $crossed, int $rings): self
    {
        $passages = [];
        foreach ($crossed as $c => [$over, $under]) {
            $passages[$over[0]][] = [$over[1], $c, true];
            $passages[$under[0]][] = [$under[1], $c, false];
        }
        $arc = 0;
        $arcs = [];
        foreach ($passages as $along) {
            usort($along, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
            $first = $arc;
            $n = \count($along);
            foreach ($along as $k => [, $c, $isOver]) {
                $arcs[$c][$isOver ? 'over' : 'under'] = [$first + $k, $first + ($k + 1) % $n];
            }
            $arc += $n;
        }
        $found = [];
        $writhe = 0;
        foreach ($crossed as $c => [, , $isRight]) {
            [$in, $out] = $arcs[$c]['under'] ?? [0, 0];
            [$from, $to] = $arcs[$c]['over'] ?? [0, 0];
            $found[] = $isRight ? [$in, $to, $out, $from] : [$in, $from, $out, $to];
            $writhe += $isRight ? 1 : -1;
        }

        return new self($found, $writhe, $rings - \count($passages));
    }
}
