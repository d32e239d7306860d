<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\ClosedRing;
use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Closure\Wished;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Material\FindingKind;

/**
 * Elastic knotted to a ring, the knot bare, in a bead or under one or two crimp covers.
 */
final readonly class KnottedElastic extends Shut
{
    public function id(): string
    {
        return 'elastic';
    }

    public function passesShut(): bool
    {
        return false; // it is drawn wide
    }

    public function asks(): array
    {
        return [Wished::Findings, Wished::GluedKnot];
    }

    public function on(Site $site): Closure
    {
        return new ClosedRing(
            $site->wish,
            $site->ends->cord,
            $site->book->in(new Overhand(), $site->ends->cord)->times(3),
            covers: $site->wished(FindingKind::CrimpCover),
        );
    }
}
