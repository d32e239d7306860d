<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\Clasp;
use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Closure\Wished;

/**
 * Clasp with rings and ends, also a toggle or an extender.
 */
final readonly class Clasping implements ClosureKind
{
    public function id(): string
    {
        return 'clasp';
    }

    public function slides(): bool
    {
        return false;
    }

    public function opensFully(): bool
    {
        return true;
    }

    public function passesShut(): bool
    {
        return false;
    }

    public function asks(): array
    {
        return [Wished::Findings];
    }

    public function cautions(): array
    {
        return [];
    }

    public function on(Site $site): Closure
    {
        return new Clasp($site->wish->kind, $site->findings(), $site->ends->bundle()->diameter());
    }
}
