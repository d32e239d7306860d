<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Sizing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Sizing\GrowingLength;
use Rinkel\Tests\Core\Examples;

final class GrowingLengthTest extends TestCase
{
    public function testItGrowsFromFiveCentimetresToThreeMetres(): void
    {
        $growth = new GrowingLength(Examples::piece());

        self::assertSame([50, 3000], $growth->range());
        self::assertSame(420.0, $growth->at(420)->wearing->length?->millimetres);
    }
}
