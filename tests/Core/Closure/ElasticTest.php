<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Plan\Plan;
use Rinkel\Tests\Core\Examples;

final class ElasticTest extends TestCase
{
    public function testACrimpCoverLiesOverItsKnotAndTakesItsOwnLength(): void
    {
        $plans = array_map(self::plan(...), [[], ['cover'], ['cover', 'cover']]);
        [$bare, $one, $two] = $plans;

        self::assertSame(
            [[], ['cover' => 1], ['cover' => 2]],
            array_map(static fn (Plan $plan): array => $plan->findings(), $plans),
        );
        self::assertSame(
            [0.0, 5.0, 10.0],
            array_map(static fn (Plan $plan): float => $plan->draft->wornGap()->millimetres, $plans),
        );
        self::assertEqualsWithDelta($bare->draft->goal->millimetres - 5, $one->draft->goal->millimetres, 0.2);
        self::assertTrue(
            $two->cuts[0]->part('closure')->isLongerThan($one->cuts[0]->part('closure')),
            'two covers want two knots',
        );
    }

    public function testACoverInThePieceIsUsedUnlessAnotherIsNamed(): void
    {
        $plan = Examples::planOf('stretch', [
            'findings' => ['dome' => ['kind' => 'crimp-cover', 'length' => '4 mm']],
        ]);

        self::assertSame(['dome' => 1], $plan->findings());
    }

    /**
     * @param list<string> $covers
     */
    private static function plan(array $covers): Plan
    {
        return Examples::planOf('stretch', [
            'findings' => [] === $covers ? [] : [
                'cover' => ['kind' => 'crimp-cover', 'length' => '5 mm', 'width' => '5 mm', 'inside' => '4 mm'],
            ],
            'closure' => ['kind' => 'elastic', 'findings' => $covers],
        ]);
    }
}
