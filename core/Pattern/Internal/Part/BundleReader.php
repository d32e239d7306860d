<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Internal\Part;

use Rinkel\Core\Pattern\Internal\Token;
use Rinkel\Core\Pattern\Internal\TokenKind;
use Rinkel\Core\Pattern\Internal\TokenReader;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\BeadBundle;

/**
 * "bundle amber sky / sky".
 *
 * @internal
 */
final readonly class BundleReader extends KeywordPart
{
    public function word(): string
    {
        return 'bundle';
    }

    public function read(TokenReader $text, int $count, Token $start): ?Node
    {
        $text->next();
        $loose = $text->skip('loose');
        $level = !$loose && $text->skip('level');
        $long = $text->names();
        $short = [];
        if (null !== $long && $text->take(TokenKind::Slash)) {
            $short = $text->names();
        }

        return null === $long || null === $short ? null : new BeadBundle(
            $long,
            $short,
            $text->since($start),
            $loose,
            $level,
        );
    }
}
