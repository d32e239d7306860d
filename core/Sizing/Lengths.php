<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\Wish;

/**
 * A design in several finished lengths, as necklaces are sold.
 */
final readonly class Lengths implements Along
{
    /**
     * @param list<Length> $lengths
     */
    public function __construct(private array $lengths) {}

    public function sizes(Wish $design): array
    {
        return array_map(
            static fn (Length $length): Size => new Size('', $length, $design->ofLength($length)),
            $this->lengths,
        );
    }
}
