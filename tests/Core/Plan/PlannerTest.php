<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
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
use Rinkel\Tests\Whole;

final class PlannerTest extends TestCase
{
    public function testTheBandClosesToTheSkinAndOpensOverTheHand(): void
    {
        $draft = Examples::plan()->draft;

        // As near to the skin as whole knots come; over it only by what nobody notices.
        self::assertEqualsWithDelta(
            160,
            $draft->closed()->millimetres,
            $draft->setting->elements[0]->extent->length->millimetres / 2 + 1e-6,
        );
        self::assertLessThanOrEqual(160 + 0.015 * $draft->goal->millimetres, $draft->closed()->millimetres);
        self::assertEqualsWithDelta(200 + 6.35, $draft->open()->millimetres, 1e-9);
        self::assertEqualsWithDelta(172.7, $draft->wished()->millimetres, 1e-9);
        // Two cores side by side are 1 mm high, the working cord lies over and under: 3 mm, so the ring is 3 pi longer;
        // and a little more, as the slider between the ends is thicker still.
        self::assertEqualsWithDelta(
            3 * \M_PI,
            $draft->body()->plus($draft->fastened->span->narrow)->minus($draft->closed())->millimetres,
            0.4,
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
            \array_slice(array_keys($plan->figures()), 0, 6),
        );
        foreach ($plan->figures() as $figure) {
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
            [$core->role, $core->count, $core->parting->folded],
            'one folded core cord for each half',
        );
        self::assertSame(['working', 2, true], [$working->role, $working->count, $working->parting->folded]);
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
                    static fn (Element $element): bool => 'square' !== $element->word(),
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
        $thickness = $plan->draft->ring->profile->thick->minus(Length::ofMillimetres(2));

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
        self::assertArrayNotHasKey('drop', Examples::plan()->figures(), 'a bracelet does not hang');
    }

    public function testASpiralSaysHowOftenItTurns(): void
    {
        $figure = Examples::plan(['pattern' => '42 half left', 'cords.core.count' => 1])->figures()['spiral'];

        self::assertEqualsWithDelta(
            42 / 8,
            (float) ($figure->value instanceof Length ? 0 : $figure->value),
            0.06,
            'eight half knots to a turn on one core',
        );
        self::assertArrayNotHasKey('spiral', Examples::plan()->figures());
    }

    public function testBeadsBesideTheCoreAreAsLongAsTheLongerSide(): void
    {
        $plan = Examples::plan([
            'beads.tube' => [
                'shape' => 'tube', 'diameter' => '3 mm', 'length' => '8 mm',
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
        self::assertEqualsWithDelta(8, $beside[0]->extent->length->millimetres, 1e-9);
        self::assertSame(['tube' => 6, 'dot' => 12], array_replace(['tube' => 0, 'dot' => 0], $plan->beads));
        self::assertSame(
            ['left', 'right'],
            [$beside[0]->beside[0]->seat->lane->value, $beside[1]->beside[0]->seat->lane->value],
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
            ($plan->draft->setting->elements[0]->extent->length->millimetres + 10) / 2,
            $last->extent->length->millimetres,
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

    public function testUnfitPatternsAreNamedByPlace(): void
    {
        foreach ([
            ['square-knot-band', '3 barrel 3', 'This technique doesn’t use "barrel".'],
            ['stretch', '2 square', 'This technique doesn’t use "square".'],
            ['stretch', '2 bead amber', 'There’s no “amber” here. Try one of these: round.'],
            ['strung-beads', '2 bead pearl on left', 'no cord "left" for beads'],
            ['square-knot-band', '(2 square x fit) x fit', 'A "fit" can’t be inside another'],
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
                'closure.kind: This technique can’t use clasp. Choose elastic.',
                English::of($unreadable),
            );
        }
    }

    #[Group('whole')]
    public function testRandomPiecesKeepTheirPromises(): void
    {
        $chance = new Chance(1611);
        $planner = new Planner();
        for ($i = 0; $i < Whole::many(90); ++$i) {
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
                        static fn (Element $element): Length => $element->extent->length,
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
            $after->draft->body()->plus(Length::ofMillimetres(1e-6))->isShorterThan($before->draft->body()),
            $told.': a longer wrist never gives a shorter body',
        );
        foreach ($before->cuts as $i => $cut) {
            if ('core' !== $cut->role && !$before->draft->fastened->kind->slides()) {
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
            self::assertEqualsWithDelta(
                $element->extent->length->millimetres,
                $reversed[$i]->extent->length->millimetres,
                1e-9,
            );
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
            array_map(static fn (Step $step): string => $step->key, $plan->figures()['body']->steps),
        );
    }

    private static function value(Plan $plan, string $figure): float
    {
        $value = $plan->figures()[$figure]->value;

        return $value instanceof Length ? $value->millimetres : (float) $value;
    }
}
