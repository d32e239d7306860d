<?php

declare(strict_types=1);

namespace Rinkel\Core\Line;

use Rinkel\Core\Knot\Kind\HalfLeft;
use Rinkel\Core\Knot\Kind\HalfRight;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\Group;
use Rinkel\Core\Pattern\Node\Knots;

/**
 * Half knots by turns from the left and from the right are square knots, however they are written:
 * "(1 half left, 1 half right) x 20", "1 half left x 40 alternate", one after the other in a row.
 *
 * @internal
 */
final class Alternating
{
    private const HALVES = [HalfLeft::class, HalfRight::class];

    /**
     * Returns parts with what is tied so as the square knots it makes.
     *
     * @param array<Node> $parts
     *
     * @return list<Node>
     */
    public static function squared(array $parts): array
    {
        $parts = array_values($parts);
        $squared = [];
        for ($i = 0; $i < \count($parts); ++$i) {
            $part = $parts[$i];
            $pairs = 0;
            while (self::arePair($parts[$i + 2 * $pairs] ?? null, $parts[$i + 2 * $pairs + 1] ?? null)) {
                ++$pairs;
            }
            if ($pairs > 0 && $part instanceof Knots) {
                $squared[] = self::squares($part, $pairs);
                $i += 2 * $pairs - 1;
                continue;
            }
            $squared[] = $part instanceof Group ? self::group($part) : $part;
        }

        return $squared;
    }

    private static function group(Group $group): Node
    {
        $first = $group->parts[0];
        $isByTurns = $group->alternate && 1 === \count($group->parts) && self::isHalf($first);
        if ($isByTurns && $first instanceof Knots && (!\is_int($group->times) || 0 === $group->times % 2)) {
            return \is_int($group->times)
                ? self::squares($first, intdiv($group->times, 2))
                : new Group([self::squares($first, 1)], $group->times, place: $group->place());
        }
        $parts = self::squared($group->parts);
        if ([] === $parts || $parts === $group->parts) {
            return $group;
        }
        $only = $parts[0];

        return 1 === \count($parts) && $only instanceof Knots && \is_int($group->times)
            && !$group->alternate && $group->times * $only->count <= Knots::MOST
            ? self::squares($only, $group->times * $only->count)
            : new Group($parts, $group->times, $group->alternate, $group->place(), $group->exchange);
    }

    private static function squares(Knots $first, int $count): Knots
    {
        return new Knots($count, new Square(), null, $first->cord, $first->place());
    }

    private static function isHalf(?Node $part): bool
    {
        return $part instanceof Knots && 1 === $part->count && !$part->fills
            && \in_array($part->kind::class, self::HALVES, true);
    }

    private static function arePair(?Node $first, ?Node $second): bool
    {
        return $first instanceof Knots && $second instanceof Knots && self::isHalf($first) && self::isHalf($second)
            && $first->kind::class !== $second->kind::class && $first->cord === $second->cord;
    }
}
