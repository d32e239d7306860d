<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Construction\Offers;
use Rinkel\Core\Fit\BodyPlace;

final class OffersTest extends TestCase
{
    public function testAConstructionIsOfferedWhereItIsWorn(): void
    {
        $offers = new Offers(Constructions::all());

        self::assertSame(Constructions::all()->ids(), $offers->constructions());
        foreach ($offers->constructions() as $id) {
            self::assertNotSame([], $offers->places($id), $id);
        }
        self::assertContains(BodyPlace::Wrist, $offers->places('square-knot-band'));
        self::assertSame([], $offers->places('nothing'));
    }
}
