<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Lesson;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Lesson\Effort;
use Rinkel\Core\Lesson\Lessons;
use Rinkel\Tests\Core\Examples;

final class EffortTest extends TestCase
{
    #[TestWith([3, 45.0, 1])]
    #[TestWith([4, 45.0, 2])]
    #[TestWith([3, 45.1, 2])]
    #[TestWith([5, 120.0, 2])]
    #[TestWith([6, 10.0, 3])]
    #[TestWith([1, 120.1, 3])]
    public function testMoreToLearnOrToKeepAtIsMore(int $lessons, float $minutes, int $level): void
    {
        self::assertSame($level, (new Effort(array_fill(0, $lessons, 'square'), $minutes))->level());
    }

    #[TestWith([1.0, 5])]
    #[TestWith([12.4, 10])]
    #[TestWith([12.6, 15])]
    public function testMinutesAreSaidAsRoundlyAsTheyAreKnown(float $minutes, int $about): void
    {
        self::assertSame($about, (new Effort([], $minutes))->about());
    }

    public function testALongerPieceTakesLongerAndTeachesTheSame(): void
    {
        $short = Effort::of(Examples::plan(['wearer.girth' => '15 cm']));
        $long = Effort::of(Examples::plan(['wearer.girth' => '21 cm']));

        self::assertGreaterThan($short->minutes, $long->minutes);
        self::assertSame($short->lessons, $long->lessons);
        self::assertContains('square', $short->lessons);
        self::assertSame([], array_diff($short->lessons, Lessons::all()->ids()), 'each can be opened');
    }
}
