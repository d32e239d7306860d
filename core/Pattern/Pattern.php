<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern;

use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Internal\Lexer;
use Rinkel\Core\Pattern\Internal\Parser;
use Rinkel\Core\Pattern\Internal\Printer;

/**
 * A piece's layout as a maker would say it, as a tree of nodes. Grammar and examples: docs/notation.md.
 */
final readonly class Pattern implements \Stringable
{
    /**
     * @param non-empty-list<Node> $parts
     */
    public function __construct(public array $parts) {}

    /**
     * Returns the pattern that $text says; a bare number in a gap is in $bare.
     *
     * @throws Exception\PatternUnreadable If anything in the text cannot be read; carries every fault found
     */
    public static function parse(string $text, Unit $bare): self
    {
        return (new Parser((new Lexer($text))->tokens(), $bare))->pattern();
    }

    /**
     * Returns the text that parses back to an equal tree, in one canonical writing.
     */
    public function __toString(): string
    {
        return (new Printer())->write($this->parts);
    }
}
