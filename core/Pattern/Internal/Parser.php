<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Internal;

use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Exception\PatternUnreadable;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\Below;
use Rinkel\Core\Pattern\Node\Centre;
use Rinkel\Core\Pattern\Node\CountedPart;
use Rinkel\Core\Pattern\Node\Exchange;
use Rinkel\Core\Pattern\Node\Fit;
use Rinkel\Core\Pattern\Node\Group;
use Rinkel\Core\Pattern\Node\Mirror;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Pattern\PatternFault;

/**
 * Reads the notation:
 *
 *     pattern = part, { ",", part } ;
 *     part    = [count], knot, [times] | [count], beads, [times] | "focal", name | "gap", ((length | number, "gauge"),
 * ["centres"] | "fit") | word | bundle
 *             | [count], "link", name, [times] | "braid", (length | "fit") | "binding", length | "net", rows, "every",
 * length
 *             | "wave", steps, name, "/", [number], name, [times] | "centre", "(", part, { ",", part }, ")" | "(",
 * part, { ",", part }, ")", times | ("mirror" | "outwards"), ["with", names] | "hang", name
 *             | "below", length, ["in", name], "(", part, { ",", part }, ")" ;
 *     knot    = ("square" | "half", ("left" | "right") | ["double"], "overhand" | "barrel", [wraps]
 *             | ["vertical"], "lark" | "hitch" | "whip" | "interlace"), ["in", name], ["fill"] ;
 *     beads   = "bead", ["by", ("value" | "colour" | "form" | "finish" | "size")], [number], name, { [number], name },
 *               ["on", ("core" | "left" | "right" | "strand", number)] ;
 *     word    = "word", text, "of", name, ["between", name] ;
 *     bundle  = "bundle", ["loose" | "level"], name, { name }, ["/", name, { name }] ;
 *     times   = "x", (number | "fit", [share], [("more" | "less"), number], ["partly"]), ["alternate"], ["exchanging",
 * names] ;
 *     names   = name, "for", name, { "and", name, "for", name } ;
 *
 * After a fault it goes on at the next comma or bracket, so that all faults are told at once.
 *
 * @internal
 */
final class Parser
{
    private const DEEPEST = 12;
    private const MOST_FAULTS = 20;

    private int $depth = 0;

    /** How deep the line begins that is read: 1 in the brackets of one that hangs below. */
    private int $ground = 0;
    private readonly TokenReader $text;

    private readonly PartReaders $readers;

    /**
     * @param non-empty-list<Token> $tokens
     */
    public function __construct(array $tokens, Unit $bare, KnownKnots $knots)
    {
        $this->readers = new PartReaders($knots);
        $this->text = new TokenReader($tokens, $bare, $this->readers->words);
    }

    public function pattern(): Pattern
    {
        $parts = $this->parts();
        while (TokenKind::End !== $this->text->now()->kind && $this->goesOn()) {
            $this->text->fault('","', new Message('expected-end'));
            $this->text->next();
            array_push($parts, ...$this->parts());
        }
        if ([] !== $this->text->faults()) {
            throw PatternUnreadable::because($this->text->faults());
        }

        return new Pattern(
            [] === $parts ? throw PatternUnreadable::because([new PatternFault($this->text->now()->place, '', $this->readers->beginnings())]) : $parts,
        );
    }

    private function goesOn(): bool
    {
        return \count($this->text->faults()) < self::MOST_FAULTS;
    }

    /**
     * @return list<Node>
     */
    private function parts(): array
    {
        $parts = [];
        do {
            $part = $this->part();
            if (null !== $part) {
                $parts[] = $part;
            } else {
                $this->text->recover($this->depth > 0);
            }
        } while ($this->text->take(TokenKind::Comma) && $this->goesOn());

        return $parts;
    }

    private function part(): ?Node
    {
        $start = $this->text->now();

        return match (true) {
            TokenKind::Open === $start->kind => $this->group($start),
            TokenKind::Number === $start->kind => $this->counted($start),
            $start->is('centre') => $this->centre($start),
            $start->is('below') => $this->below($start),
            $start->is('mirror'), $start->is('outwards') => $this->mirror($start),
            default => $this->uncounted($start),
        };
    }

    private function group(Token $start): ?Node
    {
        $parts = $this->bracketed();

        return null === $parts ? null : $this->repeated($parts, $start, true);
    }

    private function counted(Token $start): ?Node
    {
        $count = $this->text->number(1, CountedPart::MOST);
        if (null === $count) {
            return null;
        }
        foreach ($this->readers->all as $reader) {
            if ($reader->isCounted() && $reader->isAt($this->text->now())) {
                return $this->times($reader->read($this->text, $count, $start), $start);
            }
        }

        return $this->text->fault(...$this->readers->counted());
    }

    private function uncounted(Token $start): ?Node
    {
        foreach ($this->readers->all as $reader) {
            if ($reader->isAt($start)) {
                return $this->times($reader->read($this->text, 1, $start), $start);
            }
        }

        return $this->text->fault(...$this->readers->beginnings());
    }

    /**
     * Reads on when a part may be repeated without brackets: "1 square x fit".
     */
    private function times(?Node $node, Token $start): ?Node
    {
        return null !== $node && $node->repeatsBare() && $this->text->now()->is('x') ? $this->repeated([$node], $start, false) : $node;
    }

    private function centre(Token $start): ?Node
    {
        $this->text->next();
        if (TokenKind::Open !== $this->text->now()->kind) {
            return $this->text->fault('"("');
        }
        $parts = $this->bracketed();

        return null === $parts ? null : new Centre($parts, $this->text->since($start));
    }

    /**
     * Reads one more line, with a mirror of its own if it has one.
     */
    private function below(Token $start): ?Node
    {
        if ($this->depth > 0) {
            return $this->text->fault(new Message('expected-no-below'));
        }
        $this->text->next();
        $lower = $this->text->length();
        $isNamed = null !== $lower && $this->text->skip('in');
        $cord = $isNamed ? $this->text->name() : null;
        if (null === $lower || $isNamed && null === $cord) {
            return null;
        }
        if (TokenKind::Open !== $this->text->now()->kind) {
            return $this->text->fault('"("', ...($isNamed ? [] : ['"in"']));
        }
        $this->ground = 1;
        $parts = $this->bracketed();
        $this->ground = 0;

        return null === $parts ? null : new Below($lower, $parts, $cord, $this->text->since($start));
    }

    private function mirror(Token $start): ?Node
    {
        if ($this->depth > $this->ground) {
            return $this->text->fault(new Message('expected-no-mirror'));
        }
        $this->text->next();

        if (!$this->text->skip('with')) {
            return new Mirror($this->text->since($start), $start->is('outwards'));
        }
        $exchange = $this->exchange();

        return null === $exchange ? null : new Mirror($this->text->since($start), $start->is('outwards'), $exchange);
    }

    /**
     * @return non-empty-list<Node>|null
     */
    private function bracketed(): ?array
    {
        if ($this->depth >= self::DEEPEST) {
            return $this->text->fault(new Message('expected-no-bracket'));
        }
        $this->text->next();
        ++$this->depth;
        $parts = $this->parts();
        --$this->depth;
        if (!$this->text->take(TokenKind::Close)) {
            return $this->text->fault('","', '")"');
        }

        return [] === $parts ? null : $parts;
    }

    /**
     * @param non-empty-list<Node> $parts
     */
    private function repeated(array $parts, Token $start, bool $bracketed): ?Node
    {
        if (!$this->text->skip('x')) {
            return $bracketed ? $this->text->fault(new Message('expected-times')) : null;
        }
        if ($this->text->skip('fit')) {
            $times = $this->fit();
        } else {
            $times = $this->text->number(1, CountedPart::MOST, '"fit"');
        }

        $alternate = null !== $times && $this->text->skip('alternate');
        $exchanges = null !== $times && $this->text->skip('exchanging');
        $exchange = $exchanges ? $this->exchange() : null;

        return null === $times || $exchanges && null === $exchange
            ? null
            : new Group($parts, $times, $alternate, $this->text->since($start), $exchange);
    }

    /**
     * Reads "sky for amber and sand for rust".
     */
    private function exchange(): ?Exchange
    {
        $pairs = [];
        do {
            $new = $this->text->name();
            $old = null === $new || null === $this->text->oneOf('for') ? null : $this->text->name();
            if (null === $new || null === $old || \count($pairs) >= Exchange::MOST) {
                return null;
            }
            $pairs[] = [$new, $old];
        } while ($this->text->skip('and'));

        return new Exchange($pairs);
    }

    private function fit(): ?Fit
    {
        $share = TokenKind::Number === $this->text->now()->kind ? $this->text->number(1, 99) : 1;
        if (null === $share) {
            return null;
        }
        foreach (['more' => 1, 'less' => -1] as $word => $sign) {
            if ($this->text->skip($word)) {
                $more = $this->text->number(1, Fit::MOST_MORE);

                return null === $more ? null : new Fit($share, $sign * $more, $this->text->skip('partly'));
            }
        }

        return new Fit($share, 0, $this->text->skip('partly'));
    }
}
