<?php

declare(strict_types=1);

namespace Rinkel\Core\Arrangement;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\Beads;
use Rinkel\Core\Pattern\Node\Bracket;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Pattern\Node\Mirror;
use Rinkel\Core\Pattern\Pattern;

/**
 * Puts an arrangement where a pattern has its beads: all runs and repeats of nothing but beads become the one new run;
 * knots, gaps, focal and mirror stay.
 *
 * @internal
 */
final class Laid
{
    /**
     * Returns the pattern with $run for its beads; null where it has none that stand by themselves.
     */
    public static function in(Pattern $pattern, Beads $run): ?Pattern
    {
        $parts = [];
        $isLaid = false;
        foreach ($pattern->parts as $part) {
            if (!self::isBeads($part)) {
                $parts[] = $part;
            } elseif (!$isLaid) {
                $parts[] = $run;
                $isLaid = true;
            }
        }

        return $isLaid && [] !== $parts ? new Pattern($parts) : null;
    }

    /**
     * Returns whether the pattern has beads that can be arranged.
     */
    public static function isThere(Pattern $pattern): bool
    {
        return [] !== array_filter($pattern->parts, self::isBeads(...));
    }

    /**
     * Returns the beads and findings that have their place in the pattern whatever the order: of words, in the middle,
     * hanging.
     *
     * @return list<string>
     */
    public static function elsewhere(Pattern $pattern): array
    {
        $names = [];
        foreach ($pattern->parts as $part) {
            array_push($names, ...($part->isPlaced() ? $part->names() : []));
        }

        return array_values(array_unique($names));
    }

    /**
     * Returns of how many beads a run is wanted where $count lie on the piece: a mirror shows them twice.
     */
    public static function wanted(Pattern $pattern, int $count): int
    {
        $mirrors = array_filter($pattern->parts, static fn (Node $part): bool => $part instanceof Mirror);

        return max(1, [] === $mirrors ? $count : intdiv($count, 2));
    }

    private static function isBeads(Node $part): bool
    {
        return $part instanceof Bracket
            ? !$part->isMiddle() && [] === array_filter(
                $part->parts(),
                static fn (Node $inside): bool => !self::isBeads($inside),
            )
            : $part instanceof Beads && Lane::Core === $part->lane;
    }
}
