<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Fit\FitZone;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;
use Rinkel\Core\Remark\Step;
use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\English;

final class PlannerTest extends TestCase
{
    public function testTheBandClosesToTheSkinAndOpensOverTheHand(): void
    {
        $draft = Examples::plan()->draft;

        self::assertLessThanOrEqual(160, $draft->closed()->millimetres);
        self::assertGreaterThan(160 - $draft->setting->elements[0]->length->millimetres, $draft->closed()->millimetres);
        self::assertEqualsWithDelta(200 + 6.35, $draft->open()->millimetres, 1e-9);
        self::assertEqualsWithDelta(172.7, $draft->wished()->millimetres, 1e-9);
        // Two cores side by side are 1 mm high, the working cord lies over and under: 3 mm, so the ring is 3 pi longer.
        self::assertEqualsWithDelta(
            3 * \M_PI,
            $draft->body()->plus($draft->fastened->narrow)->minus($draft->closed())->millimetres,
            1e-9,
        );
    }

    public function testAComfortableTapeAddsNoEase(): void
    {
        self::assertEqualsWithDelta(
            160,
            Examples::plan(['wearer.measured' => 'comfortable', 'ease' => '30 mm'])->draft->wished()->millimetres,
            1e-9,
        );
    }

    #[DataProvider('provideConstructions')]
    public function testAWristAloneMakesAWholePlan(string $construction): void
    {
        $plan = Examples::planOf($construction);
        $zone = $plan->zone();

        self::assertNotSame([], $plan->draft->setting->elements);
        self::assertNotSame([], $plan->cuts);
        self::assertContains($zone, [FitZone::Snug, FitZone::Comfortable], $zone->value);
        self::assertNotSame(
            Severity::Stop,
            $plan->worst(),
            implode(', ', array_map(static fn (Check $check): string => $check->code, $plan->checks)),
        );
        self::assertSame(
            ['wished', 'thickness', 'body', 'closure', 'closed', 'open'],
            \array_slice(array_keys($plan->figures), 0, 6),
        );
        foreach ($plan->figures as $figure) {
            self::assertNotSame([], $figure->steps, $figure->key);
        }
    }

    #[DataProvider('provideConstructions')]
    public function testEveryClosureOfAConstructionCanBePlanned(string $construction): void
    {
        foreach (Constructions::all()->named($construction)?->closures() ?? [] as $kind) {
            $plan = Examples::planOf($construction, ['closure.kind' => $kind->id()]);
            self::assertSame($kind->id(), $plan->draft->fastened->kind->id());
            self::assertFalse($plan->draft->closed()->isLongerThan($plan->draft->open()), $kind->id());
            self::assertContains(
                $plan->zone(),
                [FitZone::Snug, FitZone::Comfortable],
                $construction.' with '.$kind->id(),
            );
        }
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function provideConstructions(): iterable
    {
        foreach (Constructions::all()->ids() as $id) {
            yield $id => [$id];
        }
    }

    public function testTheCutsOfAPlainBand(): void
    {
        $plan = Examples::plan();
        [$core, $working, $slider] = $plan->cuts;

        self::assertSame(['core', 2, false], [$core->role, $core->count, $core->folded]);
        self::assertSame(['working', 1, true], [$working->role, $working->count, $working->folded]);
        self::assertSame(['slider', 1, true], [$slider->role, $slider->count, $slider->folded]);
        // Common practice: cores a few inches longer than the band, plus what the ties need.
        $over = $core->length->minus($plan->draft->body())->minus(
            $plan->draft->fastened->tail?->times(2) ?? Length::zero(),
        );
        self::assertGreaterThan(75, $over->millimetres);
        self::assertLessThan(250, $over->millimetres);
        // Common practice: six times the band for each half. The cut has ends and margin on top.
        self::assertEqualsWithDelta(12.0, $working->part('knots')->ratioTo($plan->draft->body()), 0.6);
        self::assertEqualsWithDelta(
            $working->part('knots')->millimetres * 0.15,
            $working->part('margin')->millimetres,
            1e-9,
        );
        self::assertEqualsWithDelta(150, $working->part('ends')->millimetres, 1e-9);
        self::assertEqualsWithDelta(12 * $plan->draft->body()->millimetres, self::value($plan, 'multiple'), 1e-9);
        self::assertEqualsWithDelta(5.5 * 200, self::value($plan, 'turns'), 1e-9);
    }

    public function testCordsOfOneKindAreAddedUp(): void
    {
        $totals = Examples::plan()->cordTotals();

        // Working cord and slider are the same cord, the two cores another.
        self::assertCount(2, $totals);
        self::assertSame(
            Length::sum(
                ...array_map(static fn (Cut $cut): Length => $cut->total(), Examples::plan()->cuts),
            )->millimetres,
            $totals[0][1]->plus($totals[1][1])->millimetres,
        );
    }

    public function testTwoHalvesHangOnTheMiddle(): void
    {
        $halved = [
            'findings.ring' => ['kind' => 'connector', 'length' => '20 mm', 'width' => '20 mm', 'inside' => '14 mm'],
            'pattern' => '1 square x fit, focal ring, mirror',
        ];
        $plan = Examples::plan($halved);
        [$core, $working] = $plan->cuts;

        self::assertSame(
            ['core', 2, true],
            [$core->role, $core->count, $core->folded],
            'one folded core cord for each half',
        );
        self::assertSame(['working', 2, true], [$working->role, $working->count, $working->folded]);
        self::assertTrue($core->part('knots')->isLongerThan(Length::zero()), 'the lark\'s heads take cord');
        $whole = Examples::plan(
            ['pattern' => (string) Pattern::parse($plan->draft->setting->counts[0] * 2 .' square', Unit::Millimetre)],
        );
        self::assertEqualsWithDelta(
            $whole->cuts[1]->part('knots')->millimetres,
            2 * $working->part('knots')->millimetres,
            1e-6,
            'both halves together tie what a whole band does',
        );
        self::assertNotNull(Examples::check(Examples::plan($halved + ['cords.core.count' => 3]), 'odd-core-folds'));
    }

    public function testBothEndsOfARowedBandAreAlike(): void
    {
        foreach ([3, 5] as $rows) {
            $plan = Examples::planOf('multi-row', ['cords.core' => ['count' => $rows]]);
            $steps = $plan->draft->setting->count(ElementKind::Rows);
            $elements = array_values(
                array_filter(
                    $plan->draft->setting->elements,
                    static fn (Element $one): bool => 'square' !== $one->word(),
                ),
            );

            self::assertSame('bead', $elements[\count($elements) - 1]->word(), 'the middle row ends as it began');
            self::assertSame($rows * $steps + 1, array_sum($plan->beads));
        }
        self::assertSame(
            2 * Examples::planOf(
                'multi-row',
                ['cords.core' => ['count' => 2]],
            )->draft->setting->count(ElementKind::Rows),
            array_sum(Examples::planOf('multi-row', ['cords.core' => ['count' => 2]])->beads),
        );
        $this->expectExceptionMessage('rows-differ (beads: 2; rows: 3)');
        Examples::planOf('multi-row', ['beads.a' => [], 'pattern' => 'bundle a a x fit']);
    }

    public function testALongerWristTakesMoreOfBothCordsOfAWaveBand(): void
    {
        $cuts = static fn (string $wrist): array => array_map(
            static fn (Cut $cut): float => $cut->needed()->millimetres,
            Examples::planOf('wave-band', ['wearer.girth' => $wrist])->cuts,
        );
        [$short, $long] = [$cuts('15 cm'), $cuts('19 cm')];

        self::assertGreaterThan($short[0], $long[0]);
        self::assertGreaterThan($short[1], $long[1]);
    }

    public function testAnOuterStrandIsLongerByTheCurve(): void
    {
        $plan = Examples::planOf('strand-bundle');
        $bend = array_column($plan->cuts, null, 'role')['sea']->part('straight')->minus($plan->draft->body());
        // Half the bundle's thickness further out, once around, for the share of the ring that the body is: pi D body / laid.
        $thickness = $plan->draft->ring->thickness->minus(Length::ofMillimetres(2));

        self::assertEqualsWithDelta(
            \M_PI * $thickness->millimetres * $plan->draft->body()->ratioTo($plan->draft->ring->wished()),
            $bend->millimetres,
            0.6,
        );
    }

    public function testTheDropDecidesTheLength(): void
    {
        $necklace = ['wearer' => ['place' => 'neck', 'girth' => '34 cm'], 'drop' => '15 cm'];
        $plan = Examples::planOf('single-focal', $necklace);

        self::assertEqualsWithDelta(150, self::value($plan, 'drop'), 0.2);
        self::assertTrue(
            Examples::planOf('strung-beads', $necklace)->draft->ring->wished()->isLongerThan(Length::ofMillimetres(340)),
        );
        self::assertArrayNotHasKey('drop', Examples::plan()->figures, 'a bracelet does not hang');
    }

    public function testASpiralSaysHowOftenItTurns(): void
    {
        $figure = Examples::plan(['pattern' => '42 half left', 'cords.core.count' => 1])->figures['spiral'];

        self::assertEqualsWithDelta(
            42 / 8,
            (float) ($figure->value instanceof Length ? 0 : $figure->value),
            0.06,
            'eight half knots to a turn on one core',
        );
        self::assertArrayNotHasKey('spiral', Examples::plan()->figures);
    }

    public function testBeadsBesideTheCoreAreAsLongAsTheLongerSide(): void
    {
        $plan = Examples::plan([
            'beads.tube' => [
                'shape' => 'tube',
                'diameter' => '3 mm',
                'length' => '8 mm',
            ], 'beads.dot' => ['diameter' => '4 mm', 'hole' => '1.2 mm'],
            'pattern' => '(1 bead tube on left, 2 bead dot on right, 2 square) x 6 alternate',
        ]);
        $beside = array_values(
            array_filter(
                $plan->draft->setting->elements,
                static fn (Element $element): bool => ElementKind::Beside === $element->kind,
            ),
        );

        self::assertCount(6, $beside);
        self::assertEqualsWithDelta(8, $beside[0]->length->millimetres, 1e-9);
        self::assertSame(['tube' => 6, 'dot' => 12], array_replace(['tube' => 0, 'dot' => 0], $plan->beads));
        self::assertSame(
            ['left', 'right'],
            [$beside[0]->beside[0]->lane->value, $beside[1]->beside[0]->lane->value],
            'the sides change every time',
        );
    }

    public function testBothStrandsCarryTheirBeads(): void
    {
        $plan = Examples::planOf('knotted-strands');
        $perStrand = $plan->draft->setting->count(ElementKind::Bead);
        $last = $plan->draft->setting->elements[\count($plan->draft->setting->elements) - 1];

        self::assertSame(2 * $perStrand, array_sum($plan->beads));
        // The strands are shifted by half a bead and a knot, so that beads nest.
        self::assertSame('gap', $last->word());
        self::assertEqualsWithDelta(
            ($plan->draft->setting->elements[0]->length->millimetres + 10) / 2,
            $last->length->millimetres,
            1e-9,
        );
        self::assertSame(
            1,
            Examples::planOf(
                'knotted-strands',
                [
                    'pattern' => '1 bead pearl on strand 2, 3 overhand',
                    'beads.pearl' => ['diameter' => '8 mm', 'hole' => '1.4 mm'],
                ],
            )->beads['pearl'],
        );
    }

    /**
     * @param array<string, mixed> $triggering
     * @param array<string, mixed> $justNot
     */
    #[DataProvider('provideChecks')]
    public function testChecks(
        string $code,
        Severity $severity,
        string $construction,
        array $triggering,
        array $justNot,
    ): void {
        [$with, $without] = 'plain' === $construction ? [Examples::plan($triggering), Examples::plan($justNot)] : [
            Examples::planOf($construction, $triggering),
            Examples::planOf($construction, $justNot),
        ];

        self::assertSame($severity, Examples::check($with, $code)?->severity);
        self::assertNull(Examples::check($without, $code));
    }

    /**
     * @return iterable<string, array{string, Severity, string, array<string, mixed>, array<string, mixed>}>
     */
    public static function provideChecks(): iterable
    {
        $finding = static fn (string $kind, array $sizes): array => [
            'findings.it' => ['kind' => $kind] + $sizes,
            'closure.findings' => ['it'],
        ];
        $clasp = ['closure.kind' => 'clasp'];
        $button = ['closure.kind' => 'button-loop'];
        // Band of 1 mm cord: 2.79 mm a knot; inside = 2.79 n + 11.16 - 3 pi, wished 172.7: 61 knots fit, 62 do not.
        yield 'band too long' => [
            'band-too-long',
            Severity::Stop,
            'plain',
            ['pattern' => '62 square'],
            ['pattern' => '61 square'],
        ];
        // 56 knots: open = 156.24 + 2 T - 11.16 - 3 pi: 200 needs T of 32.18.
        yield 'cannot open' => [
            'cannot-open',
            Severity::Stop,
            'plain',
            ['pattern' => '56 square', 'closure.tail' => '32 mm'],
            ['pattern' => '56 square', 'closure.tail' => '32.3 mm'],
        ];
        yield 'fixed counts short of a wider wrist' => [
            'counts-are-fixed',
            Severity::Warn,
            'plain',
            ['pattern' => '56 square', 'wearer.girth' => '20 cm'],
            ['pattern' => '1 square x fit', 'wearer.girth' => '20 cm'],
        ];
        yield 'fixed counts that fit' => [
            'counts-are-fixed',
            Severity::Warn,
            'stretch',
            ['pattern' => '12 bead round, 2 bead round'],
            ['pattern' => '12 bead round, 12 bead round'],
        ];
        yield 'few slider knots' => [
            'slider-few-knots',
            Severity::Warn,
            'plain',
            ['closure.knots' => 3],
            ['closure.knots' => 4],
        ];
        yield 'glue on a slider' => ['slider-glued', Severity::Stop, 'plain', ['closure.glued' => true], []];
        yield 'hand estimated' => ['hand-estimated', Severity::Hint, 'plain', ['wearer.hand' => null], []];
        yield 'no hand needed' => [
            'hand-estimated',
            Severity::Hint,
            'plain',
            ['wearer.hand' => null],
            ['wearer.hand' => null] + $clasp,
        ];
        yield 'melting fibre' => [
            'finish-singe',
            Severity::Hint,
            'plain',
            ['cords.working.fibre' => 'nylon'],
            ['cords.working.fibre' => 'linen'],
        ];
        yield 'natural fibre' => [
            'finish-glue',
            Severity::Hint,
            'plain',
            ['cords.working.fibre' => 'hemp'],
            ['cords.working.fibre' => 'satin'],
        ];
        yield 'flame' => ['open-flame', Severity::Caution, 'plain', [], ['cords.working.fibre' => 'leather']];
        yield 'glue' => ['glue-fumes', Severity::Caution, 'plain', ['cords.working.fibre' => 'cotton'], []];
        // A 4 mm bead, two passes of 1 mm polyester: 2 mm less 5 %.
        yield 'cord too thick' => [
            'cord-does-not-pass',
            Severity::Stop,
            'plain',
            ['beads.dot' => ['diameter' => '4 mm', 'hole' => '1.89 mm'], 'pattern' => '1 bead dot, 2 square'],
            ['beads.dot' => ['diameter' => '4 mm', 'hole' => '1.91 mm'], 'pattern' => '1 bead dot, 2 square'],
        ];
        yield 'beads run out' => [
            'beads-run-out',
            Severity::Warn,
            'stretch',
            ['beads.dot' => ['diameter' => '8 mm', 'stock' => 24]],
            ['beads.dot' => ['diameter' => '8 mm', 'stock' => 25]],
        ];
        yield 'off the middle' => [
            'not-symmetric',
            Severity::Hint,
            'single-focal',
            ['pattern' => 'gap 20 mm, focal stone, gap fit'],
            [],
        ];
        yield 'glue frosts glass' => [
            'instant-glue-near-glass',
            Severity::Warn,
            'stretch',
            ['instantGlue' => true, 'beads.dot' => ['glass' => true]],
            ['instantGlue' => true, 'beads.dot' => ['glass' => false]],
        ];
        yield 'a child\'s necklace' => [
            'child-needs-breakaway',
            Severity::Stop,
            'strung-beads',
            ['forChild' => true, 'wearer' => ['place' => 'neck', 'girth' => '33 cm']],
            ['forChild' => true],
        ];
        yield 'delicate leather' => [
            'leather-delicate',
            Severity::Hint,
            'single-focal',
            ['cords.cord' => ['fibre' => 'leather', 'thickness' => '1 mm']],
            ['cords.cord' => ['fibre' => 'leather', 'thickness' => '1.1 mm']],
        ];
        yield 'thin leather' => [
            'leather-too-thin',
            Severity::Warn,
            'single-focal',
            ['cords.cord' => ['fibre' => 'leather', 'thickness' => '0.45 mm']],
            ['cords.cord' => ['fibre' => 'leather', 'thickness' => '0.5 mm']],
        ];
        // A barrel is 3.15 cords wide.
        yield 'a knot slips into the bead' => [
            'knot-slips-through',
            Severity::Warn,
            'single-focal',
            ['beads.stone' => ['diameter' => '9 mm', 'hole' => '3.2 mm']],
            ['beads.stone' => ['diameter' => '9 mm', 'hole' => '3.1 mm']],
        ];
        // An overhand in 1 mm leather is 3.1 mm wide.
        yield 'beads no thicker than knots' => [
            'beads-do-not-nest',
            Severity::Hint,
            'knotted-strands',
            ['beads.dot' => ['diameter' => '3.1 mm', 'hole' => '1.2 mm']],
            ['beads.dot' => ['diameter' => '3.2 mm', 'hole' => '1.2 mm']],
        ];
        yield 'a pair without work' => [
            'pair-never-works',
            Severity::Warn,
            'stacked-band',
            ['pattern' => '3 square in first'],
            [],
        ];
        yield 'cores that fold' => [
            'odd-core-folds',
            Severity::Hint,
            'plain',
            [
                'cords.core.count' => 3,
                'findings.it' => ['kind' => 'connector', 'width' => '10 mm'],
                'pattern' => '1 square x fit, focal it, mirror',
            ],
            [
                'cords.core.count' => 4,
                'findings.it' => ['kind' => 'connector', 'width' => '10 mm'],
                'pattern' => '1 square x fit, focal it, mirror',
            ],
        ];
        yield 'no elastic' => ['not-elastic', Severity::Stop, 'stretch', ['cords.cord' => ['fibre' => 'nylon']], []];
        yield 'slippery elastic' => [
            'clear-elastic-wants-glue',
            Severity::Warn,
            'stretch',
            ['cords.cord' => ['fibre' => 'elastic-clear', 'thickness' => '0.7 mm']],
            [
                'cords.cord' => ['fibre' => 'elastic-clear', 'thickness' => '0.7 mm'],
                'closure' => ['kind' => 'elastic', 'glued' => true],
            ],
        ];
        // An overhand in 0.7 mm elastic is 2.17 mm wide.
        yield 'a knot that shows' => [
            'knot-will-not-hide',
            Severity::Hint,
            'stretch',
            ['beads.dot' => ['diameter' => '8 mm', 'hole' => '2.1 mm']],
            ['beads.dot' => ['diameter' => '8 mm', 'hole' => '2.2 mm']],
        ];
        yield 'or a crimp cover' => [
            'knot-will-not-hide',
            Severity::Hint,
            'stretch',
            [],
            ['findings.it' => ['kind' => 'crimp-cover']],
        ];
        yield 'colours that do not close' => [
            'repeat-does-not-close',
            Severity::Warn,
            'stretch',
            ['beads' => ['a' => [], 'b' => []], 'pattern' => '25 bead a b'],
            ['beads' => ['a' => [], 'b' => []], 'pattern' => '26 bead a b'],
        ];
        // 25 beads of 8 mm are 174.9 mm inside: at most 35 %, 236.1.
        yield 'over-stretched' => [
            'elastic-over-stretched',
            Severity::Stop,
            'stretch',
            ['wearer.hand' => '237 mm', 'pattern' => '25 bead round'],
            ['wearer.hand' => '236 mm', 'pattern' => '25 bead round'],
        ];
        yield 'too tight' => [
            'fit-too-tight',
            Severity::Warn,
            'stretch',
            ['pattern' => '23 bead round'],
            ['pattern' => '24 bead round'],
        ];
        yield 'too loose' => [
            'fit-too-loose',
            Severity::Warn,
            'stretch',
            ['pattern' => '28 bead round'],
            ['pattern' => '27 bead round'],
        ];
        // The usual button is 12 by 3 mm: 30 around, 31.8 with ease, 39.75 too much.
        yield 'loop too small' => [
            'loop-too-small',
            Severity::Stop,
            'plain',
            ['closure.tail' => '14.9 mm'] + $button,
            ['closure.tail' => '15 mm'] + $button,
        ];
        yield 'loop too large' => [
            'loop-too-large',
            Severity::Warn,
            'plain',
            ['closure.tail' => '20 mm'] + $button,
            ['closure.tail' => '19.8 mm'] + $button,
        ];
        yield 'toggle slips' => [
            'toggle-slips',
            Severity::Stop,
            'plain',
            $clasp + $finding('toggle', ['width' => '10 mm', 'inside' => '10 mm']),
            $clasp + $finding('toggle', ['width' => '10.5 mm', 'inside' => '10 mm']),
        ];
        yield 'toggle stuck' => [
            'toggle-cannot-pass',
            Severity::Stop,
            'plain',
            $clasp + $finding('toggle', ['width' => '20.5 mm', 'inside' => '10 mm']),
            $clasp + $finding('toggle', ['width' => '20 mm', 'inside' => '10 mm']),
        ];
        yield 'toggle wants room' => [
            'toggle-slim',
            Severity::Hint,
            'plain',
            $clasp + $finding('toggle', ['width' => '15 mm', 'inside' => '10 mm']),
            $clasp,
        ];
        yield 'end too small' => [
            'end-too-small',
            Severity::Stop,
            'plain',
            $clasp + $finding('fold-over-end', ['inside' => '1.9 mm']),
            $clasp + $finding('fold-over-end', ['inside' => '2 mm']),
        ];
        yield 'slide bead too tight' => [
            'slide-bead-too-tight',
            Severity::Stop,
            'single-focal',
            ['closure.kind' => 'slide-bead'] + $finding('slide-bead', ['inside' => '1.8 mm']),
            ['closure.kind' => 'slide-bead'] + $finding('slide-bead', ['inside' => '2 mm']),
        ];
        yield 'slide bead slips' => [
            'slide-bead-slips',
            Severity::Warn,
            'single-focal',
            ['closure.kind' => 'slide-bead'] + $finding('slide-bead', ['inside' => '2.3 mm']),
            ['closure.kind' => 'slide-bead'] + $finding('slide-bead', ['inside' => '2.2 mm']),
        ];
        yield 'magnet too small' => [
            'magnet-too-small',
            Severity::Stop,
            'knotted-strands',
            ['closure.kind' => 'magnetic'] + $finding('magnet', ['inside' => '1.9 mm']),
            ['closure.kind' => 'magnetic'] + $finding('magnet', ['inside' => '2 mm']),
        ];
        yield 'magnets' => ['magnets', Severity::Caution, 'knotted-strands', ['closure.kind' => 'magnetic'], []];
        yield 'short ties' => [
            'ties-too-short',
            Severity::Stop,
            'plain',
            ['closure.kind' => 'ties', 'closure.tail' => '50 mm'],
            ['closure.kind' => 'ties', 'closure.tail' => '51 mm'],
        ];
        yield 'rows' => [
            'rows-two-to-five',
            Severity::Warn,
            'multi-row',
            ['cords.core' => ['count' => 6]],
            ['cords.core' => ['count' => 5]],
        ];
        yield 'many seed beads' => [
            'wave-seeds-bulge',
            Severity::Hint,
            'wave-band',
            ['pattern' => 'wave 4 round / 5 seed'],
            ['pattern' => 'wave 4 round / 4 seed'],
        ];
        yield 'few seed beads' => [
            'wave-seeds-bare',
            Severity::Hint,
            'wave-band',
            ['pattern' => 'wave 4 round / 3 seed'],
            ['pattern' => 'wave 4 round / seed'],
        ];
        yield 'no middle link' => [
            'chain-no-middle',
            Severity::Hint,
            'laced-chain',
            ['pattern' => '24 link chain'],
            ['pattern' => '25 link chain'],
        ];
        yield 'short chain' => [
            'chain-too-short',
            Severity::Warn,
            'laced-chain',
            [
                'pattern' => '25 link chain',
                'findings.chain' => [
                    'kind' => 'link',
                    'length' => '9 mm',
                    'width' => '7 mm',
                    'inside' => '4.5 mm',
                    'stock' => 24,
                ],
            ],
            [
                'pattern' => '25 link chain',
                'findings.chain' => [
                    'kind' => 'link',
                    'length' => '9 mm',
                    'width' => '7 mm',
                    'inside' => '4.5 mm',
                    'stock' => 25,
                ],
            ],
        ];
        yield 'lace too thick' => [
            'lace-does-not-pass',
            Severity::Stop,
            'laced-chain',
            ['cords.lace' => ['fibre' => 'leather', 'thickness' => '4.7 mm']],
            ['cords.lace' => ['fibre' => 'leather', 'thickness' => '4.5 mm']],
        ];
        yield 'too many ropes' => [
            'ropes-do-not-lie-flat',
            Severity::Warn,
            'rope-knot',
            ['cords.rope' => ['count' => 5, 'thickness' => '2 mm']],
            ['cords.rope' => ['count' => 4, 'thickness' => '2 mm']],
        ];
        yield 'knot too long' => [
            'knot-longer-than-band',
            Severity::Stop,
            'rope-knot',
            ['wearer.girth' => '120 mm', 'cords.rope' => ['count' => 5, 'thickness' => '12 mm']],
            ['cords.rope' => ['count' => 2, 'thickness' => '9 mm']],
        ];
        $stone = static fn (string $width, string $length = '28 mm'): array => [
            'findings.stone' => ['kind' => 'stone', 'length' => $length, 'width' => $width],
        ];
        // Four columns every 12 mm open to 96 mm: 30.5 mm across. A mesh lets 48 mm through: 15.3 mm across.
        yield 'stone too large' => [
            'stone-does-not-enter',
            Severity::Stop,
            'netted-pouch',
            $stone('30.6 mm'),
            $stone('30.5 mm'),
        ];
        yield 'stone too small' => [
            'stone-falls-out',
            Severity::Stop,
            'netted-pouch',
            $stone('15.2 mm'),
            $stone('15.4 mm'),
        ];
        yield 'pouch too shallow' => [
            'pouch-too-shallow',
            Severity::Stop,
            'netted-pouch',
            $stone('18 mm', '49 mm'),
            $stone('18 mm', '48 mm'),
        ];
        yield 'a necklace catches' => [
            'necklace-catches',
            Severity::Caution,
            'strung-beads',
            ['wearer' => ['place' => 'neck', 'girth' => '33 cm']],
            [],
        ];
        yield 'over the head' => [
            'elastic-over-stretched',
            Severity::Stop,
            'stretch',
            ['wearer' => ['place' => 'neck', 'girth' => '34 cm', 'hand' => '56 cm'], 'length' => '43 cm'],
            ['wearer' => ['place' => 'neck', 'girth' => '34 cm', 'hand' => '56 cm'], 'length' => '45 cm'],
        ];
        yield 'nickel' => [
            'nickel',
            Severity::Caution,
            'plain',
            ['findings.it' => ['kind' => 'ring', 'nickel' => true]],
            ['findings.it' => ['kind' => 'ring']],
        ];
    }

    public function testSafetyIsAlwaysSaid(): void
    {
        foreach (Examples::shipped() as $name => $piece) {
            self::assertNotNull(Examples::check((new Planner())->plan($piece), 'small-parts'), $name);
        }
    }

    public function testTheWorstCheckComesFirst(): void
    {
        $plan = Examples::plan(['closure.knots' => 2, 'closure.tail' => '15 mm', 'wearer.hand' => null]);
        $order = array_map(
            static fn (Check $check): int => (int) array_search($check->severity, Severity::cases(), true),
            $plan->checks,
        );
        $sorted = $order;
        sort($sorted);

        self::assertSame($sorted, $order);
        self::assertSame(Severity::Stop, $plan->worst());
    }

    public function testRemediesSettleTheirChecks(): void
    {
        foreach ([
            ['pattern' => '90 square'],
            ['pattern' => '(1 square) x 90'],
            ['closure.tail' => '15 mm'],
            ['closure.knots' => 1],
            ['closure.kind' => 'ties', 'closure.tail' => '20 mm'],
        ] as $changes) {
            $plan = Examples::plan($changes);
            $settled = 0;
            foreach ($plan->checks as $check) {
                if (null !== $check->remedy) {
                    $value = $check->remedy->value;
                    $after = Examples::plan(
                        [$check->remedy->path => $value instanceof Length ? (string) $value : $value] + $changes,
                    );
                    self::assertNull(Examples::check($after, $check->code), $check->code);
                    ++$settled;
                }
            }
            self::assertGreaterThan(0, $settled, (string) json_encode($changes));
        }
    }

    public function testNeighboursSayWhatAFewKnotsMean(): void
    {
        $plan = Examples::plan();
        self::assertCount(4, $plan->neighbours);
        foreach ($plan->neighbours as $near) {
            $there = (new Planner())->plan(
                $plan->draft->piece->decided()->withPattern(Pattern::parse($near->pattern, Unit::Millimetre)),
            );
            self::assertEqualsWithDelta(
                $near->difference->millimetres,
                $there->draft->body()->minus($plan->draft->body())->millimetres,
                1e-9,
            );
            self::assertTrue($near->closed->equals($there->draft->closed()));
        }
    }

    public function testUnfitPatternsAreNamedByPlace(): void
    {
        foreach ([
            ['square-knot-band', '3 barrel 3', 'This construction has no "barrel".'],
            ['stretch', '2 square', 'This construction has no "square".'],
            ['stretch', '2 bead amber', 'Nothing here is called “amber”. It could be round.'],
            ['strung-beads', '2 bead pearl on left', 'no cord "left" that carries beads'],
            ['square-knot-band', '(2 square x fit) x fit', 'A "fit" cannot stand inside another'],
            ['square-knot-band', '((1 square) x 2000) x 2000', 'more than 6000 parts'],
        ] as [$construction, $pattern, $sentence]) {
            try {
                Examples::planOf($construction, ['pattern' => $pattern]);
                self::fail($pattern);
            } catch (PieceUnreadable $unreadable) {
                self::assertSame('pattern', $unreadable->faults[0]->path);
                self::assertStringContainsString($sentence, English::of($unreadable->faults[0]));
                self::assertStringContainsString('Line 1, column', English::of($unreadable->faults[0]));
            }
        }
        try {
            Examples::planOf('stretch', ['closure.kind' => 'clasp']);
            self::fail('A clasp on elastic.');
        } catch (PieceUnreadable $unreadable) {
            self::assertSame(
                'closure.kind: This construction closes with elastic, not with clasp.',
                English::of($unreadable),
            );
        }
    }

    public function testRandomPiecesKeepTheirPromises(): void
    {
        $chance = new Chance(1611);
        $planner = new Planner();
        for ($i = 0; $i < 500; ++$i) {
            $piece = Examples::random($chance);
            $plan = $planner->plan($piece);
            $told = $chance.', piece '.$i.', '.$piece->construction;
            $json = json_decode(
                json_encode((new PieceWriter())->write($piece), \JSON_THROW_ON_ERROR),
                true,
                32,
                \JSON_THROW_ON_ERROR,
            );
            self::assertIsArray($json);
            self::assertEquals(
                $plan,
                $planner->plan((new PieceReader())->read($json)),
                $told.': the open format carries all',
            );
            foreach ($plan->cuts as $cut) {
                self::assertEqualsWithDelta(
                    $cut->length->millimetres,
                    Length::sum(...array_values($cut->parts))->millimetres,
                    1e-6,
                    $told,
                );
                self::assertSame(
                    [],
                    array_filter($cut->parts, static fn (Length $part): bool => $part->isNegative()),
                    $told,
                );
            }
            self::assertFalse($plan->draft->closed()->isLongerThan($plan->draft->open()), $told);
            self::assertEqualsWithDelta(
                $plan->draft->body()->millimetres,
                Length::sum(
                    ...array_map(
                        static fn (Element $element): Length => $element->length,
                        $plan->draft->setting->elements,
                    ),
                )->millimetres,
                1e-6,
                $told,
            );
            if ($plan->draft->fastened->kind->slides() && 0 !== array_sum($plan->draft->setting->counts)) {
                self::assertNull(Examples::check($plan, 'cannot-open'), $told.': tails of its own choice always open');
                self::assertNull(Examples::check($plan, 'band-too-long'), $told);
            }
            $this->assertALongerWristGivesNoLess($plan, $chance, $told);
        }
    }

    /**
     * Where stock or a whole number of repeats does not decide, a wider wrist gives no shorter piece and no less cord.
     */
    private function assertALongerWristGivesNoLess(Plan $plan, Chance $chance, string $told): void
    {
        $piece = $plan->draft->piece;
        $more = Length::ofMillimetres($chance->between(0.1, 15));
        $wider = new Wearer(
            $piece->wearer->girth->plus($more),
            $piece->wearer->measured,
            $piece->wearer->hand,
            $piece->wearer->place,
        );
        $same = new Wearer(
            $piece->wearer->girth,
            $piece->wearer->measured,
            $piece->wearer->hand,
            $piece->wearer->place,
        );
        [$before, $after] = [
            (new Planner())->plan($piece->decided()->withWearer($same)),
            (new Planner())->plan($piece->decided()->withWearer($wider)),
        ];
        self::assertFalse(
            $after->draft->body()->isShorterThan($before->draft->body()) && 0 === $before->draft->setting->spread,
            $told.': a longer wrist never gives a shorter body',
        );
        foreach ($before->cuts as $i => $cut) {
            if ('core' !== $cut->role && !$before->draft->fastened->kind->slides() && 0 === $before->draft->setting->spread) {
                self::assertFalse(
                    $after->cuts[$i]->length->isShorterThan($cut->length),
                    $told.': nor less '.$cut->role,
                );
            }
        }
    }

    public function testMirroredPiecesAreSymmetric(): void
    {
        $plan = Examples::plan(
            [
                'beads.dot' => ['diameter' => '5 mm', 'hole' => '2.2 mm'],
                'pattern' => '4 square, (1 bead dot, 3 half left, 2 square) x fit, focal dot, mirror',
            ],
        );
        $elements = $plan->draft->setting->elements;
        $reversed = array_reverse($elements);
        foreach ($elements as $i => $element) {
            self::assertEqualsWithDelta($element->length->millimetres, $reversed[$i]->length->millimetres, 1e-9);
            self::assertSame(
                ['half left' => 'half right', 'half right' => 'half left'][$element->word()] ?? $element->word(),
                $reversed[$i]->word(),
            );
        }
    }

    public function testFixedClosuresAreSetToTheNearestLength(): void
    {
        $plan = Examples::plan(['closure' => ['kind' => 'clasp']]);

        self::assertLessThanOrEqual(2.79 / 2 + 1e-6, abs($plan->draft->setting->over->millimetres));
        self::assertContains(
            'body-goal',
            array_map(static fn (Step $step): string => $step->key, $plan->figures['body']->steps),
        );
    }

    private static function value(Plan $plan, string $figure): float
    {
        $value = $plan->figures[$figure]->value;

        return $value instanceof Length ? $value->millimetres : (float) $value;
    }
}
