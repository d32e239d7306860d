<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Cutting;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Risk;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Examples;

final class RiskTest extends TestCase
{
    /**
     * Upper quantiles of the standard normal distribution, from any table of it.
     */
    #[DataProvider('provideQuantiles')]
    public function testDeviationsAreThoseOfANormalVariable(int $oneIn, float $deviations): void
    {
        self::assertEqualsWithDelta($deviations, Risk::oneIn($oneIn)->deviations(), 0.0005);
    }

    /**
     * @return iterable<string, array{int, float}>
     */
    public static function provideQuantiles(): iterable
    {
        yield 'one in five' => [5, 0.8416];
        yield 'one in ten' => [10, 1.2816];
        yield 'one in twenty' => [20, 1.6449];
        yield 'one in forty' => [40, 1.9600];
        yield 'one in fifty' => [50, 2.0537];
        yield 'one in hundred' => [100, 2.3263];
        yield 'one in thousand' => [1000, 3.0902];
    }

    /**
     * A spread of 12 % asks for 27 % more at one in fifty, of 9 % for 20 %, of 4 % for 9 % (derived).
     */
    public function testTheMarginFollowsFromTheSpread(): void
    {
        $risk = Risk::oneIn(50);

        self::assertEqualsWithDelta(0.27, $risk->margin(0.118), 0.005);
        self::assertEqualsWithDelta(0.20, $risk->margin(0.089), 0.005);
        self::assertEqualsWithDelta(0.086, $risk->margin(0.04), 0.005);
        self::assertSame(0.0, $risk->margin(0.0));
        self::assertSame([5, 1000], [Risk::oneIn(0)->oneIn, Risk::oneIn(5000)->oneIn]);
    }

    /**
     * What is said of a risk is what the plan would cut: the same as planning anew with it.
     */
    public function testALengthForARiskIsWhatThePlanWithItCuts(): void
    {
        foreach ([5, 20, 50, 200] as $oneIn) {
            foreach (Examples::plan()->cuts as $i => $here) {
                $piece = Examples::piece(['risk' => $oneIn]);
                $anew = (new Planner())->plan($piece)->cuts[$i];
                self::assertSame($anew->role, $here->role);
                self::assertEqualsWithDelta(
                    $anew->length->millimetres,
                    $here->atRisk(Risk::oneIn($oneIn), Unit::Centimetre->cutStep())->millimetres,
                    1e-6,
                    $here->role.' at one in '.$oneIn,
                );
            }
        }
        self::assertSame(
            [10, 20, 50, 100],
            array_map(static fn (Risk $risk): int => $risk->oneIn, Risk::oneIn(50)->around()),
        );
        self::assertSame([5, 10], array_map(static fn (Risk $risk): int => $risk->oneIn, Risk::oneIn(5)->around()));
    }
}
