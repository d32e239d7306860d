<?php

declare(strict_types=1);

namespace Rinkel\App\Workshop;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/**
 * What is kept apart for each member of a workshop.
 */
#[AutoconfigureTag]
interface Personal
{
    /**
     * What one had is another's from now on; "" stands for the one maker that there is without a workshop.
     */
    public function pass(string $from, string $to): void;
}
