<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\KnownClosures;
use Rinkel\Core\Drawing\EndPictures;
use Rinkel\Tests\Core\Toy\Pinning;

final class EndPicturesTest extends TestCase
{
    public function testEveryClosureIsDrawn(): void
    {
        foreach (KnownClosures::all()->ids() as $id) {
            $kind = KnownClosures::all()->named($id) ?? self::fail();
            self::assertTrue(EndPictures::all()->has($kind), $id);
        }
        self::assertFalse(EndPictures::all()->has(new Pinning()));
        $this->expectException(\LogicException::class);
        EndPictures::all()->of(new Pinning());
    }
}
