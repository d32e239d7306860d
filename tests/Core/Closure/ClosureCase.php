<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Plan\Plan;
use Rinkel\Tests\Core\Examples;

abstract class ClosureCase extends TestCase
{
    /**
     * @param array<string, mixed> $changes
     */
    protected static function closed(string $kind, array $changes = []): Plan
    {
        return Examples::plan(['closure.kind' => $kind] + $changes);
    }
}
