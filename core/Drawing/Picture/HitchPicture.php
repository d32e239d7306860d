<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Picture;

use Rinkel\Core\Drawing\CordKnots;
use Rinkel\Core\Drawing\KnotPicture;
use Rinkel\Core\Drawing\KnotRun;
use Rinkel\Core\Drawing\Motif;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Pose;

/**
 * Hitches of one cord along a core.
 *
 * @internal
 */
final class HitchPicture implements KnotPicture
{
    /** @var array<string, Motif> of runs whose knots are alike */
    private array $drawn = [];

    /**
     * @param non-empty-list<bool> $over whether each hitch of it goes over the core first
     */
    public function __construct(private readonly array $over) {}

    public function placed(KnotRun $run): array
    {
        $w = $run->unit();
        $word = (string) $run->knot->knot?->word();
        $motif = $this->drawn[$word.' '.$run->alike()] ??= CordKnots::hitch(
            $word.'-'.$run->role,
            $this->over,
            $run->around->half / $w,
            $run->length(),
        );

        return [new Placed(
            $motif,
            new Pose(x: $run->x, y: $run->y, scale: $w),
            $run->cord->colour,
            $run->role,
            count: $run->count,
        )];
    }
}
