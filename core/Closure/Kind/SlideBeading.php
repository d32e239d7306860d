<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Closure\SlideBead;
use Rinkel\Core\Material\FindingKind;

/**
 * Both tails through one tight bead.
 *
 * @internal
 */
final readonly class SlideBeading extends Slider
{
    public function id(): string
    {
        return 'slide-bead';
    }

    public function options(): array
    {
        return [ClosureOption::Shows, ClosureOption::Tail, ClosureOption::Tails, ClosureOption::Findings, ClosureOption::Glued];
    }

    public function made(ClosureWish $wish): array
    {
        return [FindingKind::SlideBead];
    }

    public function on(Site $site): Closure
    {
        return new SlideBead(
            $site->wish,
            ...[...$site->finding(FindingKind::SlideBead), $site->ends, $site->stop(), $site],
        );
    }
}
