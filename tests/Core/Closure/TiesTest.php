<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Plan\Plan;
use Rinkel\Tests\Core\Examples;

final class TiesTest extends TestCase
{
    /**
     * Common practice: ties leave at least 2 in each side.
     */
    public function testTies(): void
    {
        self::assertGreaterThanOrEqual(50.8, self::closed('ties')->draft->fastened->span->tail->millimetres ?? 0.0);
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function closed(string $kind, array $changes = []): Plan
    {
        return Examples::plan(['closure.kind' => $kind] + $changes);
    }
}
