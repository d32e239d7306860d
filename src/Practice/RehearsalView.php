<?php

declare(strict_types=1);

namespace Rinkel\App\Practice;

use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Rehearsal\Attempt;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Acts;

/**
 * What a page shows of a piece that is made without cord, at one moment.
 */
final readonly class RehearsalView
{
    /** So many moves are sooner made than skipped. */
    private const FEW = 2;

    public Acts $acts;

    /** Place of the act in hand, from 0, and how many of its moves are done. */
    public int $number;
    public int $done;

    /**
     * @param list<array{key: string, said: string, side: string}> $choices
     * @param Attempt|null                                         $told    what was chosen just now
     */
    public function __construct(
        public Plan $plan,
        public RehearsalRequest $now,
        public array $choices,
        public ?Attempt $told,
        public RehearsalSight $sight,
    ) {
        $this->acts = $plan->acts();
        [$this->number, $this->done] = $this->acts->at($now->at);
    }

    public function act(): Act
    {
        return $this->acts->all[$this->number];
    }

    public function isOver(): bool
    {
        return $this->now->at >= $this->acts->moves;
    }

    /**
     * Returns how many moves of an act that is begun could be skipped: none where there are few.
     */
    public function skippable(): int
    {
        $open = $this->act()->stint->count - $this->done;

        return $this->done > 0 && $open > self::FEW ? $open : 0;
    }

    /**
     * Returns after how many moves the act in hand is done.
     */
    public function rest(): int
    {
        return $this->acts->before($this->number) + $this->act()->stint->count;
    }

    /**
     * Returns what the script of the page covers: where each act lies in the drawing, and how many moves it has.
     *
     * @return list<array<string, float|int>>
     */
    public function steps(): array
    {
        return array_map(static fn (Act $act): array => array_filter([
            'at' => $act->spot->at,
            'along' => 0.0 === $act->spot->along ? null : $act->spot->along,
            'half' => 0 === $act->grip->half ? null : $act->grip->half,
            'count' => $act->stint->count,
        ], static fn (float|int|null $value): bool => null !== $value), $this->acts->all);
    }
}
