<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;

/**
 * How far what is at hand goes: the largest step at which a design can still be made of it, and what runs out at the
 * next.
 *
 * @internal
 */
final readonly class LargestFeasible
{
    /**
     * @param int|null           $step  null where not even the smallest can be made
     * @param Plan|null          $plan  of it
     * @param list<Lack>         $lacks what there is not enough of at the next step; none at the end of the range
     * @param array<string, int> $gains how many steps one more of each of these gives, by its name
     */
    private function __construct(
        public ?int $step,
        public ?Plan $plan,
        public array $lacks,
        public array $gains,
    ) {}

    public static function of(Planner $planner, Growth $growth, AvailableMaterials $hand): self
    {
        [$step, $plan, $lacks] = self::reached($planner, $growth, $hand);
        $gains = [];
        foreach ($lacks as $lack) {
            [$more] = self::reached($planner, $growth, $hand->withOneMore($lack->name, $lack->isCord), $step);
            $gains[$lack->name] = null === $more ? 0 : $more - ($step ?? $more - 1);
        }

        return new self($step, $plan, $lacks, $gains);
    }

    /**
     * Finds by halves a step at which it can be made, and at the next not.
     *
     * @param int|null $from a step at which it can be made for certain
     *
     * @return array{int|null, Plan|null, list<Lack>}
     */
    private static function reached(Planner $planner, Growth $growth, AvailableMaterials $hand, ?int $from = null): array
    {
        [$least, $most] = $growth->range();
        [$can, $plan, $lacks] = [$from ?? $least, null, []];
        if (null === $from) {
            [$plan, $lacks] = self::tried($planner, $growth->at($least), $hand);
            if (null === $plan || [] !== $lacks) {
                return [null, null, $lacks];
            }
        }
        [$last, $too] = self::tried($planner, $growth->at($most), $hand);
        if (null !== $last && [] === $too) {
            return [$most, $last, []];
        }
        [$cannot, $lacks] = [$most, $too];
        while ($cannot - $can > 1) {
            $middle = intdiv($can + $cannot, 2);
            [$tried, $why] = self::tried($planner, $growth->at($middle), $hand);
            if (null !== $tried && [] === $why) {
                [$can, $plan] = [$middle, $tried];
            } else {
                [$cannot, $lacks] = [$middle, $why];
            }
        }

        return [$can, $plan, $lacks];
    }

    /**
     * @return array{Plan|null, list<Lack>} no plan where the design cannot be made so at all
     */
    private static function tried(Planner $planner, PieceSpec $wish, AvailableMaterials $hand): array
    {
        try {
            $plan = $planner->plan($wish);

            return [$plan, $hand->lacks($plan)];
        } catch (PieceUnreadable) {
            return [null, []];
        }
    }
}
