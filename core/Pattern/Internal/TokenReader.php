<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Internal;

use Rinkel\Core\Failure;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Pattern\PatternFault;
use Rinkel\Core\Pattern\Place;

/**
 * A text on its way to being read, word by word. What was expected and is not there is noted as a fault, and null comes
 * back.
 *
 * @internal
 */
final class TokenReader
{
    private int $at = 0;

    /** @var list<PatternFault> */
    private array $faults = [];

    /**
     * @param non-empty-list<Token> $tokens
     * @param Unit                  $bare     of lengths without one
     * @param array<string, true>   $reserved words that no bead can be called by
     */
    public function __construct(
        private readonly array $tokens,
        private readonly Unit $bare,
        private readonly array $reserved,
    ) {}

    /**
     * @return list<PatternFault>
     */
    public function faults(): array
    {
        return $this->faults;
    }

    public function now(): Token
    {
        return $this->tokens[min($this->at, \count($this->tokens) - 1)];
    }

    public function next(): Token
    {
        $token = $this->now();
        ++$this->at;

        return $token;
    }

    public function skip(string $word): bool
    {
        $there = $this->now()->is($word);
        $this->at += $there ? 1 : 0;

        return $there;
    }

    public function take(TokenKind $kind): bool
    {
        $there = $kind === $this->now()->kind;
        $this->at += $there ? 1 : 0;

        return $there;
    }

    public function name(): ?string
    {
        return $this->isFreeName($this->now()) ? $this->next()->text : $this->fault(new Message('expected-name'));
    }

    /**
     * @return non-empty-list<string>|null
     */
    public function names(): ?array
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

    public function isFreeName(Token $token): bool
    {
        return TokenKind::Word === $token->kind && !isset($this->reserved[$token->text]);
    }

    public function number(int $least, int $most, Message|string ...$or): ?int
    {
        $token = $this->now();
        $number = TokenKind::Number === $token->kind ? (int) $token->text : 0;
        if ($number < $least || $number > $most) {
            return $this->fault(
                new Message('expected-number', ['least' => $least, 'most' => $most]),
                ...array_values($or),
            );
        }
        ++$this->at;

        return $number;
    }

    public function oneOf(string ...$words): ?string
    {
        return TokenKind::Word === $this->now()->kind && \in_array($this->now()->text, $words, true)
            ? $this->next()->text
            : $this->fault(...array_map(static fn (string $word): string => '"'.$word.'"', array_values($words)));
    }

    public function length(Message|string ...$or): ?Length
    {
        return $this->lengthOf($this->now()->text, ...$or);
    }

    /**
     * Reads $said, which the length that stands here says, perhaps with more.
     */
    public function lengthOf(string $said, Message|string ...$or): ?Length
    {
        if (TokenKind::Length !== $this->now()->kind) {
            return $this->fault(new Message('expected-length'), ...array_values($or));
        }
        try {
            $length = Length::parse($said, $this->bare);
        } catch (Failure) {
            $length = Length::zero();
        }
        if ($length->isShorterThan(Length::ofMillimetres(0.1)) || $length->isLongerThan(Length::ofCentimetres(500))) {
            return $this->fault(new Message('expected-length-from'));
        }
        $this->next();

        return $length;
    }

    public function since(Token $start): Place
    {
        $last = $this->tokens[max(0, min($this->at, \count($this->tokens)) - 1)];
        $length = $last->place->line === $start->place->line
            ? $last->place->column + $last->place->length - $start->place->column
            : $start->place->length;

        return new Place($start->place->line, $start->place->column, $length);
    }

    public function fault(Message|string ...$expected): null
    {
        $this->faults[] = new PatternFault($this->now()->place, $this->now()->text, array_values($expected));

        return null;
    }

    /**
     * Goes on to the next comma or closing bracket of this depth.
     */
    public function recover(bool $inBrackets): void
    {
        for ($open = 0; TokenKind::End !== $this->now()->kind; ++$this->at) {
            $kind = $this->now()->kind;
            if (0 === $open && (TokenKind::Comma === $kind || (TokenKind::Close === $kind && $inBrackets))) {
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
