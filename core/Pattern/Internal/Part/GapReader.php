<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Internal\Part;

use Rinkel\Core\Pattern\Internal\Reading;
use Rinkel\Core\Pattern\Internal\Token;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\Gap;

/**
 * "gap 25 mm", "gap fit".
 *
 * @internal
 */
final readonly class GapReader extends Worded
{
    public function word(): string
    {
        return 'gap';
    }

    public function read(Reading $text, int $count, Token $start): ?Node
    {
        $text->next();
        if ($text->skip('fit')) {
            return new Gap(null, $text->since($start));
        }
        $length = $text->length('"fit"');

        return null === $length ? null : new Gap($length, $text->since($start));
    }
}
