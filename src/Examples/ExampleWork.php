<?php

declare(strict_types=1);

namespace Rinkel\App\Examples;

use Rinkel\App\Board\Boards;
use Rinkel\App\Board\StoredBoard;
use Rinkel\App\Board\Taps;
use Rinkel\App\Log\PieceFinisher;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\LooseData;
use Rinkel\Core\Making\TapeReading;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;

/**
 * The examples at the bench: what lies on boards, and what was finished.
 */
final readonly class ExampleWork
{
    public function __construct(
        private PieceFinisher $finishing,
        private Makings $makings,
        private Boards $boards,
        private Taps $taps,
    ) {}

    /**
     * @param array<string, string> $typed as on the page where a piece is finished
     */
    public function finish(StoredMaking $making, array $typed): void
    {
        $faults = $this->finishing->finish($making, $typed);
        \assert([] === $faults);
    }

    /**
     * Finishes pieces of the Table.
     *
     * @param list<LooseData>            $rows
     * @param array<string, StoredPiece> $laid     by the name of their file
     * @param bool                       $isUntold whether those that were finished before any sample
     */
    public function finishAll(array $rows, array $laid, bool $isUntold): void
    {
        foreach ($rows as $row) {
            $piece = $laid[$row->raw('piece')] ?? null;
            if (null !== $piece && $isUntold === $row->is('untold')) {
                $this->finish($this->makings->plan($piece), $row->texts('typed'));
            }
        }
    }

    /**
     * Lays something on its board, so many moves done.
     */
    public function begin(StoredMaking $making, int $moves): void
    {
        $this->taps->one($this->boards->lay($making), $moves);
    }

    /**
     * Lays pieces on boards, tapped as if somebody had just been there.
     *
     * @param list<LooseData>            $rows
     * @param array<string, StoredPiece> $laid by the name of their file
     */
    public function tapAll(array $rows, array $laid): void
    {
        foreach ($rows as $row) {
            $piece = $laid[$row->raw('piece')] ?? null;
            if (null !== $piece) {
                $this->tap($this->boards->of($piece), $row);
            }
        }
    }

    private function tap(StoredBoard $board, LooseData $row): void
    {
        [$moves, $seconds, $end] = [$row->whole('moves'), $row->whole('seconds', 5), time()];
        $this->taps->tapped($board, array_map(static fn (int $i): array => [
            'id' => \sprintf('%012x', $i + 1), 'by' => 1, 'at' => 1000 * ($end - $seconds * ($moves - $i)),
        ], range(0, $moves - 1)));
        $read = $row->within('read');
        if ($read->has('length')) {
            $length = static fn (string $name): Length => Length::parse($read->raw($name), Unit::Millimetre);
            $this->boards->read(
                $board,
                new TapeReading($moves, $length('length'), $read->raw('role'), $length('left')),
                false,
            );
        }
        if ($row->has('note')) {
            $this->boards->pause($board, $row->raw('note'));
        }
        if ($row->has('clock')) {
            $this->boards->start($board, 'c0ffee000001', $this->boards->step($board), $row->whole('clock'));
        }
    }
}
