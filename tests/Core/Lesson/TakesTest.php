<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Lesson;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Lesson\Takes;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class TakesTest extends TestCase
{
    public function testMostHandsLieBetweenBothEndsOfTheRange(): void
    {
        $takes = Takes::of(
            'square',
            new Cord(Fibre::Polyester, Length::ofMillimetres(1), Colour::parse('#112233')),
            new Bundle(Length::ofMillimetres(1), 2),
            Hand::from([]),
            null,
        );

        self::assertNotNull($takes);
        [$least, $mean, $most] = $takes->pitch;
        self::assertTrue($least->isShorterThan($mean));
        self::assertTrue($most->isLongerThan($mean));
        self::assertEqualsWithDelta($mean->ratioTo($least), $most->ratioTo($mean), 1e-9);
        self::assertTrue($takes->isAround);
        self::assertSame(0, $takes->told);
    }

    public function testWhatIsNoKnotTakesNothing(): void
    {
        self::assertNull(Takes::of(
            'tip',
            new Cord(Fibre::Polyester, Length::ofMillimetres(1), Colour::parse('#112233')),
            new Bundle(Length::ofMillimetres(1), 2),
            Hand::from([]),
            null,
        ));
    }
}
