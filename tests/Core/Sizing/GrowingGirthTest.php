<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Sizing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Sizing\GrowingGirth;
use Rinkel\Tests\Core\Examples;

final class GrowingGirthTest extends TestCase
{
    public function testItGrowsMillimetreByMillimetreWithinThePlace(): void
    {
        $growth = new GrowingGirth(Examples::piece());
        [$least, $most] = $growth->range();

        self::assertLessThan(160, $least);
        self::assertGreaterThan(200, $most);
        self::assertSame(171.0, $growth->at(171)->wearing->wearer->girth->millimetres);
    }
}
