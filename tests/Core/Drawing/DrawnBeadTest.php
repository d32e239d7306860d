<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\DrawnBead;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\BeadShape;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Measure\Length;

final class DrawnBeadTest extends TestCase
{
    public function testItEndsWhereItsLengthIsOver(): void
    {
        $bead = Bead::of(BeadShape::Tube, Colour::parse('#112233'), Length::ofMillimetres(4), Length::ofMillimetres(9));

        self::assertSame(14.0, (new DrawnBead('a', $bead, 5.0, 0.0))->end());
    }
}
