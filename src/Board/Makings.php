<?php

declare(strict_types=1);

namespace Rinkel\App\Board;

use Psr\Cache\CacheItemPoolInterface;
use Rinkel\App\Piece\Evidence;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Symfony\Component\DependencyInjection\Attribute\AutowireServiceClosure;

/**
 * By which plan a piece on a board is made. What a tap needs of it is remembered, as long as neither the piece nor what is
 * known of its maker's hand is another.
 */
final readonly class Makings
{
    /**
     * Reader and planner are made when somebody wants a plan: a tap wants none.
     *
     * @param \Closure(): PieceReader $reader
     * @param \Closure(): Planner     $planner
     */
    public function __construct(
        #[AutowireServiceClosure(PieceReader::class)]
        private \Closure $reader,
        #[AutowireServiceClosure(Planner::class)]
        private \Closure $planner,
        private Evidence $evidence,
        private CacheItemPoolInterface $memory,
    ) {}

    /**
     * @throws PieceUnreadable
     */
    public function wish(StoredBoard $board): PieceSpec
    {
        return ($this->reader)()->read($board->document());
    }

    /**
     * @throws PieceUnreadable
     */
    public function plan(StoredBoard $board): Plan
    {
        return ($this->planner)()->plan($this->wish($board));
    }

    /**
     * @param array<mixed> $document of a piece
     *
     * @throws PieceUnreadable
     */
    public function planOf(array $document): Plan
    {
        return ($this->planner)()->plan(($this->reader)()->read($document));
    }

    /**
     * @throws PieceUnreadable
     */
    public function kinds(StoredBoard $board): MoveKinds
    {
        $item = $this->memory->getItem(
            'rinkel.moves.'.hash('xxh128', serialize($board->document()).$this->evidence->evidence()),
        );
        $known = $item->isHit() ? $item->get() : null;
        if (!$known instanceof MoveKinds) {
            $known = MoveKinds::of($this->plan($board)->acts());
            $this->memory->save($item->set($known));
        }

        return $known;
    }
}
