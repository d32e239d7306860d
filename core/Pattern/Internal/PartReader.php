<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Internal;

use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Node;

/**
 * Reads one kind of part, from its word on.
 *
 * @internal
 */
interface PartReader
{
    /**
     * Returns how a part of this kind begins, as it is said to makers: "\"bead\"" or that it is a knot.
     */
    public function begins(): Message|string;

    public function isAt(Token $token): bool;

    /**
     * Returns whether a number can stand before it: "3 bead".
     */
    public function isCounted(): bool;

    /**
     * @param int   $count what was said before it, else 1
     * @param Token $start where the part begins, with its number
     */
    public function read(TokenReader $text, int $count, Token $start): ?Node;
}
