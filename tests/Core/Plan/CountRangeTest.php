<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Plan\CountRange;

final class CountRangeTest extends TestCase
{
    public function testASureCountHasNoRange(): void
    {
        self::assertTrue(CountRange::around(40, 0.0)->isSure());
        $range = CountRange::around(40, 0.1);
        self::assertSame([36, 40, 45], [$range->least, $range->count, $range->most], 'four of five makers');
        self::assertFalse($range->isSure());
        self::assertTrue(CountRange::around(2, 0.1)->isSure());
    }
}
