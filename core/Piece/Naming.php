<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Quoted;

/**
 * What beads and findings can be called: a word that the notation can take and that means nothing else in a piece.
 *
 * @internal
 */
final class Naming
{
    /** What cords are called by their task. */
    private const TASKS = [
        'core', 'working', 'slider', 'cord', 'strand', 'end', 'lace', 'left', 'right', 'rope', 'thread', 'mesh', 'long', 'short',
    ];

    public static function suits(string $name): bool
    {
        return Pattern::isName($name) && !\in_array(mb_strtolower($name), self::TASKS, true);
    }

    /**
     * Returns why $name does not suit.
     */
    public static function refusal(string $name): Message
    {
        return new Message('no-short-name', ['name' => new Quoted($name)]);
    }

    /**
     * Returns a name like $name that suits and is none of $taken.
     *
     * @param array<array-key, mixed> $taken by name
     */
    public static function near(string $name, array $taken): string
    {
        $stem = mb_substr(preg_replace('/[^\pL\d_-]+/u', '-', mb_scrub($name)) ?? '', 0, 34);
        $stem = 1 === preg_match('/^\pL/u', $stem) ? $stem : 'bead-'.$stem;
        $free = $stem;
        for ($i = 1; !self::suits($free) || isset($taken[$free]); ++$i) {
            $free = rtrim($stem, '-').'-'.$i;
        }

        return $free;
    }
}
