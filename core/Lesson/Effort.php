<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson;

use Rinkel\Core\Making\Pace;
use Rinkel\Core\Plan\Plan;

/**
 * What a piece asks of a maker about whom nothing is known: what has to be learnt for it, and how long it keeps the
 * hands.
 *
 * @internal
 */
final readonly class Effort
{
    /** Lessons and minutes that an easy piece has at most, and one that is not (judgement). */
    private const LITTLE = [3, 45];
    private const SOME = [5, 120];

    /** To so many minutes it is said how long something takes. */
    private const ABOUT = 5;

    /**
     * @param list<string> $lessons that its making asks for
     * @param float        $minutes of hands
     */
    public function __construct(
        public array $lessons,
        public float $minutes,
    ) {}

    public static function of(Plan $plan): self
    {
        return new self(
            Lessons::forPiece($plan->draft->piece)->taught($plan->acts()->all),
            array_sum(array_column((new Pace())->chain($plan->acts()), 0)),
        );
    }

    /**
     * Returns how much that is, from 1 to 3.
     */
    public function level(): int
    {
        return match (true) {
            $this->isWithin(...self::LITTLE) => 1,
            $this->isWithin(...self::SOME) => 2,
            default => 3,
        };
    }

    /**
     * Returns the minutes as they are said.
     */
    public function about(): int
    {
        return max(self::ABOUT, self::ABOUT * (int) round($this->minutes / self::ABOUT));
    }

    private function isWithin(int $lessons, int $minutes): bool
    {
        return \count($this->lessons) <= $lessons && $this->minutes <= $minutes;
    }
}
