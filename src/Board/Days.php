<?php

declare(strict_types=1);

namespace Rinkel\App\Board;

use Psr\Clock\ClockInterface;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\Wording\Times;
use Rinkel\Core\Making\Day;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Plan\Planner;

/**
 * Orders the pieces that a maker chose for a day, each from where it stands.
 */
final readonly class Days
{
    /** So many pieces are offered, and can be chosen (judgement: more are no day). */
    private const MOST = 40;
    private const CHOSEN = 16;

    public function __construct(
        private Pieces $pieces,
        private Boards $boards,
        private Paces $paces,
        private Planner $planner,
        private ClockInterface $clock,
        private Times $times,
    ) {}

    /**
     * @return list<StoredPiece> that could be made, worked on last first
     */
    public function pieces(): array
    {
        return $this->pieces->onTheTable(self::MOST);
    }

    /**
     * @param list<int> $ids   of pieces
     * @param string    $begin of the day: "09:00"
     */
    public function of(array $ids, string $begin): BenchDay
    {
        $boards = [];
        foreach ($this->boards->inUse() as $board) {
            $boards[$board->piece()?->id() ?? 0] ??= $board;
        }
        $pace = $this->paces->pace();
        [$pieces, $chains] = [[], []];
        foreach (\array_slice(array_values(array_unique($ids)), 0, self::CHOSEN) as $id) {
            $stored = $this->pieces->find($id);
            if (null === $stored || $stored->isArchived()) {
                continue;
            }
            try {
                $board = $boards[$id] ?? null;
                $plan = null === $board
                    ? $this->planner->plan($this->pieces->piece($stored))
                    : $this->boards->plan($board);
                $chains[] = array_map(
                    static fn (array $stretch): array => [(int) ceil($stretch[0]), $stretch[1]],
                    $pace->chain($plan->acts(), $board?->moves() ?? 0),
                );
                $pieces[] = $stored;
            } catch (PieceUnreadable) {
                // The Table says what is wrong with it.
            }
        }

        return new BenchDay(
            $pieces,
            $chains,
            Day::of($chains),
            $this->clock->now()->setTimezone($this->times->zone())->setTime(...self::time($begin)),
        );
    }

    /**
     * @return array{int, int}
     */
    private static function time(string $text): array
    {
        [$hours, $minutes] = [...explode(':', $text), '0'];

        return [(int) $hours, (int) $minutes];
    }
}
