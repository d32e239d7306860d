<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Sizing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Sizing\AvailableMaterials;
use Rinkel\Core\Sizing\GrowingLength;
use Rinkel\Core\Sizing\LargestFeasible;
use Rinkel\Tests\Core\Examples;

final class LargestFeasibleTest extends TestCase
{
    public function testItGrowsUntilACordIsTooShortAndOneMoreWouldHelp(): void
    {
        $hand = new AvailableMaterials(['tray 0' => [Length::ofCentimetres(90)]], [], ['working' => 'tray 0']);
        $found = LargestFeasible::of(new Planner(), new GrowingLength(Examples::piece()), $hand);

        self::assertNotNull($found->step);
        self::assertFalse(
            ($found->plan?->cut('working')->length ?? Length::zero())->isLongerThan(Length::ofCentimetres(90)),
        );
        self::assertSame('tray 0', $found->lacks[0]->name);
        self::assertGreaterThan(0, $found->gains['tray 0']);
    }
}
