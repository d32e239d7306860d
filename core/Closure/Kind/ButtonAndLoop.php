<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\ButtonLoop;
use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Closure\Wished;

/**
 * A button through a loop, or one of several.
 */
final readonly class ButtonAndLoop extends Opening
{
    public function id(): string
    {
        return 'button-loop';
    }

    public function asks(): array
    {
        return [Wished::Loops, Wished::Opening, Wished::Play, Wished::Findings, Wished::Knotted];
    }

    public function on(Site $site): Closure
    {
        return ButtonLoop::on($site);
    }
}
