<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Exception\PatternUnreadable;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Plan\Planner;

/**
 * A design in several sizes, each planned as if it were alone.
 *
 * @internal
 */
final readonly class Sizes
{
    public const MOST = 40;

    /**
     * @param list<Sized> $all      in the order of their sizes as they were said
     * @param list<Size>  $refused  sizes that cannot be planned
     * @param bool        $isGraded whether they look alike
     */
    private function __construct(
        public array $all,
        public array $refused,
        public bool $isGraded,
    ) {}

    /**
     * @param bool $isGraded whether all sizes have the same repeats, and plain knots take the difference
     *
     * @throws PieceUnreadable If no size of it can be planned
     */
    public static function of(Planner $planner, PieceSpec $design, SizeAxis $along, bool $isGraded = false): self
    {
        $sizes = \array_slice($along->sizes($design), 0, self::MOST);
        $why = null;
        [$all, $refused] = [[], []];
        foreach ($sizes as $size) {
            try {
                $all[] = new Sized($size, $planner->plan($size->wish));
            } catch (PieceUnreadable $unreadable) {
                $why ??= $unreadable;
                $refused[] = $size;
            }
        }
        if ([] === $all) {
            throw $why ?? new \LogicException('There are sizes.');
        }

        return $isGraded ? self::graded($planner, $all, $refused) : new self($all, $refused, false);
    }

    /**
     * Plans the sizes again with the repeats of the one that has fewest.
     *
     * @param non-empty-list<Sized> $free
     * @param list<Size>            $refused
     */
    private static function graded(Planner $planner, array $free, array $refused): self
    {
        $counts = null;
        foreach ($free as $one) {
            $own = $one->plan->draft->setting->counts;
            $counts = null === $counts ? $own : array_map(
                static fn (int $one, int $other): int => min($one, $other),
                $counts,
                $own,
            );
        }
        $all = [];
        foreach ($free as $one) {
            try {
                $pattern = Grading::of($one->plan->draft->piece->pattern->tree, array_map(
                    static fn (int $count): int => max(1, $count),
                    $counts,
                ));
                $size = new Size($one->size->name, $one->size->along, $one->size->wish->withPattern($pattern));
                $all[] = new Sized($size, $planner->plan($size->wish));
            } catch (PieceUnreadable|PatternUnreadable) {
                // Its construction takes no filler there: it cannot look alike in all sizes.
                return new self($free, $refused, false);
            }
        }

        return new self($all, $refused, true);
    }

    /**
     * Returns by how much the body of a size misses what would fit it, where a repeat does not come out.
     */
    public static function off(Sized $sized): Length
    {
        return $sized->plan->draft->setting->over;
    }
}
