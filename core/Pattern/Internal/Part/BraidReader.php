<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Internal\Part;

use Rinkel\Core\Pattern\Internal\Token;
use Rinkel\Core\Pattern\Internal\TokenReader;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\Braid;

/**
 * "braid 10 cm", "braid fit".
 *
 * @internal
 */
final readonly class BraidReader extends KeywordPart
{
    public function word(): string
    {
        return 'braid';
    }

    public function read(TokenReader $text, int $count, Token $start): ?Node
    {
        $text->next();
        if ($text->skip('fit')) {
            return new Braid(null, $text->since($start));
        }
        $length = $text->length('"fit"');

        return null === $length ? null : new Braid($length, $text->since($start));
    }
}
