<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Piece\PieceSpec;

/**
 * A design that is buttoned, with several loops one behind the other: each gives a further size.
 *
 * @internal
 */
final readonly class Loops implements SizeAxis
{
    public const MOST = 6;

    /**
     * @param list<int>   $loops   1 to 6 each
     * @param ClosureWish $closure of the design
     */
    public function __construct(
        private array $loops,
        private ClosureWish $closure,
    ) {}

    /**
     * Returns one to three, as loops are commonly made.
     */
    public static function usual(ClosureWish $closure): self
    {
        return new self([1, 2, 3], $closure);
    }

    public function sizes(PieceSpec $design): array
    {
        return array_map(
            fn (int $loops): Size => new Size('', $loops, $design->withClosure($this->closure->withLoops($loops))),
            $this->loops,
        );
    }
}
