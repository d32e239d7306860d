<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Work;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Cure;
use Rinkel\Core\Work\EndCare;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;
use Rinkel\Tests\Core\Sheets;

final class ActTest extends TestCase
{
    public function testItIsToldByWhatItSaysButForHowFarItIs(): void
    {
        $act = static fn (float $due, int $half = 0): Act => new Act(
            ActKind::Tie,
            Part::Body,
            new Message('tie', ['knot' => 'square', 'due' => Length::ofMillimetres($due)]),
            grip: new Grip(half: $half),
            spot: new Spot(due: Length::ofMillimetres($due)),
        );

        self::assertSame($act(10)->told(), $act(20)->told());
        self::assertNotSame($act(10)->told(), $act(10, 2)->told());
    }

    public function testTheSecondHalfFollowsTheFirst(): void
    {
        $act = new Act(
            ActKind::Tie,
            Part::Body,
            new Message('tie', ['due' => Length::ofMillimetres(50)]),
            grip: new Grip(half: 2),
            spot: new Spot(Length::zero(), Length::ofMillimetres(50)),
        );
        $followed = $act->followed(1.1, Length::ofMillimetres(8));

        self::assertEqualsWithDelta(55.0, $followed->spot->due?->millimetres, 1e-9);
        self::assertSame('yes', $followed->said->values['real']);
        self::assertInstanceOf(Length::class, $followed->said->values['due']);
        self::assertEqualsWithDelta(55.0, $followed->said->values['due']->millimetres, 1e-9);
    }

    public function testATrialIsAsMuchLonger(): void
    {
        $act = new Act(
            ActKind::Try,
            Part::Trial,
            new Message('try-on', ['body' => Length::ofMillimetres(160)]),
            spot: new Spot(sizes: ['body' => Length::ofMillimetres(160)]),
        );

        self::assertSame(168.0, $act->followed(1.1, Length::ofMillimetres(8))->spot->sizes['body']->millimetres);
    }

    public function testItWaitsAsLongAsItsGlueAndIsDrawnAsFarAsItIs(): void
    {
        $wait = new Act(ActKind::Wait, Part::Ends, new Message('cure'), care: new EndCare(cure: Cure::End));
        $tie = new Act(
            ActKind::Tie,
            Part::Body,
            new Message('tie'),
            stint: new Stint(count: 4),
            spot: new Spot(at: 10.0, along: 8.0),
        );

        self::assertSame(Cure::End->minutes(), $wait->minutes());
        self::assertSame([0, null], [$tie->minutes(), $wait->reached(3)]);
        self::assertSame([10.0, 14.0, 18.0], array_map($tie->reached(...), [0, 2, 4]));
    }

    public function testWhatHasNoPlaceGetsNone(): void
    {
        $act = new Act(ActKind::Turn, Part::Body, new Message('turn-down'));

        self::assertSame($act, $act->placed(Length::zero(), Length::zero(), 0.0));
        self::assertSame(['look-bumps'], Sheets::looks($act->looked([new Message('look-bumps')])));
    }
}
