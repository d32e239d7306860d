<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Sizing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Sizing\FromTray;
use Rinkel\Tests\Core\Examples;

final class FromTrayTest extends TestCase
{
    public function testTheDesignThatLeavesLeastComesFirst(): void
    {
        $piece = Examples::piece();
        $ranked = FromTray::ranked(
            new Planner(),
            [
                'long' => Examples::piece(['wearer.girth' => '20 cm']),
                'short' => Examples::piece(['wearer.girth' => '13 cm']),
            ],
            [
                [$piece->materials->cords['core']->cord, [Length::ofCentimetres(600)]],
                [$piece->materials->cords['working']->cord, [Length::ofCentimetres(600)]],
            ],
            [],
        );

        self::assertSame(['long', 'short'], array_keys($ranked));
        self::assertLessThan($ranked['short']->share, $ranked['long']->share);
        self::assertTrue($ranked['long']->cord->isLongerThan(Length::zero()));
        self::assertSame(0, $ranked['long']->beads);
    }

    public function testOfTooLittleCordNothingIsMade(): void
    {
        $cord = Examples::piece()->materials->cords['core']->cord;

        self::assertSame(
            [],
            FromTray::ranked(new Planner(), ['one' => Examples::piece()], [[$cord, [Length::ofCentimetres(20)]]], []),
        );
        self::assertSame([], FromTray::ranked(new Planner(), ['one' => Examples::piece()], [], []));
    }

    public function testADesignOfMoreKindsOfBeadsThanThereAreIsPassedOver(): void
    {
        $string = Examples::piece([
            'beads.dot' => ['shape' => 'round', 'diameter' => '6 mm', 'hole' => '2 mm'],
            'pattern' => '1 bead dot, 1 square x fit',
        ]);
        $cord = $string->materials->cords['core']->cord;

        self::assertSame(
            [],
            FromTray::ranked(new Planner(), ['one' => $string], [[$cord, [Length::ofCentimetres(900)]]], []),
        );
    }
}
