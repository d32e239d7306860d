<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\Fit;
use Rinkel\Core\Pattern\Node\Gap;
use Rinkel\Core\Pattern\Node\Group;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Pattern\Node\Mirror;
use Rinkel\Core\Pattern\Pattern;

/**
 * Grades a pattern: it looks alike in every size, the same repeats of all that shows, and plain knots take the
 * difference. Where the pattern has none that give, some are put at its ends; where it has no knots at all, bare cord.
 *
 * @internal
 */
final class Grading
{
    /**
     * @param list<int> $counts of each fit, in the order of the text, as they are to stay
     */
    public static function of(Pattern $pattern, array $counts): Pattern
    {
        $held = new Pattern(self::held($pattern->parts, $counts));

        return $held->fits() ? $held : new Pattern(self::filled($held->parts, self::filler($pattern)));
    }

    /**
     * @param non-empty-list<Node> $parts
     * @param list<int>            $counts those not used yet
     *
     * @return non-empty-list<Node>
     */
    private static function held(array $parts, array &$counts): array
    {
        return array_map(static function (Node $part) use (&$counts): Node {
            if (!$part instanceof Group) {
                return $part;
            }
            $count = $part->times instanceof Fit ? array_shift($counts) : null;
            if (null !== $count && self::isPlain($part)) {
                return $part;
            }
            $inside = self::held($part->parts, $counts);

            return new Group(
                $inside,
                null === $count ? $part->times : max(1, $count),
                $part->alternate,
                $part->place(),
                $part->exchange,
            );
        }, $parts);
    }

    /**
     * Returns whether a repeat is of nothing but one knot: nobody sees how many there are.
     */
    private static function isPlain(Group $group): bool
    {
        return 1 === \count($group->parts) && $group->parts[0] instanceof Knots;
    }

    private static function filler(Pattern $pattern): Node
    {
        foreach ($pattern->nodes() as $node) {
            if ($node instanceof Knots) {
                return new Group([new Knots(1, $node->kind, cord: $node->cord)], new Fit());
            }
        }

        return new Gap(null);
    }

    /**
     * @param non-empty-list<Node> $parts
     *
     * @return non-empty-list<Node>
     */
    private static function filled(array $parts, Node $filler): array
    {
        $last = $parts[\count($parts) - 1];

        return match (true) {
            $last instanceof Mirror && $last->outwards => [...\array_slice($parts, 0, -1), $filler, $last],
            $last instanceof Mirror => [$filler, ...$parts],
            default => [$filler, ...$parts, $filler],
        };
    }
}
