<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\End;

use Rinkel\Core\Measure\Length;

/**
 * An end without findings and with nothing to say against.
 *
 * @internal
 */
abstract readonly class Bare implements ClosureEnd
{
    public function further(): Length
    {
        return Length::zero();
    }

    public function checks(): array
    {
        return [];
    }

    public function findings(): array
    {
        return [];
    }

    public function tail(): ?Length
    {
        return null;
    }

    public function flat(): ?Length
    {
        return null;
    }
}
