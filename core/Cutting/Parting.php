<?php

declare(strict_types=1);

namespace Rinkel\Core\Cutting;

use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;

/**
 * Where a cord is folded, or where its two ends part.
 */
final readonly class Parting
{
    /** Ends that differ by less, in mm, part at the middle. */
    private const ALIKE = 1.0;

    /**
     * @param Length|null $fold  from the tip of the shorter end, where a folded cord's halves differ
     * @param Length|null $begin from one tip, where the body of a cord begins that is not folded
     * @param Length      $at    from the tip of its first end, where its two ends part
     */
    public function __construct(
        public bool $folded,
        public ?Length $fold,
        public ?Length $begin,
        public Length $at,
    ) {}

    /**
     * @param non-empty-list<float> $needed of a cord so long, of each of its ends, in mm
     */
    public static function of(bool $folded, Length $length, array $needed): self
    {
        [$a, $b] = [$needed[0], $needed[1] ?? 0.0];
        $isAlike = $folded && abs($a - $b) < self::ALIKE;
        $at = match (true) {
            !isset($needed[1]) => 0.0,
            $isAlike => $length->millimetres / 2,
            $folded && $a > $b => $length->millimetres - $b,
            default => $a,
        };

        return new self(
            $folded,
            fold: $folded && !$isAlike ? Length::ofMillimetres(min($a, $b)) : null,
            begin: !$folded && isset($needed[1]) && $a > 0.0 ? Length::ofMillimetres($a) : null,
            at: Length::ofMillimetres($at),
        );
    }
}
