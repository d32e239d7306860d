<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Way;

use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Making\Tool;

/**
 * Several working pairs on one core that take turns: all begin together, and those that do not tie lie along the core.
 */
final readonly class StackedWay extends BandWay
{
    protected function opening(array $closure): array
    {
        return [
            ...parent::opening($closure),
            Step::plain(Deed::Fix, 'lay-pairs', ['roles' => $this->pairs()], [Tool::Board]),
        ];
    }
}
