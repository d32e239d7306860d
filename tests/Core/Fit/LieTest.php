<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Fit;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Fit\Lie;
use Rinkel\Core\Measure\Length;

final class LieTest extends TestCase
{
    public function testItBendsOrLiesStraight(): void
    {
        [$long, $thick] = [Length::ofMillimetres(20), Length::ofMillimetres(3)];

        self::assertFalse(Lie::bending($long, $thick)->rigid);
        self::assertTrue(Lie::rigid($long, $thick)->rigid);
        self::assertSame([$long, $thick], [Lie::rigid($long, $thick)->length, Lie::rigid($long, $thick)->thickness]);
    }
}
