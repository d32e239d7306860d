<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Closure\TwoEnds;
use Rinkel\Core\Closure\Wished;

/**
 * One end like this, the other like that: loops, button, ties, findings.
 */
final readonly class TwoEnding extends Opening
{
    public function id(): string
    {
        return 'two-ends';
    }

    public function asks(): array
    {
        return [Wished::Ends, Wished::Tail, Wished::Tails, Wished::Play, Wished::Findings];
    }

    public function on(Site $site): Closure
    {
        return new TwoEnds($site->wish, $site);
    }
}
