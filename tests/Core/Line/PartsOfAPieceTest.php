<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Line;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Plan\Plan;
use Rinkel\Tests\Core\Examples;

/**
 * Parts that a pattern may have: other beads on the second side, names that change places, what hangs, gaps from centre
 * to centre and by the maker's own gauge.
 */
final class PartsOfAPieceTest extends TestCase
{
    private const BEADS = [
        'amber' => ['shape' => 'round', 'diameter' => '6 mm', 'hole' => '2.4 mm', 'colour' => '#c98a2b'],
        'sky' => ['shape' => 'round', 'diameter' => '6 mm', 'hole' => '2.4 mm', 'colour' => '#6fa3c4'],
        'sand' => ['shape' => 'round', 'diameter' => '4 mm', 'hole' => '2.4 mm', 'colour' => '#d8c7a0'],
    ];

    public function testTheSecondSideHasOtherBeadsOfTheSameForm(): void
    {
        $plan = self::band('2 square, 1 bead amber, 3 square, 1 bead sand, focal sand, mirror with sky for amber');

        self::assertSame(['amber', 'sand', 'sand', 'sand', 'sky'], self::names($plan));
        self::assertSame(['amber' => 1, 'sand' => 3, 'sky' => 1], $plan->beads);
        self::assertEqualsWithDelta(
            self::band('2 square, 1 bead amber, 3 square, 1 bead sand, focal sand, mirror')->draft->body()->millimetres,
            $plan->draft->body()->millimetres,
            1e-9,
        );
        $outwards = self::band(
            'focal sand, 1 bead sand, 3 square, 1 bead amber, 2 square, outwards with sky for amber',
        );
        self::assertSame(['amber', 'sand', 'sand', 'sand', 'sky'], self::names($outwards));
    }

    public function testOtherFormsDoNotStandForEachOther(): void
    {
        foreach (['sand for amber' => 'form-differs', 'nobody for amber' => 'name-unknown'] as $exchange => $key) {
            try {
                self::fail((string) self::band('2 square, 1 bead amber, mirror with '.$exchange)->draft->body());
            } catch (PieceUnreadable $unreadable) {
                self::assertSame($key, $unreadable->faults[0]->said->key);
                self::assertSame(25, $unreadable->faults[0]->place?->column, 'told where the mirror stands');
            }
        }
    }

    public function testNamesChangePlacesEverySecondTime(): void
    {
        $plan = self::band('(1 bead amber, 1 square, 1 bead sky, 1 square) x 3 exchanging amber for sky');

        self::assertSame(['amber', 'sky', 'sky', 'amber', 'amber', 'sky'], self::names($plan));
        $pairs = Examples::planOf('stacked-band', [
            'cords' => ['rust' => ['colour' => '#aa4422'], 'cream' => ['colour' => '#eeddcc']],
            'pattern' => '(2 square in rust, 1 square in cream) x 2 exchanging rust for cream',
        ]);
        $tied = array_map(
            static fn (Element $element): bool => $element->takes['rust']->ties(),
            $pairs->draft->setting->elements,
        );
        self::assertSame([true, true, false, false, false, true], $tied, 'cords as well as beads');
        $fit = self::band('(1 bead amber, 4 square, 1 bead sky, 4 square) x fit exchanging amber for sky');
        self::assertSame(['amber', 'sky', 'sky', 'amber'], \array_slice(self::names($fit), 0, 4));
    }

    /**
     * A charm on a ring takes no cord and no length, does not make the ring larger, and is counted and drawn below.
     */
    public function testWhatHangsTakesNoLength(): void
    {
        $leaf = ['findings' => ['leaf' => ['kind' => 'charm', 'length' => '18 mm', 'width' => '14 mm']]];
        $bare = self::band('10 square, 1 bead amber, 10 square', $leaf);
        $hung = self::band('10 square, hang leaf, 1 bead amber, hang sky, 10 square', $leaf);

        self::assertEquals($bare->draft->body(), $hung->draft->body());
        self::assertEquals($bare->draft->closed(), $hung->draft->closed());
        self::assertEquals($bare->cuts, $hung->cuts);
        self::assertSame(['amber' => 1, 'sky' => 1], $hung->beads);
        self::assertSame(['leaf' => 1], $hung->findings());
        self::assertFalse($hung->draft->isHalved(), 'it is no middle on which two halves hang');
        $scene = (new Layout($hung))->flat();
        self::assertCount(2, $scene->hanging);
        self::assertGreaterThan(18, $scene->low());
        self::assertSame(
            (new Layout($bare))->flat()->frame->height,
            $scene->frame->height,
            'what hangs makes nothing else taller',
        );
        $middle = self::band('4 square x fit, hang leaf, mirror', $leaf);
        $drawn = (new Layout($middle))->flat();
        self::assertEqualsWithDelta($middle->draft->body()->millimetres / 2, $drawn->hanging[0]->x, 1e-6);
    }

    /**
     * 20 mm between the centres of beads of 6 and 4 mm leave 15 mm bare.
     */
    public function testGapsFromCentreToCentre(): void
    {
        $plan = self::string('1 bead amber, gap 20 mm centres, 1 bead sand, gap 20 mm centres, 1 bead amber');
        self::assertSame([15.0, 15.0], self::gaps($plan));
        self::assertEqualsWithDelta(6 + 15 + 4 + 15 + 6, $plan->draft->body()->millimetres, 1e-9);
        $repeated = self::string('(1 bead amber, gap 20 mm centres) x 4, 1 bead sand');
        self::assertSame([14.0, 14.0, 14.0, 15.0], self::gaps($repeated));
        $fit = self::string('(1 bead amber, gap 20 mm centres) x fit');
        self::assertEqualsWithDelta(14, self::gaps($fit)[1] ?? 0, 1e-9);
        self::assertSame([0.0], self::gaps(self::string('1 bead amber, gap 4 mm centres, 1 bead amber')), 'they touch');
        // Beside the middle, half of which belongs to either side.
        self::assertSame([14.0, 14.0], self::gaps(self::string('1 bead amber, gap 20 mm centres, focal sky, mirror')));
        foreach ($plan->cuts as $cut) {
            self::assertEqualsWithDelta(46, $cut->part('straight')->millimetres, 1e-6, 'and so much cord is in it');
        }
    }

    public function testTheMakersOwnGauge(): void
    {
        $joint = self::string(
            '1 bead amber, gap 1 gauge, 1 bead amber, gap 2 gauge centres, 1 bead amber',
            ['gauge' => '23 mm'],
        );

        self::assertSame([23.0, 40.0], self::gaps($joint));
        self::assertSame([25.0], self::gaps(self::string('1 bead amber, gap 1 gauge, 1 bead amber')), 'usually 25 mm');
    }

    /**
     * The solved gaps are told bare and from centre to centre.
     */
    public function testTheSpacingIsTold(): void
    {
        $plan = self::string('(1 bead amber, gap fit) x 5, 1 bead amber');
        $figure = $plan->figures()['gap'];
        $gap = self::gaps($plan)[0];

        self::assertInstanceOf(Length::class, $figure->value);
        self::assertEqualsWithDelta($gap, $figure->value->millimetres, 1e-5);
        self::assertCount(1, $figure->steps);
        self::assertSame(5, $figure->steps[0]->values['count']);
        $centres = $figure->steps[0]->values['centres'];
        self::assertInstanceOf(Length::class, $centres);
        self::assertEqualsWithDelta($gap + 6, $centres->millimetres, 1e-5);
        self::assertArrayNotHasKey('gap', self::band('10 square')->figures());
    }

    /**
     * A finding in the middle of a stretch string takes its length, and as many beads stand on either side.
     */
    public function testAFindingInAStretchString(): void
    {
        $plan = Examples::planOf('stretch', [
            'beads' => self::BEADS,
            'findings' => [
                'leaf' => ['kind' => 'connector', 'length' => '18 mm', 'width' => '9 mm', 'inside' => '3 mm'],
            ],
            'pattern' => '1 bead amber x fit, focal leaf, mirror',
        ]);
        $count = $plan->beads['amber'] ?? 0;

        self::assertSame(0, $count % 2);
        self::assertEqualsWithDelta(6 * $count + 18, $plan->draft->body()->millimetres, 1e-9);
        self::assertSame(['leaf' => 1], $plan->findings());
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function band(string $pattern, array $changes = []): Plan
    {
        return Examples::plan(['pattern' => $pattern, 'beads' => self::BEADS] + $changes);
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function string(string $pattern, array $changes = []): Plan
    {
        return Examples::planOf('strung-beads', ['pattern' => $pattern, 'beads' => self::BEADS] + $changes);
    }

    /**
     * @return list<string>
     */
    private static function names(Plan $plan): array
    {
        return array_merge(...array_map(
            static fn (Element $element): array => $element->beads(),
            $plan->draft->setting->elements,
        ));
    }

    /**
     * @return list<float> lengths of bare cord, in mm
     */
    private static function gaps(Plan $plan): array
    {
        return array_values(array_map(
            static fn (Element $element): float => round($element->extent->length->millimetres, 6),
            array_filter(
                $plan->draft->setting->elements,
                static fn (Element $one): bool => ElementKind::Bare === $one->kind && null !== $one->mention->place,
            ),
        ));
    }
}
