<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Node;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Node\Gap;

final class GapTest extends TestCase
{
    public function testIsALengthOrGaugesOrWhatIsLeft(): void
    {
        self::assertSame('gap 20 mm', (string) new Gap(Length::ofMillimetres(20)));
        self::assertSame('gap 1 in', (new Gap(Length::ofMillimetres(25.4)))->said(Unit::Inch));
        self::assertSame('gap 20 mm centres', (string) new Gap(Length::ofMillimetres(20), centres: true));
        self::assertSame('gap 1.5 gauge', (string) new Gap(null, gauges: 1.5));
        self::assertSame('gap fit', (string) new Gap(null));
    }

    public function testOnlyWhatIsLeftFits(): void
    {
        self::assertTrue((new Gap(null))->fits());
        self::assertFalse((new Gap(null, gauges: 1.0))->fits());
        self::assertFalse((new Gap(Length::ofMillimetres(1)))->fits());
    }
}
