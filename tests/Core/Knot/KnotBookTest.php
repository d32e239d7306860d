<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Kind\HalfLeft;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Knot\KnotBook;
use Rinkel\Core\Knot\Sample;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class KnotBookTest extends TestCase
{
    public function testOwnSamplesStandBeforeTheModel(): void
    {
        $cord = self::cord(1);
        $core = new Bundle(Length::ofMillimetres(1), 2);
        $book = new KnotBook(
            Tension::Even,
            ['square' => new Sample(Length::ofMillimetres(3.3), Length::ofMillimetres(19))],
        );
        $tied = $book->around(new Square(), $core, $cord);

        self::assertSame([3.3, 19.0], [$tied->pitch->millimetres, $tied->use->millimetres]);
        self::assertTrue($book->hasSample(new Square()));
        self::assertFalse($book->hasSample(new HalfLeft()));
        self::assertNotEquals(
            3.3,
            (new KnotBook(Tension::Even))->around(new Square(), $core, $cord)->pitch->millimetres,
        );
    }

    private static function cord(float $thickness): Cord
    {
        return new Cord(Fibre::Leather, Length::ofMillimetres($thickness), Colour::parse('#000000'));
    }
}
