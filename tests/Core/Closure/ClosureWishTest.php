<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\EndForm;
use Rinkel\Core\Closure\Kind\DoubleBarrel;
use Rinkel\Core\Closure\Kind\SquareSliding;
use Rinkel\Core\Closure\Kind\TwoEnding;
use Rinkel\Core\Closure\KnotWish;
use Rinkel\Core\Closure\ReachWish;
use Rinkel\Core\Measure\Length;

final class ClosureWishTest extends TestCase
{
    public function testWhatIsAsUsualIsNotSaid(): void
    {
        self::assertSame([], (new ClosureWish(new SquareSliding()))->said());
        self::assertSame(
            ['tail', 'glued'],
            (new ClosureWish(
                new SquareSliding(),
                knot: new KnotWish(glued: true),
                reach: new ReachWish(tail: Length::ofMillimetres(50)),
            ))->said(),
        );
    }

    public function testAnotherClosureKeepsWhatItKnowsAndNoTail(): void
    {
        $wish = new ClosureWish(
            new SquareSliding(),
            knot: new KnotWish(knots: 7),
            reach: new ReachWish(tail: Length::ofMillimetres(50)),
        );

        self::assertSame($wish, $wish->as(new SquareSliding()));
        $barrels = $wish->as(new DoubleBarrel());
        self::assertNull($barrels->reach->tail, 'a tail is something else there');
        self::assertNotSame(7, $barrels->knot->knots, 'it has no square knots');
    }

    public function testOneChangeLeavesAllElse(): void
    {
        $wish = new ClosureWish(new SquareSliding(), ['ring'], reach: new ReachWish(tail: Length::ofMillimetres(50)));

        self::assertSame(6, $wish->withKnots(6)->knot->knots);
        self::assertSame(50.0, $wish->withKnots(6)->reach->tail?->millimetres);
        self::assertSame(['ring'], $wish->withLoops(2)->findings);
        self::assertSame(2, $wish->withLoops(2)->loop->loops);
        self::assertSame(['RING'], $wish->renamed(strtoupper(...))->findings);
        self::assertSame(['other'], $wish->withFindings(['other'])->findings);
        self::assertSame(3.0, $wish->withShort(Length::ofMillimetres(3))->reach->short?->millimetres);
    }

    public function testTwoUnlikeEndsDoNotHearWhatNeitherHas(): void
    {
        $ends = static fn (EndForm $start, EndForm $finish): array => (new ClosureWish(
            TwoEnding::anywhere(),
            start: $start,
            finish: $finish,
        ))->unheard();

        self::assertSame(['tails'], $ends(EndForm::Loop, EndForm::Button));
        self::assertContains('loops', $ends(EndForm::Loop, EndForm::Ties));
        self::assertContains('play', $ends(EndForm::Loop, EndForm::Findings));
        self::assertSame([], (new ClosureWish(new SquareSliding()))->unheard());
    }
}
