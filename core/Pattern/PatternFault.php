<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern;

use Rinkel\Core\Quoted;

/**
 * One thing wrong in a pattern: where, what stood there and what could stand there.
 */
final readonly class PatternFault implements \Stringable
{
    /**
     * @param string       $found    what stood there, "" at the end of the text
     * @param list<string> $expected what could stand there
     */
    public function __construct(
        public Place $place,
        public string $found,
        public array $expected,
    ) {}

    public function __toString(): string
    {
        return \sprintf(
            'Line %d, column %d: %s stands here; it could be %s.',
            $this->place->line,
            $this->place->column,
            '' === $this->found ? 'nothing more' : new Quoted($this->found),
            [] === $this->expected ? 'left out' : implode(', ', $this->expected),
        );
    }
}
