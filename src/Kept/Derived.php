<?php

declare(strict_types=1);

namespace Rinkel\App\Kept;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/**
 * What is worked out from stored things and remembered, until they are others.
 */
#[AutoconfigureTag]
interface Derived
{
    /**
     * Forgets what was worked out, as nothing was written yet.
     */
    public function forget(): void;

    /**
     * Notes that what it is worked out from is stored otherwise now.
     */
    public function changed(): void;
}
