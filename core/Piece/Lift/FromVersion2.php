<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece\Lift;

use Rinkel\Core\Piece\FormatUpgrade;

/**
 * From version 2 to 3: how hard knots are pushed can be left unsaid. Version 2 wrote "even" whether it was said or not,
 * so that it says nothing.
 *
 * @internal
 */
final class FromVersion2 implements FormatUpgrade
{
    public function lift(array $document): array
    {
        if ('even' === ($document['tension'] ?? null)) {
            unset($document['tension']);
        }

        return ['version' => 3] + $document;
    }
}
