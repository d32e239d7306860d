<?php

declare(strict_types=1);

namespace Rinkel\Core\Hand;

use Rinkel\Core\Knot\Tension;

/**
 * How far makers differ in what their knots measure and take, as standard deviations of logarithms (judgement, kept
 * here alone, until data replace it): one number of each maker, how hard they push knots, moves their pitch and their
 * use together; each kind of knot, each cord and each piece differs a little besides.
 *
 * One who says firm is in the upper fifth of all makers, loose in the lower, even in the three between; so one who says
 * nothing is the mixture of them, and a risk holds over makers as they come.
 *
 * Pushed by s, a knot is s shorter and takes 0.17 s more, so a run of a given length takes 1.17 s more.
 *
 * @internal
 */
final class Priors
{
    /** Of how hard any maker pushes, and one who has said how. */
    private const PUSH = 0.095;
    private const PUSH_SAID = 0.045;

    /** What use per knot has of that. */
    public const USE_OF_PUSH = 0.17;

    /** Of one kind of knot, in pitch and in use. */
    public const KIND = 0.03;

    /** Of one cord, in pitch and in use. */
    public const CORD_PITCH = 0.04;
    public const CORD_USE = 0.03;

    /** Of one piece, in pitch and in use; and of a sample that was measured for one piece alone, in either. */
    public const PIECE = 0.02;

    /** Of one kind of what is not pushed together: lacing, braids, single knots. */
    public const UNPUSHED = 0.05;

    /**
     * Returns how hard a maker pushes who said that of themselves, against an even hand, and how sure that is.
     *
     * @return array{float, float}
     */
    public static function push(?Tension $said): array
    {
        return match ($said) {
            null => [0.0, self::PUSH],
            Tension::Loose => [-0.13, self::PUSH_SAID],
            Tension::Even => [0.0, self::PUSH_SAID],
            Tension::Firm => [0.13, self::PUSH_SAID],
        };
    }

    public static function kind(bool $isPushed): float
    {
        return $isPushed ? self::KIND : self::UNPUSHED;
    }
}
