<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

use Rinkel\Core\Line\Element;
use Rinkel\Core\Pattern\Node\Lane;

/**
 * One bead, and on which cord it goes.
 *
 * @internal
 */
final readonly class StrungBead
{
    /**
     * @param int|null $strand from 1, of several side by side
     */
    public function __construct(
        public string $name,
        public Lane $lane = Lane::Core,
        public ?string $letter = null,
        public ?int $strand = null,
    ) {}

    public static function by(Element $bead, ?int $strand = null): self
    {
        return new self(
            (string) $bead->name,
            $bead->seat->lane,
            $bead->mention->letter,
            $strand ?? $bead->seat->strand,
        );
    }
}
