<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Plan\Internal\FinerWays;
use Rinkel\Tests\Core\Examples;

final class FinerWaysTest extends TestCase
{
    public function testALongRepeatIsCoarseAndMayBeFilled(): void
    {
        $long = new FinerWays(Examples::plan([
            'pattern' => '2 square, (10 square, 10 half left, 10 half right) x fit, 2 square',
            'closure.kind' => 'clasp',
        ])->draft);

        self::assertTrue($long->isCoarse());
        self::assertStringContainsString('fill', (string) $long->filled());
        self::assertNotSame([], $long->all());
    }

    public function testOneKnotAfterTheOtherNeedsNone(): void
    {
        self::assertFalse((new FinerWays(Examples::plan()->draft))->isCoarse());
    }
}
