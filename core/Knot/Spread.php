<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

/**
 * How far makers differ in what their knots measure and take, as standard deviations of logarithms (judgement, kept here
 * alone): one number of each maker, how hard she pushes knots, moves their pitch and their use together; each kind of
 * knot, each cord and each piece differs a little besides.
 *
 * Pushed by s, a knot is s shorter and takes 0.17 s more, so a run of a given length takes 1.17 s more.
 */
final readonly class Spread
{
    /** Of how hard any maker pushes, and one who has said how. */
    private const PUSH = 0.08;
    private const PUSH_SAID = 0.045;

    /** What use per knot has of that. */
    private const USE_OF_PUSH = 0.17;

    /** Of one kind of knot, in pitch and in use. */
    private const KIND = 0.03;

    /** Of one cord, in pitch and in use. */
    private const CORD_PITCH = 0.04;
    private const CORD_USE = 0.03;

    /** Of one piece, in pitch and in use; and of a sample that was measured, in either. */
    private const PIECE = 0.02;

    /** Of what is not pushed together: lacing, braids, single knots. */
    private const UNPUSHED = 0.05;

    /** Four makers of five lie within so many standard deviations. */
    public const FOUR_OF_FIVE = 1.2816;

    /**
     * @param bool $said whether the maker said how hard she pushes
     */
    public function __construct(private bool $said) {}

    /**
     * Returns the spread of what a cord takes in knots.
     *
     * @param list<KnotTake> $takes
     */
    public function ofUse(array $takes): float
    {
        $sum = array_sum(array_map(static fn (KnotTake $take): float => $take->use, $takes));
        if ($sum <= 0.0) {
            return 0.0;
        }
        [$push, $cordPitch, $cordUse, $free, $variance] = [0.0, 0.0, 0.0, 0.0, 0.0];
        $kinds = [];
        foreach ($takes as $take) {
            $share = $take->use / $sum;
            $free += $take->free ? $share : 0.0;
            [$known, $bound] = $kinds[$take->kind] ?? [0.0, 0.0];
            if ($take->isSampled) {
                $kinds[$take->kind] = [$known + $share, $bound + ($take->free ? $share : 0.0)];
                continue;
            }
            $push += $take->isPushed ? $share * (self::USE_OF_PUSH + ($take->free ? 1.0 : 0.0)) : 0.0;
            $cordPitch += $take->isPushed && $take->free ? $share : 0.0;
            $cordUse += $take->isPushed ? $share : 0.0;
            $kinds[$take->kind] = [$known + $share, $bound + ($take->free ? $share : 0.0)];
        }
        foreach ($kinds as $kind => [$known, $bound]) {
            $width = $this->widthOf($takes, (string) $kind);
            $variance += $width ** 2 * ($known ** 2 + $bound ** 2);
        }

        return sqrt(
            $variance
            + ($push * $this->push()) ** 2
            + ($cordPitch * self::CORD_PITCH) ** 2 + ($cordUse * self::CORD_USE) ** 2
            + self::PIECE ** 2 * (1 + $free ** 2),
        );
    }

    /**
     * Returns the spread of the length of one knot.
     */
    public function ofPitch(bool $isPushed, bool $isSampled): float
    {
        return match (true) {
            $isSampled => hypot(self::PIECE, self::PIECE),
            $isPushed => sqrt($this->push() ** 2 + self::KIND ** 2 + self::CORD_PITCH ** 2 + self::PIECE ** 2),
            default => hypot(self::UNPUSHED, self::PIECE),
        };
    }

    private function push(): float
    {
        return $this->said ? self::PUSH_SAID : self::PUSH;
    }

    /**
     * @param list<KnotTake> $takes
     */
    private function widthOf(array $takes, string $kind): float
    {
        foreach ($takes as $take) {
            if ($take->kind === $kind) {
                return match (true) {
                    $take->isSampled => self::PIECE,
                    $take->isPushed => self::KIND,
                    default => self::UNPUSHED,
                };
            }
        }

        return 0.0;
    }
}
