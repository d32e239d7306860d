<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Work;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Material\Ending;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Work\Allowances;
use Rinkel\Core\Work\EndHabits;
use Rinkel\Core\Work\Habits;

final class HabitsTest extends TestCase
{
    public function testWhatNobodySaidIsUsual(): void
    {
        $habits = new Habits();

        self::assertSame([75.0, 75.0, 10.0, 4], [
            $habits->hold(true)->millimetres, $habits->hold(false)->millimetres, $habits->tailEnd()->millimetres,
            $habits->sliderKnots(),
        ]);
        $own = new Habits(new Allowances(
            coreEnds: Length::ofMillimetres(110),
            workingEnds: Length::ofMillimetres(60),
            sliderKnots: 6,
        ));
        self::assertSame([110.0, 60.0, 6], [
            $own->hold(true)->millimetres, $own->hold(false)->millimetres, $own->sliderKnots(),
        ]);
    }

    public function testACutIsReadFromTheTape(): void
    {
        self::assertSame(10.0, (new Habits())->cutStep(Unit::Centimetre)->millimetres);
        $own = new Habits(new Allowances(rounding: Length::ofMillimetres(5)));
        self::assertGreaterThanOrEqual(5.0, $own->cutStep(Unit::Inch)->millimetres);
        self::assertEqualsWithDelta(
            0.0,
            fmod($own->cutStep(Unit::Inch)->in(Unit::Inch) * 16, 1.0),
            1e-9,
            'sixteenths of an inch',
        );
    }

    public function testOnlyWhatMeltsIsKeptAsItsMakerLikes(): void
    {
        $glued = new Habits(ends: new EndHabits(melting: Ending::Glue));

        self::assertSame([Ending::Singe, Ending::Glue], [
            (new Habits())->ending(Fibre::Nylon), (new Habits())->ending(Fibre::Hemp),
        ]);
        self::assertSame(Ending::Glue, $glued->ending(Fibre::Nylon));
    }
}
