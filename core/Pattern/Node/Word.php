<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * A word of letter beads: word "MILA" of cube between dot.
 *
 * @internal
 */
final readonly class Word extends Leaf
{
    public const LONGEST = 40;

    /**
     * @param string      $text    1 to 40 letters
     * @param string      $bead    the bead that carries a letter
     * @param string|null $between a bead between each two letters
     */
    public function __construct(
        public string $text,
        public string $bead,
        public ?string $between = null,
        ?Place $place = null,
    ) {
        parent::__construct($place);
        self::hold(mb_strlen($text), 1, self::LONGEST);
    }

    public function word(): string
    {
        return 'word';
    }

    public function __toString(): string
    {
        return 'word "'.$this->text.'" of '.$this->bead.(null === $this->between ? '' : ' between '.$this->between);
    }

    public function names(): array
    {
        return null === $this->between ? [$this->bead] : [$this->bead, $this->between];
    }

    public function isPlaced(): bool
    {
        return true;
    }

    public function renamed(callable $rename): Node
    {
        return new self(
            $this->text,
            $rename($this->bead, 0),
            null === $this->between ? null : $rename($this->between, 1),
        );
    }

    public function isMiddle(): bool
    {
        return true;
    }
}
