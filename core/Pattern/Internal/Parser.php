<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Internal;

use Rinkel\Core\Failure;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Exception\PatternUnreadable;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\BeadOrder;
use Rinkel\Core\Pattern\Node\Beads;
use Rinkel\Core\Pattern\Node\Braid;
use Rinkel\Core\Pattern\Node\Bundle;
use Rinkel\Core\Pattern\Node\Centre;
use Rinkel\Core\Pattern\Node\Fit;
use Rinkel\Core\Pattern\Node\Focal;
use Rinkel\Core\Pattern\Node\Gap;
use Rinkel\Core\Pattern\Node\Group;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Pattern\Node\Links;
use Rinkel\Core\Pattern\Node\Mirror;
use Rinkel\Core\Pattern\Node\Net;
use Rinkel\Core\Pattern\Node\Wave;
use Rinkel\Core\Pattern\Node\Word;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Pattern\PatternFault;
use Rinkel\Core\Pattern\Place;

/**
 * Reads the notation:
 *
 *     pattern = part, { ",", part } ;
 *     part    = [count], knot, [times] | [count], beads, [times] | "focal", name | "gap", (length | "fit") | word | bundle
 *             | [count], "link", name, [times] | "braid", (length | "fit") | "net", rows, "every", length
 *             | "wave", steps, name, "/", [number], name, [times] | "centre", "(", part, { ",", part }, ")" | "(", part, { ",", part }, ")", times | "mirror" ;
 *     knot    = ("square" | "half", ("left" | "right") | ["double"], "overhand" | "barrel", [wraps]
 *             | ["vertical"], "lark" | "hitch" | "whip" | "interlace"), ["in", name] ;
 *     beads   = "bead", ["by", ("value" | "colour" | "form")], [number], name, { [number], name },
 *               ["on", ("core" | "left" | "right" | "strand", number)] ;
 *     word    = "word", text, "of", name, ["between", name] ;
 *     bundle  = "bundle", name, { name }, ["/", name, { name }] ;
 *     times   = "x", (number | "fit", [share], [("more" | "less"), number]), ["alternate"] ;
 *
 * After a fault it goes on at the next comma or bracket, so that all faults are told at once.
 *
 * @internal
 */
final class Parser
{
    private const MOST = 2000;
    private const DEEPEST = 12;
    private const MOST_FAULTS = 20;
    private const PARTS = ['a number', 'a knot', '"bead"', '"focal"', '"gap"', '"word"', '"bundle"', '"braid"', '"net"', '"wave"', '"link"', '"centre"', '"("', '"mirror"'];

    /** Words of the notation besides those of knots; no bead can be called by either. */
    private const RESERVED = [
        'alternate', 'bead', 'between', 'braid', 'bundle', 'by', 'centre', 'every', 'fit', 'focal', 'gap', 'in', 'link', 'mirror', 'net', 'of',
        'on', 'wave', 'word', 'x',
    ];

    /** What knots say of a side, a cord may be called by. */
    private const SIDES = ['left', 'right'];

    private int $at = 0;
    private int $depth = 0;

    /** @var list<PatternFault> */
    private array $faults = [];

    /** @var array<string, true> words that no bead can be called by */
    private readonly array $reserved;

    /**
     * @param non-empty-list<Token> $tokens
     */
    public function __construct(
        private readonly array $tokens,
        private readonly Unit $bare,
        private readonly KnownKnots $knots,
    ) {
        $this->reserved = self::reserved($knots);
    }

    public function pattern(): Pattern
    {
        $parts = $this->parts();
        while (TokenKind::End !== $this->now()->kind && \count($this->faults) < self::MOST_FAULTS) {
            $this->fault('","', 'the end');
            ++$this->at;
            array_push($parts, ...$this->parts());
        }
        if ([] !== $this->faults) {
            throw PatternUnreadable::because($this->faults);
        }

        return new Pattern([] === $parts ? throw PatternUnreadable::because([new PatternFault($this->now()->place, '', self::PARTS)]) : $parts);
    }

    /**
     * Returns whether $name can name a bead or a cord.
     */
    public static function isName(string $name): bool
    {
        return 1 === preg_match('/^[\pL][\pL\d_-]{0,39}$/Du', $name) && !isset(self::reserved(KnownKnots::all())[mb_strtolower($name)]);
    }

    /**
     * @return array<string, true>
     */
    private static function reserved(KnownKnots $knots): array
    {
        return array_fill_keys([...self::RESERVED, ...array_diff(explode(' ', implode(' ', $knots->words())), self::SIDES)], true);
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
                $this->recover();
            }
        } while ($this->take(TokenKind::Comma) && \count($this->faults) < self::MOST_FAULTS);

        return $parts;
    }

    private function part(): ?Node
    {
        $start = $this->now();
        if (TokenKind::Open === $start->kind) {
            $parts = $this->bracketed();

            return null === $parts ? null : $this->repeated($parts, $start, true);
        }
        if (TokenKind::Number === $start->kind) {
            return $this->counted($start);
        }
        if ($this->isKnot($start) || $start->is('bead')) {
            return $this->times(fn (): ?Node => $start->is('bead') ? $this->beads(1, $start) : $this->knots(1, $start), $start);
        }

        return match (true) {
            $start->is('focal') => $this->focal($start),
            $start->is('gap') => $this->gap($start),
            $start->is('word') => $this->word($start),
            $start->is('bundle') => $this->times(fn (): ?Node => $this->bundle($start), $start),
            $start->is('link') => $this->times(fn (): ?Node => $this->links(1, $start), $start),
            $start->is('braid') => $this->braid($start),
            $start->is('net') => $this->net($start),
            $start->is('wave') => $this->times(fn (): ?Node => $this->wave($start), $start),
            $start->is('centre') => $this->centre($start),
            $start->is('mirror') => $this->mirror($start),
            default => $this->fault(...self::PARTS),
        };
    }

    private function counted(Token $start): ?Node
    {
        $count = $this->number(1, self::MOST);
        if (null === $count) {
            return null;
        }

        return match (true) {
            $this->now()->is('bead') => $this->times(fn (): ?Node => $this->beads($count, $start), $start),
            $this->now()->is('link') => $this->times(fn (): ?Node => $this->links($count, $start), $start),
            $this->isKnot($this->now()) => $this->times(fn (): ?Node => $this->knots($count, $start), $start),
            default => $this->fault('"bead"', ...array_map(static fn (string $word): string => '"'.$word.'"', $this->knots->words())),
        };
    }

    /**
     * Reads what may be repeated without brackets: "1 square x fit".
     *
     * @param callable(): ?Node $read
     */
    private function times(callable $read, Token $start): ?Node
    {
        $node = $read();

        return null === $node || !$this->now()->is('x') ? $node : $this->repeated([$node], $start, false);
    }

    private function isKnot(Token $token): bool
    {
        return TokenKind::Word === $token->kind
            && (null !== $this->knots->named($token->text) || [] !== $this->secondWords($token->text));
    }

    private function knots(int $count, Token $start): ?Node
    {
        $kind = $this->knot();
        if (null === $kind) {
            return null;
        }
        $wraps = null;
        if (null !== $kind->usualTurns()) {
            $wraps = TokenKind::Number === $this->now()->kind ? $this->number(2, 5) : $kind->usualTurns();
            if (null === $wraps) {
                return null;
            }
        }
        $cord = null;
        if ($this->skip('in')) {
            $cord = $this->name();
            if (null === $cord) {
                return null;
            }
        }

        return new Knots($count, $kind, $wraps, $cord, $this->since($start));
    }

    /**
     * Reads the word of a knot, or its two.
     */
    private function knot(): ?Knot
    {
        $first = $this->next()->text;
        $seconds = $this->secondWords($first);
        $single = $this->knots->named($first);
        if ([] === $seconds || null !== $single && !\in_array($this->now()->text, $seconds, true)) {
            return $single;
        }
        $second = $this->oneOf(...$seconds);

        return null === $second ? null : $this->knots->named($first.' '.$second);
    }

    /**
     * @return list<string> what follows $first in the words of knots
     */
    private function secondWords(string $first): array
    {
        $seconds = [];
        foreach ($this->knots->words() as $word) {
            if (str_starts_with($word, $first.' ')) {
                $seconds[] = substr($word, \strlen($first) + 1);
            }
        }

        return $seconds;
    }

    private function beads(int $count, Token $start): ?Node
    {
        $this->next();
        $order = BeadOrder::AsNamed;
        if ($this->skip('by')) {
            $by = $this->oneOf('value', 'colour', 'form');
            if (null === $by) {
                return null;
            }
            $order = BeadOrder::from('by '.$by);
        }
        $names = [];
        do {
            $each = TokenKind::Number === $this->now()->kind ? $this->number(1, self::MOST) : 1;
            $name = null === $each ? null : $this->name();
            if (null === $each || null === $name) {
                return null;
            }
            $names[] = [$each, $name];
        } while (TokenKind::Number === $this->now()->kind || $this->isFreeName($this->now()));
        [$lane, $strand] = [Lane::Core, null];
        if ($this->skip('on')) {
            $word = $this->oneOf('core', 'left', 'right', 'strand');
            if (null === $word) {
                return null;
            }
            $lane = Lane::from($word);
            $strand = Lane::Strand === $lane ? $this->number(1, 8) : null;
            if (Lane::Strand === $lane && null === $strand) {
                return null;
            }
        }

        return new Beads($count, $order, $names, $lane, $strand, $this->since($start));
    }

    private function focal(Token $start): ?Node
    {
        $this->next();
        $name = $this->name();

        return null === $name ? null : new Focal($name, $this->since($start));
    }

    private function gap(Token $start): ?Node
    {
        $this->next();
        if ($this->skip('fit')) {
            return new Gap(null, $this->since($start));
        }
        $length = $this->length('"fit"');

        return null === $length ? null : new Gap($length, $this->since($start));
    }

    private function braid(Token $start): ?Node
    {
        $this->next();
        if ($this->skip('fit')) {
            return new Braid(null, $this->since($start));
        }
        $length = $this->length('"fit"');

        return null === $length ? null : new Braid($length, $this->since($start));
    }

    private function net(Token $start): ?Node
    {
        $this->next();
        $rows = $this->number(1, 60);
        $every = null === $rows || null === $this->oneOf('every') ? null : $this->length();

        return null === $rows || null === $every ? null : new Net($rows, $every, $this->since($start));
    }

    private function links(int $count, Token $start): ?Node
    {
        $this->next();
        $name = $this->name();

        return null === $name ? null : new Links($count, $name, $this->since($start));
    }

    private function wave(Token $start): ?Node
    {
        $this->next();
        $steps = $this->number(1, 40);
        $round = null === $steps ? null : $this->name();
        if (null === $steps || null === $round) {
            return null;
        }
        if (!$this->take(TokenKind::Slash)) {
            return $this->fault('"/"');
        }
        $seeds = TokenKind::Number === $this->now()->kind ? $this->number(1, 60) : null;
        $seed = $this->name();

        return null === $seed ? null : new Wave($steps, $round, $seed, $seeds, $this->since($start));
    }

    private function length(string ...$or): ?Length
    {
        $token = $this->now();
        if (TokenKind::Length !== $token->kind) {
            return $this->fault('a length, for example 1 in or 25 mm', ...array_values($or));
        }
        try {
            $length = Length::parse($token->text, $this->bare);
        } catch (Failure) {
            $length = Length::zero();
        }
        if ($length->isShorterThan(Length::ofMillimetres(0.1)) || $length->isLongerThan(Length::ofCentimetres(500))) {
            return $this->fault('a length from 0.1 mm to 5 m, for example 1 in or 25 mm');
        }
        $this->next();

        return $length;
    }

    private function word(Token $start): ?Node
    {
        $this->next();
        $token = $this->now();
        $text = trim($token->text, '"');
        if (TokenKind::Text !== $token->kind || '' === trim($text) || mb_strlen($text) > 40) {
            return $this->fault('a word of up to 40 letters in quotes, for example "MILA"');
        }
        $this->next();
        if (null === $this->oneOf('of')) {
            return null;
        }
        $bead = $this->name();
        $between = null;
        if (null !== $bead && $this->skip('between')) {
            $between = $this->name();
            $bead = null === $between ? null : $bead;
        }

        return null === $bead ? null : new Word($text, $bead, $between, $this->since($start));
    }

    private function bundle(Token $start): ?Node
    {
        $this->next();
        $long = $this->names();
        $short = [];
        if (null !== $long && $this->take(TokenKind::Slash)) {
            $short = $this->names();
        }

        return null === $long || null === $short ? null : new Bundle($long, $short, $this->since($start));
    }

    private function centre(Token $start): ?Node
    {
        $this->next();
        if (TokenKind::Open !== $this->now()->kind) {
            return $this->fault('"("');
        }
        $parts = $this->bracketed();

        return null === $parts ? null : new Centre($parts, $this->since($start));
    }

    private function mirror(Token $start): ?Node
    {
        if ($this->depth > 0) {
            return $this->fault('a part; "mirror" stands outside brackets');
        }
        $this->next();

        return new Mirror($this->since($start));
    }

    /**
     * @return non-empty-list<Node>|null
     */
    private function bracketed(): ?array
    {
        if ($this->depth >= self::DEEPEST) {
            return $this->fault('no more brackets inside brackets');
        }
        $this->next();
        ++$this->depth;
        $parts = $this->parts();
        --$this->depth;
        if (!$this->take(TokenKind::Close)) {
            return $this->fault('","', '")"');
        }

        return [] === $parts ? null : $parts;
    }

    /**
     * @param non-empty-list<Node> $parts
     */
    private function repeated(array $parts, Token $start, bool $bracketed): ?Node
    {
        if (!$this->skip('x')) {
            return $bracketed ? $this->fault('"x" and a number, or "x fit"') : null;
        }
        if ($this->skip('fit')) {
            $times = $this->fit();
        } else {
            $times = $this->number(1, self::MOST, '"fit"');
        }

        return null === $times ? null : new Group($parts, $times, $this->skip('alternate'), $this->since($start));
    }

    private function fit(): ?Fit
    {
        $share = TokenKind::Number === $this->now()->kind ? $this->number(1, 99) : 1;
        if (null === $share) {
            return null;
        }
        foreach (['more' => 1, 'less' => -1] as $word => $sign) {
            if ($this->skip($word)) {
                $more = $this->number(1, Fit::MOST_MORE);

                return null === $more ? null : new Fit($share, $sign * $more);
            }
        }

        return new Fit($share);
    }

    /**
     * @return non-empty-list<string>|null
     */
    private function names(): ?array
    {
        $names = [];
        do {
            $name = $this->name();
            if (null === $name) {
                return null;
            }
            $names[] = $name;
        } while ($this->isFreeName($this->now()));

        return $names;
    }

    private function name(): ?string
    {
        return $this->isFreeName($this->now()) ? $this->next()->text : $this->fault('the short name of a bead or cord');
    }

    private function isFreeName(Token $token): bool
    {
        return TokenKind::Word === $token->kind && !isset($this->reserved[$token->text]);
    }

    private function number(int $least, int $most, string ...$or): ?int
    {
        $token = $this->now();
        $number = TokenKind::Number === $token->kind ? (int) $token->text : 0;
        if ($number < $least || $number > $most) {
            return $this->fault(\sprintf('a number from %d to %d', $least, $most), ...array_values($or));
        }
        ++$this->at;

        return $number;
    }

    private function oneOf(string ...$words): ?string
    {
        return TokenKind::Word === $this->now()->kind && \in_array($this->now()->text, $words, true)
            ? $this->next()->text
            : $this->fault(...array_map(static fn (string $word): string => '"'.$word.'"', array_values($words)));
    }

    private function skip(string $word): bool
    {
        $there = $this->now()->is($word);
        $this->at += $there ? 1 : 0;

        return $there;
    }

    private function take(TokenKind $kind): bool
    {
        $there = $kind === $this->now()->kind;
        $this->at += $there ? 1 : 0;

        return $there;
    }

    private function now(): Token
    {
        return $this->tokens[min($this->at, \count($this->tokens) - 1)];
    }

    private function next(): Token
    {
        $token = $this->now();
        ++$this->at;

        return $token;
    }

    private function since(Token $start): Place
    {
        $last = $this->tokens[max(0, min($this->at, \count($this->tokens)) - 1)];
        $length = $last->place->line === $start->place->line
            ? $last->place->column + $last->place->length - $start->place->column
            : $start->place->length;

        return new Place($start->place->line, $start->place->column, $length);
    }

    private function fault(string ...$expected): null
    {
        $this->faults[] = new PatternFault($this->now()->place, $this->now()->text, array_values($expected));

        return null;
    }

    /**
     * Goes on to the next comma or closing bracket of this depth.
     */
    private function recover(): void
    {
        for ($open = 0; TokenKind::End !== $this->now()->kind; ++$this->at) {
            $kind = $this->now()->kind;
            if (0 === $open && (TokenKind::Comma === $kind || (TokenKind::Close === $kind && $this->depth > 0))) {
                return;
            }
            $open += match ($kind) {
                TokenKind::Open => 1,
                TokenKind::Close => $open > 0 ? -1 : 0,
                default => 0,
            };
        }
    }
}
