<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Drawing\DrawnBead;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Plan\Plan;
use Rinkel\Tests\Core\Examples;

/**
 * Other ways in which makers work a construction (common practice): loose bundles, level rows, a second lace, threads
 * knotted at the toggle, bundles bound by overhands.
 */
final class OtherWaysTest extends TestCase
{
    /**
     * A fifth more cord than beads in each end, and along the piece a little less, as the ends bow out.
     */
    public function testALooseBundleIsAnEye(): void
    {
        $beads = [
            'beads' => ['seed' => ['shape' => 'round', 'diameter' => '4 mm', 'length' => '4 mm', 'hole' => '1.2 mm']],
        ];
        $tight = Examples::planOf(
            'bundled-wrap',
            ['pattern' => '(bundle seed seed seed / seed seed seed, 1 barrel 3) x 10'] + $beads,
        );
        $loose = Examples::planOf(
            'bundled-wrap',
            ['pattern' => '(bundle loose seed seed seed / seed seed seed, 1 barrel 3) x 10'] + $beads,
        );
        $more = $loose->draft->body()->minus($tight->draft->body())->millimetres;

        // Each bundle holds 12 mm of beads: 2.4 mm of slack, and the bow of two arcs 4 mm apart.
        self::assertEqualsWithDelta(10 * (2.4 - 2 * 16 / 3 / 14.4), $more, 1e-6);
        self::assertEqualsWithDelta(
            2 * 24,
            self::cut($loose, 'cord')->part('straight')->millimetres - self::cut($tight, 'cord')->part('straight')
                ->millimetres,
            1e-6,
            'both ends take the slack',
        );
        self::assertSame(
            '(bundle loose seed seed seed / seed seed seed, 1 barrel 3) x 10',
            (string) $loose->draft->piece->pattern->tree,
        );
        $odd = Examples::planOf(
            'bundled-wrap',
            ['pattern' => 'gap 12 mm, (bundle seed / seed, 1 barrel 3) x 7 alternate'] + $beads,
        );
        self::assertSame(
            7,
            $odd->draft->setting->count(ElementKind::Knot),
            'sections need not be even, and may begin after a gap',
        );
    }

    /**
     * Level rows touch side by side, as wide as their beads together, and no bead stands alone at the end.
     */
    public function testLevelRows(): void
    {
        $beads = ['beads' => ['dot' => ['shape' => 'round', 'diameter' => '4 mm', 'hole' => '1.2 mm']]];
        $level = Examples::planOf(
            'multi-row',
            ['pattern' => '3 square, bundle level dot dot dot x 8, 3 square'] + $beads,
        );
        $stepped = Examples::planOf('multi-row', ['pattern' => '3 square, bundle dot dot dot x 8, 3 square'] + $beads);

        self::assertSame(['dot' => 24], $level->beads);
        self::assertSame(['dot' => 25], $stepped->beads);
        $places = array_map(
            static fn (DrawnBead $bead): string => \sprintf('%.3f', $bead->x),
            (new Layout($level))->flat()->beads,
        );
        self::assertCount(8, array_unique($places), 'three side by side at each of eight places');
        $wide = max(
            0.0,
            ...array_map(static fn (DrawnBead $bead): float => abs($bead->y), (new Layout($level))->flat()->beads),
        );
        self::assertEqualsWithDelta(4.0, $wide, 1e-9);
    }

    public function testASecondLaceRunsThroughTheChain(): void
    {
        $one = Examples::planOf('laced-chain', ['pattern' => '21 link chain']);
        $two = Examples::planOf('laced-chain', [
            'cords' => [
                'lace' => ['fibre' => 'suede', 'thickness' => '1.5 mm', 'colour' => '#6b4a3a'],
                'tide' => ['fibre' => 'suede', 'thickness' => '1.5 mm', 'colour' => '#2f5f73'],
            ],
            'pattern' => '21 link chain',
        ]);

        self::assertEquals(self::cut($one, 'lace')->length, self::cut($two, 'tide')->length);
        $colours = array_map(static fn (DrawnCord $cord): string => $cord->colour->hex, (new Layout($two))->flat()->cords);
        self::assertContains('#2f5f73', $colours);
        self::assertContains('#6b4a3a', $colours);
    }

    /**
     * Three threads are three cuts, folded at the toggle or knotted there: then each has one end that braids, and one
     * of its own in the knot.
     */
    public function testThreadsFoldedOrKnotted(): void
    {
        $folded = self::cut(Examples::planOf('braided-chain', []), 'left');
        $three = ['count' => 3, 'run' => 'apart'];
        $apart = self::cut(
            Examples::planOf('braided-chain', ['cords.left' => $three, 'cords.right' => $three]),
            'left',
        );

        self::assertSame([3, 3], [$folded->count, $apart->count]);
        self::assertTrue($folded->parting->folded);
        self::assertFalse($apart->parting->folded);
        self::assertLessThan(0.75 * self::bare($folded), self::bare($apart), 'half of it, and a knot');
        self::assertGreaterThan(0.5 * self::bare($folded), self::bare($apart));
    }

    /**
     * Two opposite overhands at each end bind a bundle with less cord than six turns.
     */
    public function testABundleBoundByOverhands(): void
    {
        $whipped = Examples::planOf('strand-bundle', ['pattern' => '6 whip, gap fit, 6 whip']);
        $tied = Examples::planOf('strand-bundle', ['pattern' => '2 overhand, gap fit, 2 overhand']);
        $none = Examples::planOf('strand-bundle', ['pattern' => 'gap fit']);
        $end = static fn (Plan $plan): float => self::bare(self::cut($plan, 'end'));

        self::assertGreaterThan($end($none), $end($tied));
        self::assertLessThan($end($whipped), $end($tied));
        // Two overhands, each once around twelve strands of 1 mm: at least their hull twice.
        self::assertGreaterThan(2 * \M_PI * 4.0, $end($tied) - $end($none));
        self::assertSame(4, $tied->draft->setting->count(ElementKind::Knot));
    }

    private static function cut(Plan $plan, string $role): Cut
    {
        foreach ($plan->cuts as $cut) {
            if ($role === $cut->role) {
                return $cut;
            }
        }
        self::fail('No '.$role.' is cut.');
    }

    private static function bare(Cut $cut): float
    {
        return $cut->needed()->minus($cut->part('margin'))->millimetres;
    }
}
