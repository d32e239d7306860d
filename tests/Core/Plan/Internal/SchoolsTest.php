<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Figure;
use Rinkel\Core\Plan\Internal\Schools;
use Rinkel\Tests\Core\Examples;

final class SchoolsTest extends TestCase
{
    /**
     * Common practice: each half of a working cord six times the band.
     */
    public function testABandIsCutSixTimesForEachHalf(): void
    {
        $plan = Examples::plan();
        $figures = [];
        foreach ((new Schools($plan->draft, $plan->cuts))->figures() as $figure) {
            $figures[$figure->key] = self::length($figure);
        }

        self::assertEqualsWithDelta(12.0, $figures['multiple']->ratioTo($plan->draft->body()), 1e-9);
        self::assertEqualsWithDelta(200 * 5.5, $figures['turns']->millimetres, 1e-9, 'around the hand');
    }

    /**
     * Common practice: a lace twice the chain and 2 in.
     */
    public function testALaceIsCutTwiceTheChainAndTwoInches(): void
    {
        $plan = Examples::planOf('laced-chain');
        [$figure] = (new Schools($plan->draft, $plan->cuts))->figures();

        self::assertEqualsWithDelta(
            2 * $plan->draft->body()->millimetres + 50.8,
            self::length($figure)->millimetres,
            1e-9,
        );
    }

    public function testOfWhatTheyDoNotTeachNothingIsSaid(): void
    {
        $plan = Examples::planOf('spaced-knots');

        self::assertSame([], (new Schools($plan->draft, $plan->cuts))->figures());
    }

    private static function length(Figure $figure): Length
    {
        self::assertInstanceOf(Length::class, $figure->value);

        return $figure->value;
    }
}
