<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Picture\OverhandPicture;
use Rinkel\Core\Drawing\Pictures;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Tests\Core\Toy\TripleOverhand;

final class PicturesTest extends TestCase
{
    public function testEveryKnotIsDrawn(): void
    {
        foreach (KnownKnots::all()->knots() as $knot) {
            self::assertTrue(Pictures::all()->has($knot), $knot->word());
        }
        self::assertFalse(Pictures::all()->has(new TripleOverhand()));
        self::assertTrue(Pictures::all()->and(new TripleOverhand(), new OverhandPicture())->has(new TripleOverhand()));
    }
}
