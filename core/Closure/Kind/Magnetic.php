<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\ClosedRing;
use Rinkel\Core\Closure\Closing\GluedEnds;
use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Work\Habits;

/**
 * Ends glued into a magnet.
 *
 * @internal
 */
final readonly class Magnetic extends OpeningClosure
{
    public function id(): string
    {
        return 'magnetic';
    }

    public function options(): array
    {
        return [ClosureOption::Findings];
    }

    public function cautions(): array
    {
        return ['magnets'];
    }

    public function made(ClosureWish $wish): array
    {
        return [FindingKind::Magnet];
    }

    public function on(Site $site): Closure
    {
        $magnet = $site->finding(FindingKind::Magnet);

        return new ClosedRing(
            $site->wish,
            $site->ends->cord,
            new GluedEnds($magnet[0], Length::ofMillimetres(Habits::GLUED)),
            magnet: $magnet,
            bundle: $site->ends->bundle()->diameter(),
        );
    }
}
