<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Remark\Severity;
use Rinkel\Tests\Core\Examples;

final class ClosedRingTest extends TestCase
{
    public function testNothingLiesBetweenTheEndsOfAKnottedString(): void
    {
        $plan = self::elastic();

        self::assertTrue($plan->draft->fastened->span->narrow->isZero());
        self::assertEquals($plan->draft->fastened->span->narrow, $plan->draft->fastened->span->wide, 'it has no range');
    }

    public function testACoverIsPartOfTheRing(): void
    {
        $covered = self::elastic([
            'findings.cover' => ['kind' => 'crimp-cover', 'length' => '4 mm'],
            'closure.findings' => ['cover'],
        ]);

        self::assertEqualsWithDelta(4.0, $covered->draft->fastened->span->length->millimetres ?? 0.0, 1e-9);
        self::assertSame('cover', $covered->draft->fastened->fittings->named[0][0]);
    }

    public function testItStretchesOverTheHandOrIsRefused(): void
    {
        self::assertNull(Examples::check(self::elastic(['wearer.hand' => '17 cm']), 'elastic-over-stretched'));
        $check = Examples::check(self::elastic(['wearer.hand' => '40 cm']), 'elastic-over-stretched');
        self::assertSame(Severity::Stop, $check?->severity);
        self::assertGreaterThan($check->values['allowed'] ?? 0, $check->values['percent'] ?? 0);
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function elastic(array $changes = []): Plan
    {
        return Examples::planOf('stretch', ['closure.kind' => 'elastic'] + $changes);
    }
}
