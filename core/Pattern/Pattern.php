<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern;

use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Internal\Lexer;
use Rinkel\Core\Pattern\Internal\Parser;
use Rinkel\Core\Pattern\Internal\Printer;
use Rinkel\Core\Pattern\Node\Centre;
use Rinkel\Core\Pattern\Node\Fit;
use Rinkel\Core\Pattern\Node\Group;

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
     * Returns whether $name can be the short name of a bead or cord.
     */
    public static function isName(string $name): bool
    {
        return Parser::isName($name);
    }

    /**
     * Returns all parts, also those in brackets, in the order of the text.
     *
     * @return \Generator<Node>
     */
    public function nodes(): \Generator
    {
        yield from self::inside($this->parts);
    }

    /**
     * @param list<Node> $parts
     *
     * @return \Generator<Node>
     */
    private static function inside(array $parts): \Generator
    {
        foreach ($parts as $part) {
            yield $part;
            yield from $part instanceof Group || $part instanceof Centre ? self::inside($part->parts) : [];
        }
    }

    /**
     * Returns this pattern with each fit fixed at its number in $counts, fits in the order of the text.
     *
     * @param list<int> $counts
     */
    public function withCounts(array $counts): self
    {
        $fixed = self::fixed($this->parts, $counts);

        return new self([] === $fixed ? $this->parts : $fixed);
    }

    /**
     * @param list<Node> $parts
     * @param list<int>  $counts those not used yet
     *
     * @return list<Node>
     */
    private static function fixed(array $parts, array &$counts): array
    {
        $fixed = [];
        foreach ($parts as $part) {
            if (!$part instanceof Group) {
                $fixed[] = $part;
                continue;
            }
            $times = $part->times instanceof Fit ? (int) array_shift($counts) : $part->times;
            $inner = self::fixed($part->parts, $counts);
            if ($times > 0 && [] !== $inner) {
                $fixed[] = new Group($inner, $times, $part->alternate, $part->place());
            }
        }

        return $fixed;
    }

    /**
     * Returns the text that parses back to an equal tree, in one canonical writing.
     */
    public function __toString(): string
    {
        return (new Printer())->write($this->parts);
    }
}
