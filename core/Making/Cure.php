<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

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

    public function minutes(): int
    {
        return match ($this) {
            self::Cord => 30,
            self::Elastic => 120,
            self::End => 60,
        };
    }
}
