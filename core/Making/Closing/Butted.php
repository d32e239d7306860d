<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Closing;

use Rinkel\Core\Making\Cure;
use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Making\Tool;
use Rinkel\Core\Plan\Plan;

/**
 * Both ends glued to each other and held for a minute; the lump is trimmed once it has cured.
 */
final readonly class Butted extends Plain
{
    public function takesEnds(): bool
    {
        return true;
    }

    public function closing(Plan $plan): array
    {
        return [
            Step::plain(Deed::Close, 'butt', [], [Tool::Glue], look: 'look-minute'),
            Step::wait('cure-end', Cure::End->minutes()),
            Step::plain(Deed::Trim, 'trim-lump', [], [Tool::Scissors]),
        ];
    }
}
