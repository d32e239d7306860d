<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\Clasp;
use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;

/**
 * A clasp that opens when it is pulled, as a necklace for a child needs.
 *
 * @internal
 */
final readonly class Breakaway extends OpeningClosure
{
    /** Its two halves shut, in mm (from memory; measure your own). */
    private const LONG = 14.0;

    public function id(): string
    {
        return 'breakaway';
    }

    public function options(): array
    {
        return [ClosureOption::Findings];
    }

    public function on(Site $site): Closure
    {
        $findings = $site->findings();

        return new Clasp($site->wish->kind, [] === $findings ? [
            ['breakaway clasp', Finding::of(FindingKind::Clasp, Length::ofMillimetres(self::LONG))],
        ] : $findings, $site);
    }
}
