<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Closing;

use Rinkel\Core\Making\Cure;
use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Making\Tool;
use Rinkel\Core\Plan\Plan;

/**
 * A magnet glued on both ends.
 */
final readonly class Magnet extends Plain
{
    public function takesEnds(): bool
    {
        return true;
    }

    public function closing(Plan $plan): array
    {
        return [
            Step::plain(Deed::Close, 'magnet', [], [Tool::Glue, Tool::Clip], look: 'look-magnet'),
            Step::wait('cure-end', Cure::End->minutes()),
        ];
    }
}
