<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Piece\PieceSpec;

/**
 * Sizes of which each has a name of its own, so that their cords are told apart.
 *
 * @internal
 */
final readonly class Labelled implements SizeAxis
{
    /**
     * @param \Closure(Size): string $label
     */
    public function __construct(
        private SizeAxis $along,
        private \Closure $label,
    ) {}

    public function sizes(PieceSpec $design): array
    {
        return array_map(fn (Size $size): Size => new Size(
            $size->name,
            $size->along,
            $size->wish->renamed(mb_substr($design->name.', '.($this->label)($size), 0, 80)),
        ), $this->along->sizes($design));
    }
}
