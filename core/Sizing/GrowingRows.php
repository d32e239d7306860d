<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Pattern\Node\Net;
use Rinkel\Core\Pattern\Node\Wave;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Pattern\PatternEdit;
use Rinkel\Core\Piece\PieceSpec;

/**
 * A design with more and more rows of its net, or waves.
 *
 * @internal
 */
final readonly class GrowingRows implements Growth
{
    /**
     * @param string $path of the net or the wave in its pattern
     * @param int    $now  how many rows or waves it has
     */
    private function __construct(
        private PieceSpec $design,
        private Pattern $pattern,
        private string $path,
        public int $now,
    ) {}

    /**
     * Returns how a design grows by rows; null when it has none.
     *
     * @param Pattern $pattern of the design, also where it left it open
     */
    public static function of(PieceSpec $design, Pattern $pattern): ?self
    {
        foreach ($pattern->parts as $i => $part) {
            if ($part instanceof Net || $part instanceof Wave) {
                return new self($design, $pattern, (string) $i, $part->count());
            }
        }

        return null;
    }

    public function range(): array
    {
        return [1, Net::MOST_ROWS];
    }

    public function at(int $step): PieceSpec
    {
        return $this->design->withPattern((new PatternEdit($this->pattern))->counted($this->path, $step - $this->now));
    }
}
