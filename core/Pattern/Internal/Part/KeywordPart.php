<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Internal\Part;

use Rinkel\Core\Pattern\Internal\PartReader;
use Rinkel\Core\Pattern\Internal\Token;

/**
 * A part that begins with a word of its own.
 *
 * @internal
 */
abstract readonly class KeywordPart implements PartReader
{
    /**
     * Returns its word, which no bead can be called by.
     */
    abstract public function word(): string;

    public function begins(): string
    {
        return '"'.$this->word().'"';
    }

    public function isAt(Token $token): bool
    {
        return $token->is($this->word());
    }

    public function isCounted(): bool
    {
        return false;
    }
}
