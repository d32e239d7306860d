<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Tight;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Tight\KnotSize;

final class KnotSizeTest extends TestCase
{
    public function testEachCordTakesTheSameOnTheMean(): void
    {
        self::assertEqualsWithDelta(4.0, (new KnotSize([3.0, 5.0], 1.0, 2.0, 1.0))->mean(), 1e-12);
        self::assertSame(0.0, (new KnotSize([], 1.0, 2.0, 1.0))->mean());
    }
}
