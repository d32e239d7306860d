<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Drawing\DrawnBead;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Work\Act;
use Rinkel\Tests\Core\Examples;

final class SquareKnotBandTest extends TestCase
{
    private const BEADS = [
        'amber' => ['shape' => 'round', 'diameter' => '5 mm', 'hole' => '1.2 mm', 'colour' => '#c98a2b'],
        'sky' => ['shape' => 'round', 'diameter' => '4 mm', 'hole' => '1.2 mm', 'colour' => '#6fa3c4'],
    ];

    /**
     * A bead with a hole for one cord of 1 mm does not go on both cores, but on one of them; sides by turns.
     */
    public function testBeadsOnOneCoreBySides(): void
    {
        $both = self::plan('2 square, (1 bead amber, 1 square) x 6, 2 square');
        $one = self::plan('2 square, (1 bead amber on strand 1, 1 square) x 6 alternate, 2 square');

        self::assertContains('cord-does-not-pass', self::codes($both));
        self::assertNotContains('cord-does-not-pass', self::codes($one));
        self::assertSame(['amber' => 6], $one->beads);
        self::assertEqualsWithDelta($both->draft->body()->millimetres, $one->draft->body()->millimetres, 1e-9);
        self::assertSame(['strand' => 6], $one->beadPlaces()['amber']);
        $sides = array_map(static fn (DrawnBead $bead): int => $bead->y <=> 0.0, (new Layout($one))->flat()->beads);
        self::assertSame([1, -1, 1, -1, 1, -1], $sides, 'the first strand is on the left, below in the drawing');
    }

    /**
     * Two rows, one on each core, a square knot after each pair: as long as the longer bead, and as wide as both.
     */
    public function testABeadOnEachCore(): void
    {
        $plan = self::plan('2 square, (1 bead amber on strand 1, 1 bead sky on strand 2, 1 square) x 7, 2 square');
        $single = self::plan('2 square, (1 bead amber on strand 1, 1 square) x 7, 2 square');

        self::assertSame(['amber' => 7, 'sky' => 7], $plan->beads);
        self::assertEqualsWithDelta($single->draft->body()->millimetres, $plan->draft->body()->millimetres, 1e-9);
        $beads = (new Layout($plan))->flat()->beads;
        self::assertCount(14, $beads);
        foreach (array_chunk($beads, 2) as [$amber, $sky]) {
            self::assertEqualsWithDelta(4.5, $amber->y - $sky->y, 1e-9, 'they touch side by side');
        }
        $widest = Length::longest(...array_map(
            static fn ($element): Length => $element->extent->width,
            $plan->draft->setting->elements,
        ));
        self::assertEqualsWithDelta(9.0, $widest->millimetres, 1e-9);
    }

    public function testThereIsNoThirdOfTwoCores(): void
    {
        try {
            self::fail((string) self::plan('2 square, 1 bead amber on strand 3, 2 square')->draft->body());
        } catch (PieceUnreadable $unreadable) {
            self::assertSame('pattern', $unreadable->faults[0]->path);
            self::assertSame('strand-not-there', $unreadable->faults[0]->said->key);
        }
        self::assertSame(Lane::Strand, Lane::from('strand'));
    }

    /**
     * Two cores of one cord folded at the loop: one cut, that needs no end where it begins, and otherwise what two
     * take.
     */
    public function testCoresFoldedWhereItBegins(): void
    {
        $changes = [
            'closure' => ['kind' => 'button-loop'],
            'findings' => ['coin' => ['kind' => 'button', 'length' => '12 mm', 'width' => '3 mm', 'inside' => '3 mm']],
        ];
        $apart = self::cut(self::plan('1 square x 40', $changes), 'core');
        $folded = self::cut(self::plan('1 square x 40', ['cords.core.run' => 'folded'] + $changes), 'core');

        self::assertSame(2, $apart->count);
        self::assertSame(1, $folded->count);
        self::assertTrue($folded->parting->folded);
        // Twice what a single core takes, less the hand's breadth and the second knot that each has at its loop.
        $knot = self::plan('1 square x 40', $changes)->draft->book()->in(new Overhand(), $apart->cord, 2);
        self::assertEqualsWithDelta(
            2 * (self::bare($apart) - 75 - $knot->use->millimetres),
            self::bare($folded),
            1e-6,
        );
        self::assertContains(
            'folded-has-no-end',
            self::codes(self::plan('1 square x fit', ['cords.core.run' => 'folded'])),
        );
        self::assertContains('odd-core-folds', self::codes(self::plan('1 square x 40', [
            'cords.core.run' => 'folded',
            'cords.core.count' => 3,
        ] + $changes)));
    }

    /**
     * Cores and working cords loose, begun in one overhand of all: each of the four has an end there, and its share of
     * the knot.
     */
    public function testAllBeginInOneOverhand(): void
    {
        $folded = self::cut(self::plan('1 overhand, 1 square x 40'), 'working');
        $apart = self::cut(self::plan('1 overhand, 1 square x 40', ['cords.working.run' => 'apart']), 'working');

        self::assertSame([1, 2], [$folded->count, $apart->count]);
        self::assertEqualsWithDelta(
            self::bare($folded) / 2 + 75,
            self::bare($apart),
            1e-6,
            'the short end of a knotted start',
        );
        $keys = static fn (string $pattern): array => array_map(
            static fn (Act $act): string => $act->said->key,
            self::plan($pattern, ['cords.working.run' => 'apart'])->acts()->all,
        );
        self::assertContains('anchor', $keys('1 square x 40'), 'else a knot that is not counted binds them on');
        self::assertNotContains('anchor', $keys('1 overhand, 1 square x 40'));
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function plan(string $pattern, array $changes = []): Plan
    {
        return Examples::plan(['pattern' => $pattern, 'beads' => self::BEADS] + $changes);
    }

    /**
     * Returns what is needed of a cord without its margin, in mm.
     */
    private static function bare(Cut $cut): float
    {
        return $cut->needed()->minus($cut->part('margin'))->millimetres;
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

    /**
     * @return list<string>
     */
    private static function codes(Plan $plan): array
    {
        return array_map(static fn (Check $check): string => $check->code, $plan->checks);
    }
}
