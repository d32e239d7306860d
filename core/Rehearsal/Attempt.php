<?php

declare(strict_types=1);

namespace Rinkel\Core\Rehearsal;

use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Move;

/**
 * Something that hands could do now: what comes next, or a slip and what comes of it.
 *
 * @internal
 */
final readonly class Attempt
{
    /**
     * @param Act          $act     of which it is a move
     * @param Message|null $follows what comes of it; null where it is right
     * @param string|null  $pattern of a flat band that shows it, in the notation
     */
    private function __construct(
        public Act $act,
        public Move $move,
        public ?Message $follows,
        public ?string $pattern = null,
    ) {}

    public static function right(Act $act, Move $move): self
    {
        return new self($act, $move, null);
    }

    public static function slip(Act $act, Move $move, Message $follows, ?string $pattern = null): self
    {
        return new self($act, $move, $follows, $pattern);
    }

    public function isRight(): bool
    {
        return null === $this->follows;
    }

    /**
     * Returns whether it is one knot of an act that ties several.
     */
    public function isOneOfMany(): bool
    {
        return null !== $this->move->knot && $this->act->stint->count > 1;
    }

    /**
     * Returns by what it is told from the others, the same for what looks the same to a maker.
     */
    public function key(): string
    {
        $move = $this->move;
        $isOne = null !== $move->side || null !== $move->bead || $this->isOneOfMany();

        return hash('crc32b', $isOne ? $move->told() : $this->act->told());
    }
}
