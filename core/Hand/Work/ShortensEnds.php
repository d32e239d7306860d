<?php

declare(strict_types=1);

namespace Rinkel\Core\Hand\Work;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;

/**
 * Work that takes of an end: it is shorter after than before.
 *
 * @internal
 */
trait ShortensEnds
{
    public function disbelieved(Length $before, Length $after): ?Message
    {
        return $after->isShorterThan($before) ? null : new Message(
            'sample-grew',
            ['after' => $after, 'before' => $before],
        );
    }
}
