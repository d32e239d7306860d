<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

final class TiesTest extends ClosureCase
{
    /**
     * Common practice: ties leave at least 2 in each side.
     */
    public function testTies(): void
    {
        self::assertGreaterThanOrEqual(50.8, self::closed('ties')->draft->fastened->span->tail->millimetres ?? 0.0);
    }
}
