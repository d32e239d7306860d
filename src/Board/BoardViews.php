<?php

declare(strict_types=1);

namespace Rinkel\App\Board;

use Rinkel\App\Document\StepsDocument;
use Rinkel\App\Making\MakingPlans;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Piece\Exception\PieceUnreadable;

/**
 * What Board pages show.
 */
final readonly class BoardViews
{
    /** So many boards are told on the Table. */
    private const SHELF = 8;

    /** So many steps that were not made are told one by one. */
    private const TOLD = 5;

    public function __construct(
        private Boards $boards,
        private Paces $paces,
        private Pieces $pieces,
        private MakingPlans $plans,
        private StepsDocument $documents,
        private Wording $wording,
    ) {}

    /**
     * @throws PieceUnreadable
     */
    public function of(StoredBoard $board): BoardView
    {
        return new BoardView(
            $board,
            $this->boards->plan($board),
            $this->paces->pace(),
            $this->plans->planner($board->making()),
            $this->documents,
            $this->wording,
        );
    }

    /**
     * Returns the boards in use for the Table, each with how much is made, in percent.
     *
     * @return list<array{board: StoredBoard, percent: int, clocks: list<array{id: string, step: int, ends: int}>}>
     */
    public function shelf(): array
    {
        $shelf = [];
        foreach (\array_slice($this->boards->inUse(), 0, self::SHELF) as $board) {
            $shelf[] = [
                'board' => $board,
                'percent' => (int) round(100 * $board->moves() / max(1, $board->total())),
                'clocks' => $this->boards->clocks($board),
            ];
        }

        return $shelf;
    }

    /**
     * Returns what of a piece was not made at its board; null where all was.
     *
     * @return array{moves: int, of: int, steps: list<string>}|null moves, and the first of the steps in words
     *
     * @throws PieceUnreadable
     */
    public function unmade(StoredBoard $board): ?array
    {
        $view = $this->of($board);
        if ($board->moves() >= $view->steps->moves) {
            return null;
        }
        $open = \array_slice(array_keys($view->steps->all), $view->at()[0], self::TOLD);

        return [
            'moves' => $view->steps->moves - $board->moves(),
            'of' => $view->steps->moves,
            'steps' => array_map($view->say(...), $open),
        ];
    }

    /**
     * Returns what the plan changed on the piece's page means here: how many moves there are then, and how many have to
     * be undone first.
     *
     * @return array{moves: int, undo: int}|null null where it was not changed, or cannot be planned now
     */
    public function changed(StoredBoard $board, BoardView $view): ?array
    {
        [$making, $piece] = [$board->making(), $board->piece()];
        if (null === $piece || $making->design() === MakingPlans::design($piece)) {
            return null;
        }
        try {
            $then = $this->plans->planner($making)->plan($this->pieces->piece($piece))->acts();
        } catch (PieceUnreadable) {
            return null;
        }

        return ['moves' => $then->moves, 'undo' => $view->steps->undone($board->moves(), $then)];
    }
}
