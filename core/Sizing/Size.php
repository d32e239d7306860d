<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\PieceSpec;

/**
 * One size of a design.
 *
 * @internal
 */
final readonly class Size
{
    /**
     * @param string          $name  whom it is for; "" where its measure says it
     * @param Length|int|null $along what it differs in from other sizes, null where that is in its name
     */
    public function __construct(
        public string $name,
        public Length|int|null $along,
        public PieceSpec $wish,
    ) {}
}
