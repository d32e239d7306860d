<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Internal\Part;

use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Internal\PartReader;
use Rinkel\Core\Pattern\Internal\Token;
use Rinkel\Core\Pattern\Internal\TokenKind;
use Rinkel\Core\Pattern\Internal\TokenReader;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\Knots;

/**
 * "42 half left", "1 barrel 4", "8 square in second": knots by their one word or two.
 *
 * @internal
 */
final readonly class KnotsReader implements PartReader
{
    public function __construct(private KnownKnots $knots) {}

    public function begins(): Message
    {
        return new Message('expected-knot');
    }

    public function isAt(Token $token): bool
    {
        return TokenKind::Word === $token->kind
            && (null !== $this->knots->named($token->text) || [] !== $this->secondWords($token->text));
    }

    public function isCounted(): bool
    {
        return true;
    }

    public function read(TokenReader $text, int $count, Token $start): ?Node
    {
        $kind = $this->knot($text);
        if (null === $kind) {
            return null;
        }
        $wraps = null;
        if (null !== $kind->usualTurns()) {
            $wraps = TokenKind::Number === $text->now()->kind ? $text->number(...Knots::WRAPS) : $kind->usualTurns();
            if (null === $wraps) {
                return null;
            }
        }
        $cord = null;
        if ($text->skip('in')) {
            $cord = $text->name();
            if (null === $cord) {
                return null;
            }
        }

        $fills = $text->skip('fill');

        return new Knots($count, $kind, $wraps, $cord, $text->since($start), $fills);
    }

    /**
     * Reads the word of a knot, or its two.
     */
    private function knot(TokenReader $text): ?Knot
    {
        $first = $text->next()->text;
        $seconds = $this->secondWords($first);
        $single = $this->knots->named($first);
        if ([] === $seconds || null !== $single && !\in_array($text->now()->text, $seconds, true)) {
            return $single;
        }
        $second = $text->oneOf(...$seconds);

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
}
