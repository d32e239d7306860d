<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Fastened;
use Rinkel\Core\Remark\Check;
use Rinkel\Tests\Core\Examples;

final class SlideBeadTest extends TestCase
{
    public function testItsGapIsTheBeadItself(): void
    {
        $span = self::fastened()->span;

        self::assertEqualsWithDelta(8.0, $span->narrow->millimetres, 1e-9, 'a usual one');
        self::assertEqualsWithDelta(2 * ($span->tail->millimetres ?? 0.0) - 8.0, $span->wide->millimetres, 1e-6);
    }

    public function testItsHoleHoldsTheCordsOrIsSaidNotTo(): void
    {
        $said = static fn (string $inside): array => array_map(
            static fn (Check $check): string => $check->code,
            self::fastened(['findings.slide' => ['kind' => 'slide-bead', 'inside' => $inside]])->checks,
        );

        self::assertSame(['slide-bead-too-tight'], $said('1.5 mm'));
        self::assertSame(['stop-slips-through'], $said('9 mm'));
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function fastened(array $changes = []): Fastened
    {
        return Examples::plan(['closure.kind' => 'slide-bead'] + $changes)->draft->fastened;
    }
}
