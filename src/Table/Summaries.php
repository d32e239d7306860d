<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Psr\Cache\CacheItemPoolInterface;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Plan\Planner;
use Symfony\Component\DependencyInjection\ParameterBag\ParameterBagInterface;

/**
 * What came of each piece, worked out once for what it is, whose hand makes it and which Rinkel plans it.
 */
final readonly class Summaries
{
    public function __construct(
        private Pieces $pieces,
        private Planner $planner,
        private CacheItemPoolInterface $kept,
        private ParameterBagInterface $parameters,
    ) {}

    /**
     * @param string $hand by what the hand is told that makes it (Samples::mark())
     *
     * @throws PieceUnreadable If it cannot be read or planned
     */
    public function of(StoredPiece $stored, string $hand): PieceSummary
    {
        // Its state counts on with every change of it.
        $item = $this->kept->getItem('summary.'.hash('xxh128', serialize([
            $stored->uid(), $stored->state(), $hand, $this->parameters->get('container.build_id'),
        ])));
        $kept = $item->isHit() ? $item->get() : null;
        if ($kept instanceof PieceSummary) {
            return $kept;
        }
        $summary = new PieceSummary($this->planner->plan($this->pieces->piece($stored)));
        $this->kept->save($item->set($summary));

        return $summary;
    }
}
