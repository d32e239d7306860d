<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Psr\Clock\ClockInterface;
use Rinkel\App\Board\Boards;
use Rinkel\App\Board\StoredBoard;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\MakingState;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Platform\Wording\Times;

/**
 * The work as it lies on the Table: late and due first, then what is on the board, what dries, what is to be cut, and
 * what was delivered lately. It plans nothing.
 */
final readonly class WorkList
{
    /** So many lines are shown at once (judgement: more is a screen of its own). */
    public const SHOWN = 24;

    /** Due within so many days stands before what is not. */
    private const SOON = 7;

    /** So long what was delivered is still in sight, in days. */
    private const LATELY = 7;

    /** In which order what is not due soon stands. */
    private const RANKS = ['board' => 0, 'drying' => 1, 'cut' => 2, 'planned' => 3, 'made' => 4, 'delivered' => 5];

    public function __construct(
        private Makings $makings,
        private Boards $boards,
        private ClockInterface $clock,
        private Times $times,
    ) {}

    /**
     * @return list<WorkLine>
     */
    public function lines(): array
    {
        $now = $this->times->today($this->clock->now());
        $boards = [];
        foreach ($this->boards->inUse() as $board) {
            $boards[$board->making()->id()] = $board;
        }
        $groups = [];
        foreach ($this->makings->inWork($now->modify('-'.self::LATELY.' days')) as $making) {
            if (null === $making->piece() && !$making->isFrozen()) {
                continue; // its piece is gone, and nothing was done for it
            }
            $board = $boards[$making->id()] ?? null;
            $key = null === $board
                ? implode(' ', [$making->order()?->id() ?? 0, $making->piece()?->id() ?? 0, $making->state()->value])
                : 'board '.$board->id();
            $groups[$key][] = $making;
        }
        $lines = [];
        foreach ($groups as $makings) {
            $lines[] = $this->line($makings, $boards[$makings[0]->id()] ?? null, $now);
        }
        usort($lines, fn (WorkLine $one, WorkLine $other): int => $this->rank($one, $now) <=> $this->rank($other, $now));

        return $lines;
    }

    /**
     * @param non-empty-list<StoredMaking> $makings
     */
    private function line(array $makings, ?StoredBoard $board, \DateTimeImmutable $now): WorkLine
    {
        $ends = null === $board ? [] : array_column($this->boards->clocks($board), 'ends');
        $time = $this->clock->now()->getTimestamp();
        $dries = array_filter($ends, static fn (int $end): bool => $end > $time);
        $order = $makings[0]->order();

        return new WorkLine(
            $makings,
            $board,
            [] === $dries ? null : max($dries),
            null !== $order && $order->isLate($now) && $makings[0]->state()->isBefore(MakingState::Delivered),
        );
    }

    /**
     * @return array{int, string, int, int}
     */
    private function rank(WorkLine $line, \DateTimeImmutable $now): array
    {
        $state = null === $line->dries ? $line->state()->value : 'drying';
        $due = $line->order()?->text('due') ?? '';
        $isOpen = $line->state()->isBefore(MakingState::Delivered);
        $isSoon = $isOpen && '' !== $due && $due <= $now->modify('+'.self::SOON.' days')->format('Y-m-d');

        return [$isSoon ? 0 : 1, $isSoon ? $due : '', self::RANKS[$state] ?? 9, -$line->first()->id()];
    }
}
