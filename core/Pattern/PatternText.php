<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern;

use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Measure\Unit;

/**
 * A pattern as its maker wrote it, with the tree that it says; read once, so that nobody reads it again.
 */
final readonly class PatternText implements \Stringable
{
    private function __construct(
        public string $text,
        public Pattern $tree,
    ) {}

    /**
     * @param KnownKnots|null $knots that it can name; all there are when null
     *
     * @throws Exception\PatternUnreadable If anything in the text cannot be read
     */
    public static function read(string $text, Unit $bare, ?KnownKnots $knots = null): self
    {
        return new self($text, Pattern::parse($text, $bare, $knots));
    }

    /**
     * Returns the canonical writing of a tree.
     */
    public static function of(Pattern $tree): self
    {
        return self::read((string) $tree, Unit::Millimetre, KnownKnots::all()->and(...$tree->knots()));
    }

    /**
     * Returns the same pattern with every bare length said in $bare, so that it says the same in any unit.
     */
    public function pinned(Unit $bare): self
    {
        return new self(Pattern::pinned($this->text, $bare), $this->tree);
    }

    public function __toString(): string
    {
        return $this->text;
    }
}
