<?php

declare(strict_types=1);

namespace Rinkel\App\Sizes;

use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Sizing\AvailableMaterials;
use Rinkel\Core\Sizing\Growth;
use Rinkel\Core\Sizing\Lack;

/**
 * One of the sizes that are gone through: how the design is then, and what of what is at hand does not do for it.
 */
final readonly class ShownSize
{
    /** So many steps beyond the largest can be looked at, to see what runs out next. */
    private const BEYOND = 30;

    /**
     * @param Plan|null  $plan  null where it cannot be made so at all
     * @param list<Lack> $lacks
     */
    private function __construct(
        public int $at,
        public int $least,
        public int $most,
        public ?Plan $plan,
        public array $lacks,
    ) {}

    /**
     * @param int|null $asked which step; the largest that can be made when null
     */
    public static function of(
        Planner $planner,
        Growth $growth,
        AvailableMaterials $hand,
        int $largest,
        ?int $asked,
    ): self {
        [$least, $most] = $growth->range();
        $most = min($most, $largest + self::BEYOND);
        $at = max($least, min($most, $asked ?? $largest));
        try {
            $plan = $planner->plan($growth->at($at));
        } catch (PieceUnreadable) {
            return new self($at, $least, $most, null, []);
        }

        return new self($at, $least, $most, $plan, $hand->lacks($plan));
    }
}
