<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern;

use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Internal\Lexer;
use Rinkel\Core\Pattern\Internal\Parser;
use Rinkel\Core\Pattern\Internal\PartReaders;
use Rinkel\Core\Pattern\Internal\TokenKind;
use Rinkel\Core\Pattern\Node\Below;
use Rinkel\Core\Pattern\Node\Bracket;
use Rinkel\Core\Pattern\Node\Fit;
use Rinkel\Core\Pattern\Node\Gap;
use Rinkel\Core\Pattern\Node\Group;
use Rinkel\Core\Pattern\Node\Hang;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Pattern\Node\Mirror;

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
     * Returns the pattern that $text says; a bare number in a gap is in $bare, its knots are all there are unless
     * others are given.
     *
     * @throws Exception\PatternUnreadable If anything in the text cannot be read; carries every fault found
     */
    public static function parse(string $text, Unit $bare, ?KnownKnots $knots = null): self
    {
        return (new Parser((new Lexer($text))->tokens(), $bare, $knots ?? KnownKnots::all()))->pattern();
    }

    /**
     * Returns whether $name can be the short name of a bead or cord.
     */
    public static function isName(string $name): bool
    {
        return PartReaders::isName($name);
    }

    /**
     * Returns whether the notation itself says $word, of something else than a knot: no knot can be called so.
     */
    public static function isTaken(string $word): bool
    {
        return PartReaders::isTaken($word);
    }

    /**
     * @return list<Knot> that it ties
     */
    public function knots(): array
    {
        $knots = [];
        foreach ($this->nodes() as $node) {
            if ($node instanceof Knots) {
                $knots[$node->kind->word()] = $node->kind;
            }
        }

        return array_values($knots);
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
            yield from $part instanceof Bracket ? self::inside($part->parts()) : [];
        }
    }

    /**
     * Returns whether anything in it takes what a length leaves.
     */
    public function fits(): bool
    {
        foreach ($this->nodes() as $node) {
            if ($node->fits()) {
                return true;
            }
        }

        return false;
    }

    /**
     * Returns whether something in its middle pulls it to a point when it hangs; what strands below carry does not.
     */
    public function isPointed(): bool
    {
        $own = array_filter($this->parts, static fn (Node $part): bool => !$part instanceof Below);
        foreach (self::inside(array_values($own)) as $node) {
            if ($node->isPointed()) {
                return true;
            }
        }

        return false;
    }

    /**
     * Returns this pattern with something hung in its middle: before the mirror where it has one, between its halves;
     * of a single part it makes two.
     */
    public function hung(string $name): self
    {
        $hang = new Hang($name);
        foreach ($this->parts as $i => $part) {
            if ($part instanceof Mirror && !$part->outwards) {
                return new self([...\array_slice($this->parts, 0, $i), $hang, ...\array_slice($this->parts, $i)]);
            }
        }
        $below = array_values(array_filter($this->parts, static fn (Node $part): bool => $part instanceof Below));
        $own = \count($this->parts) - \count($below);
        $middle = intdiv($own + 1, 2);

        return 1 === $own
            ? new self([$this->parts[0], $hang, new Mirror(), ...$below])
            : new self([...\array_slice($this->parts, 0, $middle), $hang, ...\array_slice($this->parts, $middle)]);
    }

    /**
     * Returns this pattern with each gap as long as $change says; null when one would be nothing.
     *
     * @param callable(Length): ?Length $change
     */
    public function everyGap(callable $change): ?self
    {
        $parts = self::gaps($this->parts, $change);

        return null === $parts ? null : new self($parts);
    }

    /**
     * @param non-empty-list<Node>      $parts
     * @param callable(Length): ?Length $change
     *
     * @return non-empty-list<Node>|null
     */
    private static function gaps(array $parts, callable $change): ?array
    {
        $changed = [];
        foreach ($parts as $part) {
            if ($part instanceof Gap && null !== $part->length) {
                $length = $change($part->length);
                $part = null === $length ? null : new Gap($length);
            } elseif ($part instanceof Bracket) {
                $inside = self::gaps($part->parts(), $change);
                $part = null === $inside ? null : $part->with($inside);
            }
            if (null === $part) {
                return null;
            }
            $changed[] = $part;
        }

        return $changed;
    }

    /**
     * Returns this pattern with some more or fewer repeats of its fits than fit, in the order of the text.
     *
     * @param list<int> $more of each fit
     */
    public function withMore(array $more): self
    {
        return new self(self::more($this->parts, $more));
    }

    /**
     * @param non-empty-list<Node> $parts
     * @param list<int>            $more  those not used yet
     *
     * @return non-empty-list<Node>
     */
    private static function more(array $parts, array &$more): array
    {
        return array_map(static function (Node $part) use (&$more): Node {
            if (!$part instanceof Group) {
                return $part;
            }
            $times = $part->times instanceof Fit ? $part->times->plus(array_shift($more) ?? 0) : $part->times;

            return new Group(
                self::more($part->parts, $more),
                $times,
                $part->alternate,
                $part->place(),
                $part->exchange,
            );
        }, $parts);
    }

    /**
     * Returns $text with every length that has no unit said in $bare, all else as it stands: another unit of the piece
     * then changes nothing. A text that cannot be read is returned as it is.
     */
    public static function pinned(string $text, Unit $bare): string
    {
        $lines = explode("\n", $text);
        foreach (array_reverse((new Lexer($text))->tokens()) as $token) {
            if (TokenKind::Length === $token->kind && 1 === preg_match('/[\d.,\/½¼¾]$/u', $token->text)) {
                $line = $lines[$token->place->line - 1] ?? '';
                $end = $token->place->column - 1 + $token->place->length;
                $lines[$token->place->line - 1] = mb_substr($line, 0, $end).' '.$bare->value.mb_substr($line, $end);
            }
        }

        return implode("\n", $lines);
    }

    /**
     * Returns the text that parses back to an equal tree, in one canonical writing.
     */
    public function __toString(): string
    {
        return implode(', ', $this->parts);
    }
}
