<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Internal\Part;

use Rinkel\Core\Pattern\Internal\Token;
use Rinkel\Core\Pattern\Internal\TokenReader;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\Links;

/**
 * "12 link chain".
 *
 * @internal
 */
final readonly class LinksReader extends KeywordPart
{
    public function word(): string
    {
        return 'link';
    }

    public function isCounted(): bool
    {
        return true;
    }

    public function read(TokenReader $text, int $count, Token $start): ?Node
    {
        $text->next();
        $name = $text->name();

        return null === $name ? null : new Links($count, $name, $text->since($start));
    }
}
