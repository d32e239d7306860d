<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Sizing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Sizing\QuotedNumber;
use Rinkel\Core\Sizing\QuotedNumbers;
use Rinkel\Core\Sizing\ThumbRule;
use Rinkel\Core\Sizing\ThumbRules;

/**
 * The rules are common practice: each fits somewhere, or nobody would say it, and none fits everywhere.
 */
final class ThumbRulesTest extends TestCase
{
    public function testEachRuleFitsSomewhereAndNotEverywhere(): void
    {
        $fits = [];
        foreach (self::rules() as $rule) {
            $fits[$rule->id] = $rule->fits();
            self::assertNotSame([], $rule->fits(), $rule->id);
            self::assertNotSame(array_keys($rule->computed), $rule->fits(), $rule->id);
        }
        self::assertSame([2, 3], \array_slice($fits['six-times'] ?? [], 0, 2));
        self::assertSame([1, 2], $fits['half-inch'] ?? [], 'a thin cord only: each mm takes three more');
        self::assertContains(10, $fits['twice-the-chain'] ?? []);
        self::assertContains(10, $fits['four-times'] ?? []);
    }

    /**
     * A ring of beads 10 mm thick around 172.7 mm has its middle at 2 pi (172.7 / 2 pi + 5).
     */
    public function testAThickPieceGoesAroundFurtherOut(): void
    {
        $added = self::rules()[1]->computed[10] ?? null;

        self::assertNotNull($added);
        self::assertEqualsWithDelta(
            2 * \M_PI * (172.7 / (2 * \M_PI) + 5) - 160,
            $added->mean,
            1e-9,
        );
        self::assertEqualsWithDelta($added->mean - 6.35, $added->least, 1e-9, 'snug begins at a quarter of an inch');
        self::assertEqualsWithDelta($added->mean + 3.175, $added->most, 1e-9, 'and ends at five eighths');
    }

    public function testSmallerLinksTakeMore(): void
    {
        foreach (\array_slice(self::rules(), 2) as $rule) {
            $means = array_column($rule->computed, 'mean');
            $sorted = $means;
            rsort($sorted);
            self::assertSame($sorted, $means, $rule->id);
        }
    }

    public function testARuleFitsInsideItsRange(): void
    {
        $computed = [
            1 => new QuotedNumber(1.8, 1.6, 1.99),
            2 => new QuotedNumber(1.8, 1.6, 2.0),
            3 => new QuotedNumber(2.2, 2.01, 2.4),
        ];

        self::assertSame([2], (new ThumbRule('any', 2.0, $computed, true))->fits());
    }

    /**
     * @return list<ThumbRule>
     */
    private static function rules(): array
    {
        $cord = new Cord(Fibre::WaxedCotton, Length::ofMillimetres(1), Colour::parse('#111111'));

        return (new ThumbRules(new QuotedNumbers($cord, Tension::Even)))->all();
    }
}
