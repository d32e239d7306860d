<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Internal\Part;

use Rinkel\Core\Pattern\Internal\Token;
use Rinkel\Core\Pattern\Internal\TokenReader;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\Binding;

/**
 * "binding 12 mm".
 *
 * @internal
 */
final readonly class BindingReader extends KeywordPart
{
    public function word(): string
    {
        return 'binding';
    }

    public function read(TokenReader $text, int $count, Token $start): ?Node
    {
        $text->next();
        $width = $text->length();

        return null === $width ? null : new Binding($width, $text->since($start));
    }
}
