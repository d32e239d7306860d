<?php

declare(strict_types=1);

namespace Rinkel\App\Lesson;

use Psr\Cache\CacheItemPoolInterface;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\Core\Failure;
use Rinkel\Core\Lesson\Lessons;
use Rinkel\Core\Plan\Planner;

/**
 * In which pieces something that can be learnt is done, by their steps.
 */
final readonly class Where
{
    /** So many pieces are looked at, and so many of them again with one request. */
    private const PIECES = 200;
    private const ANEW = 24;

    public function __construct(
        private Pieces $pieces,
        private Planner $planner,
        private CacheItemPoolInterface $cache,
    ) {}

    /**
     * @return list<StoredPiece> worked on last first
     */
    public function pieces(string $lesson): array
    {
        $there = [];
        $again = 0;
        foreach ($this->pieces->onTheTable(self::PIECES) as $stored) {
            $item = $this->cache->getItem(
                'lessons.'.hash('xxh128', serialize($stored->document())),
            ); // the same of any copy of it
            if (!$item->isHit()) {
                if (++$again > self::ANEW) {
                    continue;
                }
                $this->cache->save($item->set($this->taught($stored)));
            }
            $known = $item->get();
            if (\is_array($known) && \in_array($lesson, $known, true)) {
                $there[] = $stored;
            }
        }

        return $there;
    }

    /**
     * @return list<string> lessons that its steps ask for
     */
    private function taught(StoredPiece $stored): array
    {
        try {
            return Lessons::all()->taught($this->planner->plan($this->pieces->piece($stored))->acts()->all);
        } catch (Failure) {
            // Its own page says what is wrong with it.
            return [];
        }
    }
}
