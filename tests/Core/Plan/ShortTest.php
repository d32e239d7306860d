<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Plan\Internal\Runs;
use Rinkel\Core\Plan\Plan;
use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\Core\Examples;

/**
 * Lets makers drawn from the spread tie the planned piece: as many run short as the plan says, within the error of the
 * sample.
 */
final class ShortTest extends TestCase
{
    private const MAKERS = 4000;

    /**
     * @param array<string, mixed> $changes
     */
    #[DataProvider('providePieces')]
    public function testMakersRunShortAsOftenAsPromised(string $construction, string $role, array $changes, int $oneIn): void
    {
        $plan = Examples::planOf($construction, $changes);
        $cut = array_column($plan->cuts, null, 'role')[$role];
        $had = $cut->needed()->millimetres;
        $chance = new Chance(1511);
        $short = 0;
        for ($i = 0; $i < self::MAKERS; ++$i) {
            $short += $this->takes($plan, $role, $chance) > $had ? 1 : 0;
        }
        $promised = self::MAKERS / $oneIn;

        self::assertSame($oneIn, $cut->margin->oneIn);
        self::assertEqualsWithDelta($promised, $short, 3.5 * sqrt($promised) + 0.15 * $promised, $construction);
    }

    /**
     * @return iterable<string, array{string, string, array<string, mixed>, int}>
     */
    public static function providePieces(): iterable
    {
        yield 'a band to a length' => ['square-knot-band', 'working', [], 50];
        yield 'of a chosen hand' => ['square-knot-band', 'working', ['tension' => 'even'], 50];
        yield 'of so many knots' => ['square-knot-band', 'working', ['pattern' => '57 square'], 50];
        yield 'one in ten' => ['square-knot-band', 'working', ['risk' => 10], 10];
        yield 'of two kinds' => [
            'square-knot-band', 'working', ['pattern' => '20 half left, 1 square x fit, 20 half left'], 50,
        ];
        yield 'of own samples' => [
            'square-knot-band', 'working', ['samples.square' => ['pitch' => '2.9 mm', 'use' => '17 mm']], 50,
        ];
    }

    /**
     * Returns what one maker takes of the cord: her hand, what the kind, the cord and this piece do besides.
     */
    private function takes(Plan $plan, string $role, Chance $chance): float
    {
        $runs = new Runs($plan->draft);
        $normal = static fn (float $deviation): float => $deviation
            * sqrt(-2 * log(max(1e-12, $chance->between(0, 1)))) * cos(2 * \M_PI * $chance->between(0, 1));
        $push = $normal(null === $plan->draft->piece->tension ? 0.08 : 0.045);
        [$cordPitch, $cordUse, $piecePitch, $pieceUse] = [$normal(0.04), $normal(0.03), $normal(0.02), $normal(0.02)];
        $kinds = [];
        $total = 0.0;
        foreach ($plan->draft->setting->elements as $element) {
            $kinds[$element->word()] ??= $element->isSampledIn($plan->draft->piece->knots())
                ? [$normal(0.02), $normal(0.02)]
                : [$normal(0.03), $normal(0.03)];
            $own = $element->isSampledIn($plan->draft->piece->knots()) ? 0.0 : 1.0;
            [$kindPitch, $kindUse] = $kinds[$element->word()];
            $pitch = $own * (-$push + $cordPitch) + $kindPitch + $piecePitch;
            $use = $own * (0.17 * $push + $cordUse) + $kindUse + $pieceUse;
            $total += self::use($element, $role) * exp($use - ($runs->isFree($element) ? $pitch : 0.0));
        }
        $cut = array_column($plan->cuts, null, 'role')[$role];

        return 2 * $total + $cut->part('straight')->millimetres + $cut->part('closure')->millimetres
            + $cut->part('ends')->millimetres;
    }

    private static function use(Element $element, string $role): float
    {
        return ($element->takes[$role] ?? null)?->knots->millimetres ?? 0.0;
    }
}
