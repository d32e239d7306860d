<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

use Rinkel\Core\Material\Strain;

/**
 * How long glue is left alone before the work goes on, in minutes: of elastic and of what is glued in common practice,
 * of cord from memory. The label of the glue comes first.
 */
enum Cure
{
    /** A drop on a cord's end or its last knots. */
    case Cord;

    /** The knot of an elastic: one to two hours. */
    case Elastic;

    /** Ends butted, a magnet or an end cap glued on, a stone in its setting. */
    case End;

    /**
     * Returns each cure that a piece waits for while it is made, once.
     *
     * @return list<self>
     */
    public static function in(Steps $steps): array
    {
        $cures = [];
        foreach ($steps->all as $step) {
            $cure = self::of($step);
            if (null !== $cure && !\in_array($cure, $cures, true)) {
                $cures[] = $cure;
            }
        }

        return $cures;
    }

    /**
     * Returns what a step waits for, null where it waits for no glue.
     */
    public static function of(Step $step): ?self
    {
        return match ($step->said->key) {
            'cure-cord' => self::Cord,
            'cure-elastic' => self::Elastic,
            'cure-end' => self::End,
            default => null,
        };
    }

    /**
     * Returns what the glued place has to bear.
     */
    public function strain(): Strain
    {
        return match ($this) {
            self::Cord => Strain::Bending,
            self::Elastic => Strain::Stretch,
            self::End => Strain::Knocks,
        };
    }

    public function minutes(): int
    {
        return match ($this) {
            self::Cord => 30,
            self::Elastic => 120,
            self::End => 60,
        };
    }
}
