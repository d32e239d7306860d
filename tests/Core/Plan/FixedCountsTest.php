<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan;

use PHPUnit\Framework\TestCase;
use Rinkel\Tests\Core\Examples;

final class FixedCountsTest extends TestCase
{
    public function testACountThatMissesTheLengthIsToldWithTheOneThatFits(): void
    {
        $check = Examples::check(Examples::plan(['pattern' => '20 square']), 'counts-are-fixed');

        self::assertSame(20, $check->values['now'] ?? null);
        self::assertSame('short', $check->values['side'] ?? null);
        self::assertSame('1 square x fit', $check->remedy->value ?? null);
        self::assertNull(Examples::check(Examples::plan(), 'counts-are-fixed'));
    }

    public function testGapsAreWidenedWhereNothingElseCan(): void
    {
        $check = Examples::check(
            Examples::planOf('spaced-knots', ['pattern' => '1 barrel 3, gap 5 mm, 1 barrel 3, gap 5 mm, 1 barrel 3']),
            'gaps-are-fixed',
        );

        self::assertSame('short', $check->values['side'] ?? null);
        self::assertStringContainsString('gap', (string) ($check->remedy->value ?? ''));
    }
}
