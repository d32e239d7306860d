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
