<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern;

/**
 * Where something stands in a pattern's text: line and column, both from 1, and how many characters it takes.
 */
final readonly class Place implements \Stringable
{
    public function __construct(
        public int $line,
        public int $column,
        public int $length,
    ) {}

    public function __toString(): string
    {
        return $this->line.':'.$this->column.'+'.$this->length;
    }

    public function equals(?self $other): bool
    {
        return null !== $other && [$this->line, $this->column, $this->length] === [
            $other->line,
            $other->column,
            $other->length,
        ];
    }
}
