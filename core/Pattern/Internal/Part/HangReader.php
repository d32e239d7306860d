<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Internal\Part;

use Rinkel\Core\Pattern\Internal\Token;
use Rinkel\Core\Pattern\Internal\TokenReader;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\Hang;

/**
 * "hang leaf".
 *
 * @internal
 */
final readonly class HangReader extends KeywordPart
{
    public function word(): string
    {
        return 'hang';
    }

    public function read(TokenReader $text, int $count, Token $start): ?Node
    {
        $text->next();
        $name = $text->name();

        return null === $name ? null : new Hang($name, $text->since($start));
    }
}
