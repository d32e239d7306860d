<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Pattern\Place;

final class PlaceTest extends TestCase
{
    public function testIsTheSameOnlyInAllThree(): void
    {
        $place = new Place(2, 5, 3);

        self::assertTrue($place->equals(new Place(2, 5, 3)));
        foreach ([new Place(1, 5, 3), new Place(2, 4, 3), new Place(2, 5, 9), null] as $other) {
            self::assertFalse($place->equals($other));
        }
    }
}
