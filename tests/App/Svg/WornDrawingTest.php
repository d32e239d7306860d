<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Svg;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Svg\Posture;
use Rinkel\App\Svg\WornDrawing;
use Rinkel\Tests\Core\Examples;

final class WornDrawingTest extends TestCase
{
    public function testAnArmIsSeenFromAllSidesAndANeckFromBefore(): void
    {
        $arm = static fn (int $turn): string => (new WornDrawing(Examples::plan(), 'worn'))->paint(
            new Posture(turn: $turn),
            'Worn',
        );

        self::assertNotFalse(simplexml_load_string($arm(0)));
        self::assertNotSame($arm(0), $arm(90));
        $neck = (new WornDrawing(Examples::planOf('strung-beads', [
            'wearer' => ['place' => 'neck', 'girth' => '36 cm'],
        ]), 'worn'))->paint(new Posture(), 'Worn');
        self::assertNotFalse(simplexml_load_string($neck));
    }

    public function testWhoWorksWithTheLeftHandWearsItOnTheRight(): void
    {
        $plan = Examples::plan();

        self::assertNotSame(
            (new WornDrawing($plan, 'worn'))->paint(new Posture(), 'Worn'),
            (new WornDrawing($plan, 'worn', true))->paint(new Posture(), 'Worn'),
        );
    }
}
