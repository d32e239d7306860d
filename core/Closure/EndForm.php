<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Closure\End\ButtonEnd;
use Rinkel\Core\Closure\End\ClosureEnd;
use Rinkel\Core\Closure\End\CordLoop;
use Rinkel\Core\Closure\End\FindingEnd;
use Rinkel\Core\Closure\End\KnottedLoop;
use Rinkel\Core\Closure\End\TieEnd;

/**
 * How one end of a piece is made that closes with two ends of their own kinds.
 *
 * @internal
 */
enum EndForm: string
{
    /** The core laid back into a loop and bound by an overhand of itself. */
    case Loop = 'loop';

    /** A loop of all cords, laid back together and bound by one overhand of all. */
    case KnottedLoop = 'knotted-loop';

    case Button = 'button';

    /** Tails to tie. */
    case Ties = 'ties';

    /** Clasp, hook, ring, connector, charm, or several. */
    case Findings = 'findings';

    public function isLoop(): bool
    {
        return self::Loop === $this || self::KnottedLoop === $this;
    }

    /**
     * Returns this end of the piece at $site, where $other is at the other.
     */
    public function at(Site $site, self $other, bool $isStart): ClosureEnd
    {
        return match ($this) {
            self::Loop => CordLoop::on($site, $other, $isStart && $site->footing->isFolded),
            self::KnottedLoop => KnottedLoop::on($site, $other),
            self::Button => ButtonEnd::on($site, $isStart && $site->footing->isFolded),
            self::Ties => new TieEnd($site->wish->reach->tail, $site),
            self::Findings => new FindingEnd($site->findings(), $site->tiedBack($isStart)),
        };
    }
}
