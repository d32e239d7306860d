<?php

declare(strict_types=1);

namespace Rinkel\Core;

/**
 * One sentence of the core: a key and what goes into it. Its words are in the translations, under "said.<key>".
 *
 * As a text it is for whoever looks for a fault: "length-unread (typed: “1 elbow”)".
 */
final readonly class Message implements \Stringable
{
    /**
     * @param array<string, \Stringable|int|float|string|list<self|string>> $values
     */
    public function __construct(
        public string $key,
        public array $values = [],
    ) {}

    public function without(string $value): self
    {
        return new self($this->key, array_diff_key($this->values, [$value => true]));
    }

    public function with(string $name, string $value): self
    {
        return new self($this->key, [$name => $value] + $this->values);
    }

    public function __toString(): string
    {
        $values = [];
        foreach ($this->values as $name => $value) {
            $values[] = $name.': '.(\is_array($value) ? implode(', ', array_map(strval(...), $value)) : $value);
        }

        return $this->key.([] === $values ? '' : ' ('.implode('; ', $values).')');
    }
}
