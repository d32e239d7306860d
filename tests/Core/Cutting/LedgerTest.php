<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Cutting;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Ledger;
use Rinkel\Core\Cutting\Risk;
use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Hand\Made;
use Rinkel\Core\Hand\Priors;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\Core\Examples;

/**
 * What an end is cut to at a risk, against makers who are drawn one by one.
 */
final class LedgerTest extends TestCase
{
    /** Makers who make each end of an example; the share that runs short is known to 0.14 of a hundredth then. */
    private const MAKERS = 10_000;

    /**
     * Thirty-seven ends, simulated elsewhere with four million makers each (tests/reference/risk.json).
     */
    public function testQuantilesAreThoseOfMakersDrawnElsewhere(): void
    {
        $reference = json_decode(
            (string) file_get_contents(\dirname(__DIR__, 2).'/reference/risk.json'),
            true,
            flags: \JSON_THROW_ON_ERROR,
        );
        self::assertIsArray($reference);
        self::assertIsArray($reference['cases']);
        self::assertCount(37, $reference['cases']);
        $hand = new Hand();
        foreach ($reference['cases'] as $number => $case) {
            self::assertIsArray($case);
            self::assertIsString($case['hand']);
            self::assertIsArray($case['entries']);
            $said = Tension::tryFrom($case['hand']);
            $ledger = self::ledger($case['entries'], Priors::push($said)[0]);
            $together = $hand->together($ledger->made(), $said);
            foreach ([5, 10, 50, 200] as $oneIn) {
                $expected = $case['one_in_'.$oneIn];
                self::assertIsFloat($expected);
                self::assertEqualsWithDelta(
                    1.0,
                    $ledger->quantile(Risk::oneIn($oneIn)->deviations(), $together) / $expected,
                    0.007,
                    'case '.$number.', 1 in '.$oneIn,
                );
            }
        }
    }

    /**
     * One in fifty runs short, of the makers of every example: 1.5 to 2.5 in a hundred of those who are drawn.
     */
    #[DataProvider('provideExamples')]
    public function testTheStatedRiskIsTheActualRisk(Plan $plan): void
    {
        $risk = Risk::oneIn(50);
        $seen = [];
        foreach ($plan->cuts as $cut) {
            foreach ($cut->ends as $end) {
                if ([] === $end->made() || [] !== array_filter($seen, $end->equals(...))) {
                    continue;
                }
                $seen[] = $end;
                $length = $end->atRisk($risk, new Hand(), null);
                if ($length - $end->expected() < 0.5) {
                    // Half a millimetre on the bare cord of a tail is no risk at all.
                    continue;
                }
                $short = self::short($end, $length);
                self::assertGreaterThan(0.015, $short, $cut->role);
                self::assertLessThan(0.025, $short, $cut->role);
            }
        }
        self::assertNotEmpty($plan->cuts);
    }

    /**
     * Whatever is as long as it is has no risk: of beads and metal nothing is added for the hand.
     */
    public function testWhatIsExactIsNotScaled(): void
    {
        $hand = new Hand();
        $square = Made::family('square', 'synthetic', true);
        $few = new Ledger();
        $few->exact(500);
        self::assertSame(500.0, $few->atRisk(Risk::oneIn(200), $hand, null));
        $few->length(0, $square, 20, 100);
        $many = new Ledger();
        $many->length(0, $square, 20, 100);
        self::assertEqualsWithDelta(
            500.0,
            $few->atRisk(Risk::oneIn(50), $hand, null) - $many->atRisk(Risk::oneIn(50), $hand, null),
            1e-9,
        );
        // Beads between the knots of a repeat: only what the knots make of it goes by the hand.
        $beaded = new Ledger();
        $beaded->bare(0, 180, 180);
        $beaded->length(0, $square, 20, 100);
        $share = static fn (Ledger $one): float => $one->atRisk(Risk::oneIn(50), $hand, null) / $one->expected();
        self::assertLessThan($share($many) - 0.1, $share($beaded));
    }

    public function testAChanceIsTheRiskOfItsLength(): void
    {
        $hand = new Hand();
        $ledger = new Ledger();
        $ledger->exact(80);
        $ledger->length(0, Made::family('square', 'synthetic', true), 150, 700);
        $ledger->count(Made::family('overhand', 'synthetic', true), 90);
        $together = $hand->together($ledger->made(), null);
        foreach ([5, 20, 100] as $oneIn) {
            $length = $ledger->quantile(Risk::oneIn($oneIn)->deviations(), $together);
            self::assertEqualsWithDelta(1 - 1 / $oneIn, $ledger->chance($length, $together), 1e-3);
        }
        self::assertSame(0.0, $ledger->chance(80, $together));
        self::assertSame(1.0, $ledger->chance(9000, $together));
    }

    /**
     * @return iterable<string, array{Plan}>
     */
    public static function provideExamples(): iterable
    {
        $planner = new Planner();
        foreach (Examples::shipped() as $name => $piece) {
            yield $name => [$planner->plan($piece)];
        }
    }

    /**
     * Returns the share of makers who need more than $length.
     */
    private static function short(Ledger $end, float $length): float
    {
        $chance = new Chance(20);
        $normal = static fn (): float => sqrt(-2 * log(max(1e-12, $chance->between(0, 1))))
            * cos(2 * \M_PI * $chance->between(0, 1));
        $short = 0;
        for ($maker = 0; $maker < self::MAKERS; ++$maker) {
            [$p, $u, $kinds] = [[], [], []];
            [$push, $cordPitch, $cordUse] = [0.095 * $normal(), 0.04 * $normal(), 0.03 * $normal()];
            [$piecePitch, $pieceUse] = [0.02 * $normal(), 0.02 * $normal()];
            foreach ($end->made() as $made) {
                $spread = $made->isPushed ? 0.03 : 0.05;
                $kinds[$made->kind] ??= [$spread * $normal(), $spread * $normal()];
                [$kindPitch, $kindUse] = $kinds[$made->kind];
                // What nobody pushes together, laces and single knots, has nothing of her push, nor of the cord.
                $isPushed = $made->isPushed ? 1.0 : 0.0;
                $p[$made->key] = $isPushed * ($cordPitch - $push) + $kindPitch + $piecePitch;
                $u[$made->key] = $isPushed * ($cordUse + 0.17 * $push) + $kindUse + $pieceUse;
            }
            $short += $end->expected($p, $u) > $length ? 1 : 0;
        }

        return $short / self::MAKERS;
    }

    /**
     * @param array<mixed> $entries
     */
    private static function ledger(array $entries, float $push): Ledger
    {
        $ledger = new Ledger();
        $use = exp(Priors::USE_OF_PUSH * $push);
        $pitch = exp(-$push);
        foreach (array_values($entries) as $i => $entry) {
            self::assertIsArray($entry);
            $of = static function (string $field) use ($entry): float {
                self::assertIsNumeric($entry[$field]);

                return (float) $entry[$field];
            };
            $kind = \is_string($entry['kind'] ?? null) ? $entry['kind'] : '';
            $made = Made::family($kind, 'cord', true);
            if ('exact' === $entry['is']) {
                $ledger->exact($of('mm'));
            } elseif ('count' === $entry['is']) {
                $ledger->count($made, $of('mm') * $use);
            } elseif ('length' === $entry['is']) {
                $ledger->length($i, $made, $of('mm'), $of('mm') * $use / $pitch);
            } else {
                $times = $of('length') / ($of('exact_length') + $of('knot_length') * $pitch);
                $ledger->bare($i, $times * $of('exact_length'), $times * $of('exact'));
                $ledger->length($i, $made, $times * $of('knot_length') * $pitch, $times * $of('knots') * $use);
            }
        }

        return $ledger;
    }
}
