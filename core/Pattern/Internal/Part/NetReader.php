<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Internal\Part;

use Rinkel\Core\Pattern\Internal\Token;
use Rinkel\Core\Pattern\Internal\TokenReader;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\Net;

/**
 * "net 5 every 12 mm".
 *
 * @internal
 */
final readonly class NetReader extends KeywordPart
{
    public function word(): string
    {
        return 'net';
    }

    public function read(TokenReader $text, int $count, Token $start): ?Node
    {
        $text->next();
        $rows = $text->number(1, Net::MOST_ROWS);
        $every = null === $rows || null === $text->oneOf('every') ? null : $text->length();

        return null === $rows || null === $every ? null : new Net($rows, $every, $text->since($start));
    }
}
