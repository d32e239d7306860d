<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Examples;

final class NeighboursTest extends TestCase
{
    public function testNeighboursSayWhatAFewKnotsMean(): void
    {
        $plan = Examples::plan();
        self::assertCount(4, $plan->neighbours);
        foreach ($plan->neighbours as $near) {
            $there = (new Planner())->plan(
                $plan->draft->piece->decided()->withPattern(Pattern::parse($near->pattern, Unit::Millimetre)),
            );
            self::assertEqualsWithDelta(
                $near->difference->millimetres,
                $there->draft->body()->minus($plan->draft->body())->millimetres,
                1e-9,
            );
            self::assertEqualsWithDelta($there->draft->closed()->millimetres, $near->closed->millimetres, 0.1);
        }
    }
}
