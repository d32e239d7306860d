<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\ClosedRing;
use Rinkel\Core\Closure\Closing\Elastic;
use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;

/**
 * Elastic knotted to a ring, the knot bare, in a bead or under one or two crimp covers.
 *
 * @internal
 */
final readonly class KnottedElastic extends PermanentClosure
{
    public function id(): string
    {
        return 'elastic';
    }

    public function passesShut(): bool
    {
        return false; // it is drawn wide
    }

    public function options(): array
    {
        return [ClosureOption::Findings, ClosureOption::GluedKnot, ClosureOption::Plain];
    }

    public function on(Site $site): Closure
    {
        $covers = $site->wished(FindingKind::CrimpCover);

        return new ClosedRing(
            $site->wish,
            $site->ends->cord,
            new Elastic(
                array_column($covers, 0),
                $site->wish->knot->glued,
                Length::ofCentimetres(10),
                $site->widest(),
                $site->wish->knot->plain,
            ),
            true,
            covers: $covers,
        );
    }
}
