<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\End;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Ties;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Remark\Severity;
use Rinkel\Tests\Core\Examples;

final class TieEndTest extends TestCase
{
    public function testShortTiesAreRefused(): void
    {
        self::assertNull(Examples::check(self::tied('12 cm'), 'ties-too-short'));
        $check = Examples::check(self::tied('3 cm'), 'ties-too-short');

        self::assertSame(Severity::Stop, $check?->severity);
        self::assertEquals(Ties::least(), $check->remedy?->value);
    }

    private static function tied(string $tail): Plan
    {
        return Examples::plan([
            'closure.kind' => 'two-ends', 'closure.start' => 'ties', 'closure.finish' => 'ties',
            'closure.tail' => $tail,
        ]);
    }
}
