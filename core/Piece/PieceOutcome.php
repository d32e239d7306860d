<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

use Rinkel\Core\Measure\Length;

/**
 * How a piece came out beside how it was planned.
 *
 * @internal
 */
final readonly class PieceOutcome
{
    /**
     * @param Length                          $planned of the body
     * @param Length|null                     $body    as it came out, null where nobody measured
     * @param string|null                     $kind    of the knots that make nearly all of it
     * @param int                             $knots   planned of that kind
     * @param int|null                        $tied    of that kind, null as planned
     * @param int|null                        $minutes null where nobody looked at the clock
     * @param array{moves: int, of: int}|null $unmade  moves that the board did not see made, null
     *                                                 of a piece that was made to its end
     */
    public function __construct(
        public Length $planned,
        public ?Length $body,
        public ?string $kind,
        public int $knots,
        public ?int $tied,
        public ?int $minutes,
        public ?array $unmade = null,
    ) {}
}
