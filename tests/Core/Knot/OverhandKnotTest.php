<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\OverhandKnot;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class OverhandKnotTest extends TestCase
{
    /**
     * The tight trefoil closed to a ring has a ropelength of 16.372 diameters (Ashton, Cantarella, Piatek, Rawdon 2011,
     * 32.743 radii, from memory). The open overhand engages less: it lacks the arc that closes it.
     */
    public function testTheOverhandStaysBelowTheIdealTrefoil(): void
    {
        $cord = self::cord(1);
        $use = (new OverhandKnot())->tied($cord, 1)->use->millimetres / Fibre::Leather->useFactor();

        self::assertLessThan(16.372, $use);
        self::assertGreaterThan(16.372 / 2, $use);
    }

    private static function cord(float $thickness): Cord
    {
        return new Cord(Fibre::Leather, Length::ofMillimetres($thickness), Colour::parse('#000000'));
    }
}
