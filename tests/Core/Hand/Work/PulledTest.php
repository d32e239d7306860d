<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Hand\Work;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Hand\Work\Pulled;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class PulledTest extends TestCase
{
    public function testAPulledCordSaysNothingOfKnots(): void
    {
        $work = new Pulled(new Cord(Fibre::Polyester, Length::ofMillimetres(1), Colour::parse('#112233')));

        self::assertSame('stretch', $work->word());
        self::assertTrue($work->least(1, null)->isZero());
    }
}
