<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;
use Rinkel\Tests\Core\Examples;

final class PlanTest extends TestCase
{
    public function testACutIsFoundByItsRole(): void
    {
        $plan = Examples::plan();

        self::assertSame('working', $plan->cut('working')?->role);
        self::assertNull($plan->cut('lace'));
    }

    public function testWhatStandsInTheWayComesFirst(): void
    {
        $plan = self::beaded('0.9 mm');

        self::assertSame(Severity::Stop, $plan->worst());
        self::assertSame($plan->checks[0], $plan->warnings()[0] ?? null);
        self::assertSame(
            array_values(array_filter($plan->checks, static fn (Check $one): bool => !\in_array(
                $one->severity,
                [Severity::Hint, Severity::Caution],
                true,
            ))),
            $plan->warnings(),
        );
    }

    public function testAHoleIsTooNarrowForWhatGoesThroughIt(): void
    {
        self::assertSame('cord-does-not-pass', self::beaded('0.9 mm')->tooNarrow('dot')?->code);
        self::assertNull(self::beaded('0.9 mm')->tooNarrow('spot'));
        self::assertNull(self::beaded('4 mm')->tooNarrow('dot'));
    }

    public function testBeadsAreCountedWhereTheyLie(): void
    {
        self::assertSame(['dot' => ['core' => 3]], self::beaded('4 mm')->beadPlaces());
    }

    public function testOneKindOfCordIsOneTotal(): void
    {
        $plan = Examples::plan(['cords.working.colour' => '#aabbcc']);
        self::assertCount(1, $plan->cordTotals());
        self::assertEqualsWithDelta(
            array_sum(array_map(static fn ($cut): float => $cut->count * $cut->length->millimetres, $plan->cuts)),
            $plan->cordTotals()[0][1]->millimetres,
            1e-6,
        );
        self::assertCount(2, Examples::plan()->cordTotals());
    }

    public function testItFitsByItsEaseOrAsItWasSet(): void
    {
        self::assertSame(Examples::plan()->zone()->value, Examples::plan()->fit());
        self::assertSame('as-set', Examples::plan(['length' => '18 cm'])->fit());
    }

    private static function beaded(string $hole): Plan
    {
        return Examples::plan([
            'pattern' => '4 square, 3 bead dot, 1 square x fit',
            'beads' => ['dot' => ['diameter' => '6 mm', 'hole' => $hole, 'colour' => '#aa0000']],
        ]);
    }
}
