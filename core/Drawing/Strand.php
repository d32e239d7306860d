<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

/**
 * The centre line of one cord through a knot, in the order in which the cord runs.
 *
 * @internal
 */
final readonly class Strand
{
    /**
     * @param string     $name  which cord of the knot: "first" crosses over the core first, "second" behind it
     * @param list<Span> $spans
     */
    public function __construct(
        public string $name,
        public array $spans,
    ) {}
}
