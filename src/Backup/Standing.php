<?php

declare(strict_types=1);

namespace Rinkel\App\Backup;

/**
 * How something in an archive stands to what is here.
 */
enum Standing: string
{
    /** It is not here. */
    case New = 'new';

    /** It is here and equal. */
    case Same = 'same';

    /** It is here, and was changed in the archive later. */
    case Changed = 'changed';

    /** It is here, and was changed here later. */
    case Conflict = 'conflict';

    /** It cannot be read. */
    case Unreadable = 'unreadable';

    public function canBeTaken(): bool
    {
        return \in_array($this, [self::New, self::Changed, self::Conflict], true);
    }

    /**
     * Returns whether it is taken where nobody says otherwise.
     */
    public function isTaken(): bool
    {
        return \in_array($this, [self::New, self::Changed], true);
    }
}
