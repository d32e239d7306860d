<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\SquareKnot;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class SquareKnotTest extends TestCase
{
    public function testTheTighterTheHandTheShorterTheKnot(): void
    {
        $cord = new Cord(Fibre::Polyester, Length::ofMillimetres(1), Colour::parse('#112233'));
        $tied = static fn (Tension $tension): TiedKnot => (new SquareKnot())->tied(
            new Bundle(Length::ofMillimetres(1), 2),
            $cord,
            $tension,
        );

        self::assertTrue($tied(Tension::Loose)->pitch->isLongerThan($tied(Tension::Even)->pitch));
        self::assertTrue($tied(Tension::Even)->pitch->isLongerThan($tied(Tension::Firm)->pitch));
    }
}
