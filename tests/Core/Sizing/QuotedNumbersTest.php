<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Sizing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Sizing\QuotedNumbers;

final class QuotedNumbersTest extends TestCase
{
    /**
     * Makers cut each working cord of a flat band six times its length (common practice): so it comes out over two
     * cores and three, and less over one.
     */
    public function testTheRuleOfSixTimesFitsTwoOrThreeCores(): void
    {
        $times = self::numbers(Tension::Even)->times()['square'];

        self::assertEqualsWithDelta(6.0, $times[2]->mean, 0.3);
        self::assertEqualsWithDelta(6.0, $times[3]->mean, 0.4);
        self::assertLessThan(5.6, $times[1]->mean);
        self::assertGreaterThan(6.6, $times[6]->mean);
        self::assertGreaterThan(6.0, $times[3]->most);
        self::assertLessThan(6.0, $times[2]->least);
    }

    public function testMoreCoresTakeMoreAndAllIsInItsRange(): void
    {
        foreach (self::numbers()->times() as $word => $row) {
            $before = 0.0;
            foreach ($row as $cores => $one) {
                self::assertGreaterThan($before, $one->mean, $word.' over '.$cores);
                self::assertLessThan($one->mean, $one->least);
                self::assertGreaterThan($one->mean, $one->most);
                $before = $one->mean;
            }
        }
        $anybody = self::numbers()->times()['square'][2];
        $even = self::numbers(Tension::Even)->times()['square'][2];
        self::assertLessThan(
            $anybody->most - $anybody->least,
            $even->most - $even->least,
            'who says how they push is surer',
        );
    }

    /**
     * What is looked up is what a plan takes: a run of knots twice as long takes as much more as its row says.
     */
    public function testAPlanTakesWhatIsLookedUp(): void
    {
        $cut = static function (int $knots): float {
            $plan = (new Planner())->plan((new PieceReader())->read([
                'format' => 'rinkel-piece', 'version' => PieceReader::VERSION, 'name' => 'Band', 'unit' => 'cm',
                'construction' => 'square-knot-band', 'wearer' => ['girth' => '16 cm'], 'tension' => 'even',
                'cords' => [
                    'working' => ['fibre' => 'waxed-cotton', 'thickness' => '1 mm'],
                    'core' => ['fibre' => 'waxed-cotton', 'thickness' => '1 mm', 'count' => 2],
                ],
                'pattern' => $knots.' square', 'habits' => ['rounding' => '0.5 mm'],
            ]));
            foreach ($plan->cuts as $one) {
                if ('working' === $one->role) {
                    return $one->length->millimetres / max(1e-9, $plan->draft->body()->millimetres);
                }
            }

            return 0.0;
        };
        $times = self::numbers(Tension::Even)->times()['square'][2];

        // Both ends, and some for tying, closing and chance; the more knots the less of that.
        self::assertGreaterThan(2 * $times->mean, $cut(60));
        self::assertLessThan($cut(40), $cut(80));
        self::assertLessThan(2 * $times->most * 1.15, $cut(120));
    }

    public function testHolesAndNecklacesGrow(): void
    {
        $numbers = self::numbers();
        $holes = array_map(static fn (Length $one): float => $one->millimetres, $numbers->holes());
        $sorted = $holes;
        sort($sorted);
        self::assertSame($sorted, array_values($holes));
        self::assertEqualsWithDelta(1.0, $holes[1], 0.15);
        foreach ($numbers->necklaces() as $drop => $row) {
            foreach ($row as $neck => $length) {
                self::assertGreaterThan($neck, $length->millimetres, $drop.' below');
            }
        }
        self::assertEqualsWithDelta(12.7, $numbers->single()['overhand'][0]->mean, 0.2);
        self::assertGreaterThan(30, $numbers->knotsIn(Length::ofMillimetres(100))['square']->mean);
    }

    private static function numbers(?Tension $said = null): QuotedNumbers
    {
        return new QuotedNumbers(
            new Cord(Fibre::WaxedCotton, Length::ofMillimetres(1), Colour::parse('#000000')),
            $said,
            new Hand(),
        );
    }
}
