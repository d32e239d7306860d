<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Cutting;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Risk;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;

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
     * What is said of a risk is what the plan would cut: the same as planning anew with it, of every example, in either
     * unit.
     */
    #[DataProvider('provideExamples')]
    public function testALengthForARiskIsWhatThePlanWithItCuts(string $file, string $unit): void
    {
        $document = ['unit' => $unit] + (array) json_decode((string) file_get_contents($file), true);
        $plan = static fn (array $more): Plan => (new Planner())->plan((new PieceReader())->read($more + $document));
        $here = $plan([]);
        $step = $here->draft->piece->habits->cutStep($here->draft->piece->unit);
        foreach (Risk::oneIn($here->draft->piece->risk)->around() as $risk) {
            $anew = $plan(['risk' => $risk->oneIn]);
            foreach ($here->cuts as $i => $cut) {
                self::assertSame($anew->cuts[$i]->role ?? '', $cut->role);
                self::assertEqualsWithDelta(
                    $anew->cuts[$i]->length->millimetres,
                    $cut->atRisk($risk, $step)->millimetres,
                    1e-6,
                    $cut->role.' at one in '.$risk->oneIn,
                );
                self::assertFalse($cut->length->isShorterThan($cut->needed()), $cut->role);
            }
        }
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function provideExamples(): iterable
    {
        foreach (glob(\dirname(__DIR__, 3).'/demo/pieces/*.json') ?: [] as $file) {
            foreach (['cm', 'in'] as $unit) {
                yield basename($file, '.json').' in '.$unit => [$file, $unit];
            }
        }
    }

    public function testWhichRisksAreOffered(): void
    {
        self::assertSame(
            [10, 20, 50, 100],
            array_map(static fn (Risk $risk): int => $risk->oneIn, Risk::oneIn(50)->around()),
        );
        self::assertSame([5, 10], array_map(static fn (Risk $risk): int => $risk->oneIn, Risk::oneIn(5)->around()));
    }
}
