<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece\Lift;

use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\KnownClosures;
use Rinkel\Core\Piece\FormatUpgrade;

/**
 * From version 4 to 5: a closure says nothing any more that its kind does not know, such as the tails of a clasp; it
 * was never heard.
 *
 * @internal
 */
final class FromVersion4 implements FormatUpgrade
{
    /** Constructions of version 4 in which no cord ties around others: nothing can be knotted with it at an end. */
    private const WITHOUT_TYING = [
        'spaced-knots', 'single-focal', 'strung-beads', 'knotted-strands', 'bundled-wrap', 'netted-pouch',
    ];

    public function lift(array $document): array
    {
        $closure = $document['closure'] ?? null;
        $named = \is_array($closure) ? $closure['kind'] ?? null : null;
        $kind = \is_string($named) ? KnownClosures::all()->named($named) : null;
        if (null !== $kind && \is_array($closure)) {
            $unheard = array_diff(ClosureOption::fields(), ClosureOption::ofKind($kind));
            $document['closure'] = array_diff_key($closure, array_flip($unheard));
            if (\in_array($document['construction'] ?? null, self::WITHOUT_TYING, true)) {
                unset($document['closure']['knotted'], $document['closure']['behind']);
            }
        }

        return ['version' => 5] + $document;
    }
}
