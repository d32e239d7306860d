<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\NettedPouch;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Line\Take;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Plan;
use Rinkel\Tests\Core\Examples;

final class NettedPouchTest extends TestCase
{
    public function testRowsAreSpacedAsTheySay(): void
    {
        $plan = self::plan('braid fit, net 4 every 11 mm, net 1 every 14 mm, focal lock, braid fit');
        $rows = NettedPouch::net($plan->draft)->rows ?? [];

        self::assertSame(
            [11.0, 11.0, 11.0, 11.0, 14.0],
            array_map(static fn (Length $every): float => $every->millimetres, $rows),
        );
        $even = self::plan('braid fit, net 5 every 11 mm, focal lock, braid fit');
        // Each of the four folded cords runs down both its ends through the last row.
        self::assertEqualsWithDelta(
            2 * 3.0,
            self::mesh($plan) - self::mesh($even),
            1e-6,
        );
    }

    /**
     * An overhand of one side's four ends on either side: every end is in one of them, and each side is longer by its
     * knot.
     */
    public function testKnotsGatherEachSide(): void
    {
        $bare = self::plan('braid 20 cm, net 5 every 12 mm, focal lock, braid 20 cm');
        $knotted = self::plan('braid 20 cm, 1 overhand, net 5 every 12 mm, focal lock, 1 overhand, braid 20 cm');
        $use = $knotted->draft->piece->cord('mesh');
        $knot = $knotted->draft->piece->knots(static fn (): null => null)->in(new Overhand(), $use->cord, $use->count);

        self::assertEqualsWithDelta(2 * $knot->use->millimetres, self::mesh($knotted) - self::mesh($bare), 1e-6);
        self::assertEqualsWithDelta(
            2 * $knot->pitch->millimetres,
            $knotted->draft->body()->minus($bare->draft->body())->millimetres,
            1e-6,
        );
    }

    public function testTheLockBeadHangsAndAddsNothingAlongTheNecklace(): void
    {
        $plan = self::plan('braid 20 cm, net 5 every 12 mm, focal lock, braid 20 cm');

        self::assertEqualsWithDelta(400.0, $plan->draft->body()->millimetres, 1e-6);
        self::assertSame(['lock' => 1], $plan->beads);
    }

    private static function plan(string $pattern): Plan
    {
        return Examples::planOf('netted-pouch', [
            'wearer' => ['place' => 'neck', 'girth' => '34 cm'], 'length' => '60 cm', 'pattern' => $pattern,
        ]);
    }

    /**
     * Returns what one cord gives up in the body, both ends together, in mm.
     */
    private static function mesh(Plan $plan): float
    {
        $sum = 0.0;
        foreach ($plan->draft->setting->elements as $element) {
            $sum += 2 * ($element->takes['mesh'] ?? Take::none())->total()->millimetres;
        }

        return $sum;
    }
}
