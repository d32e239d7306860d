<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

use Rinkel\Core\Material\Strain;
use Rinkel\Core\Message;

/**
 * How long glue is left alone before the work goes on, in minutes: of elastic and of what is glued in common practice,
 * of cord from memory. The label of the glue comes first.
 *
 * @internal
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
    public static function in(Acts $acts): array
    {
        $cures = [];
        foreach ($acts->all as $act) {
            if (null !== $act->care->cure && !\in_array($act->care->cure, $cures, true)) {
                $cures[] = $act->care->cure;
            }
        }

        return $cures;
    }

    /**
     * Returns how it is said that something is left alone for so long; whole hours as such.
     */
    public static function said(int $minutes): Message
    {
        return new Message('cure', ['minutes' => $minutes, 'hours' => 0 === $minutes % 60 ? intdiv($minutes, 60) : 0]);
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
