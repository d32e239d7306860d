<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;

/**
 * Pieces set to their wearers: an edit is tried before it is kept and shown after it, and set once for both.
 */
final class Drafts
{
    private string $of = '';
    private ?Draft $last = null;

    public function __construct(
        private readonly Planner $planner,
        private readonly PieceWriter $writer,
    ) {}

    /**
     * @throws PieceUnreadable If it cannot be set
     */
    public function draft(PieceSpec $piece): Draft
    {
        $document = serialize([$this->writer->write($piece), $piece->pattern?->text]);
        if (null === $this->last || $document !== $this->of) {
            $this->last = $this->planner->draft($piece);
            $this->of = $document;
        }

        return $this->last;
    }

    /**
     * @throws PieceUnreadable If it cannot be set
     */
    public function plan(PieceSpec $piece): Plan
    {
        return $this->planner->judged($this->draft($piece));
    }
}
