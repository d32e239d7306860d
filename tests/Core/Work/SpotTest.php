<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Work;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Spot;
use Rinkel\Tests\Core\Sheets;

final class SpotTest extends TestCase
{
    public function testOnlyWhatIsSaidOfTheWholeBodyMoves(): void
    {
        $spot = new Spot(
            Length::ofMillimetres(10),
            Length::ofMillimetres(20),
            5.0,
            10.0,
            sizes: ['body' => Length::ofMillimetres(160), 'leaves' => Length::ofMillimetres(2)],
        );
        $moved = $spot->moved(static fn (string $name, Length $length): Length => $length->times(2));

        self::assertSame([20.0, 40.0], [$moved->from?->millimetres, $moved->due?->millimetres]);
        self::assertSame([320.0, 2.0], [$moved->sizes['body']->millimetres, $moved->sizes['leaves']->millimetres]);
        self::assertSame([5.0, 10.0], [$moved->at, $moved->along]);
    }

    public function testAtAnotherPlaceItKeepsItsLandmarks(): void
    {
        $spot = new Spot(along: 4.0, marks: [Landmark::of('mark')]);
        $placed = $spot->placed(Length::ofMillimetres(1), Length::ofMillimetres(2), 3.0);

        self::assertSame([3.0, 4.0, ['mark']], [$placed->at, $placed->along, Sheets::marks($placed->marks)]);
    }
}
