<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\Clasp;
use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Closure\Wished;
use Rinkel\Core\Material\FindingKind;

/**
 * Clasp with rings and ends, also a toggle or an extender.
 */
final readonly class Clasping extends Opening
{
    public function id(): string
    {
        return 'clasp';
    }

    public function asks(): array
    {
        return [Wished::Findings];
    }

    public function made(ClosureWish $wish): array
    {
        return [FindingKind::Clasp, FindingKind::Ring];
    }

    public function on(Site $site): Closure
    {
        return new Clasp($site->wish->kind, $site->findings(), $site);
    }
}
