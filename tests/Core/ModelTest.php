<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\End\CordLoop;
use Rinkel\Core\Closure\EndForm;
use Rinkel\Core\Closure\Footing;
use Rinkel\Core\Closure\Kind\TwoEnding;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Closure\Tails;
use Rinkel\Core\Construction\Internal\RowsMaker;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Fit\Drape;
use Rinkel\Core\Fit\EaseScale;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Fit\Measurement;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Hand\Made;
use Rinkel\Core\Hand\Priors;
use Rinkel\Core\Knot\BarrelKnot;
use Rinkel\Core\Knot\HalfKnot;
use Rinkel\Core\Knot\Hitch;
use Rinkel\Core\Knot\Interlace;
use Rinkel\Core\Knot\OverhandKnot;
use Rinkel\Core\Knot\Plait;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\LineSetter;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\BeadMaterial;
use Rinkel\Core\Material\BeadShape;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;

/**
 * What the program computes with is what docs/model.md says, where each number has its source.
 */
final class ModelTest extends TestCase
{
    public function testHalfKnotsTakeWhatTighteningGave(): void
    {
        $this->assertHalfKnots(HalfKnot::flat(), 'half knot, flat', [[4, 5], [6, 7], [8, 9]]);
        $this->assertHalfKnots(HalfKnot::spiral(), 'half knot, spiral', [[4, 5]]);
    }

    public function testKnotsInACordTakeWhatTighteningGave(): void
    {
        [$use, $rise] = self::numbers('overhand with m cords');
        [$long, $longer, $wide] = self::numbers('overhand with m cords', 2);
        foreach ([1, 3] as $together) {
            $knot = (new OverhandKnot())->tied(self::cord(), $together);
            self::assertKnot(
                [$use * $together ** $rise, $long * $together ** $longer, $wide * $together ** $longer],
                self::beyond($knot),
            );
        }
        [$once, $perWrap] = self::numbers('barrel of k wraps, dressed');
        [$hard, $hardPerWrap] = self::numbers('barrel, pulled hard; double overhand with k = 2');
        [$short, $longPerWrap] = self::numbers('barrel, pulled hard; double overhand with k = 2', 2);
        $width = self::numbers('barrel of k wraps, dressed', 2)[1];
        foreach ([1, 2, 4] as $wraps) {
            $barrel = new BarrelKnot($wraps);
            self::assertKnot([$once + $perWrap * $wraps], self::beyond($barrel->dressed(self::cord())));
            self::assertEqualsWithDelta(
                [$wraps + self::numbers('barrel of k wraps in leather, dressed or sliding', 2)[0], $width],
                [
                    $barrel->dressed(self::cord())->pitch->millimetres,
                    $barrel->dressed(self::cord())->width->millimetres,
                ],
                1e-9,
            );
            self::assertEqualsWithDelta(
                $wraps + 1,
                $barrel->dressed(self::waxed())->pitch->millimetres / Fibre::WaxedCotton->lengthFactor(),
                1e-9,
            );
            self::assertTrue(
                $barrel->dressed(self::cord())->thickness->equals($barrel->dressed(self::cord())->width),
                'a coil is round',
            );
            self::assertKnot(
                [$hard + $hardPerWrap * $wraps, $short + $longPerWrap * $wraps, $width],
                self::beyond($barrel->pulledHard(self::cord())),
            );
        }
        [$beside, $single] = [
            self::numbers('sliding barrel around a cord c', 2)[0],
            self::numbers('sliding barrel around a cord c', 2)[1],
        ];
        $slid = static fn (int $wraps): float => (new BarrelKnot($wraps))->sliding(
            self::waxed(),
            self::waxed(),
        )->pitch->millimetres / Fibre::WaxedCotton->lengthFactor();
        self::assertEqualsWithDelta([$single, 2 + $beside, 4 + $beside], [$slid(1), $slid(2), $slid(4)], 1e-9);
    }

    public function testHitchesAndBraidsTakeWhatIsWritten(): void
    {
        $core = new Bundle(Length::ofMillimetres(1), 2);
        $turn = 2 + 2 * \M_PI;
        $half = Hitch::half()->tied($core, self::cord());
        [$more, $thin] = self::numbers('half hitch along a core');
        self::assertKnot(
            [$turn + $more + $thin / $turn, self::numbers('half hitch along a core', 2)[0]],
            $half,
        );
        [$twice, $beyond, $thin] = self::numbers("vertical lark's head");
        $head = Hitch::verticalLarksHead()->tied($core, self::cord());
        self::assertKnot(
            [$twice * ($turn + $beyond + $thin / $turn), self::numbers("vertical lark's head", 2)[0]],
            $head,
        );
        [$long, $wide] = self::numbers('two loops of n ropes woven through each other', 2);
        $interlace = (new Interlace())->tied(self::cord(), 1);
        self::assertEqualsWithDelta(
            [$long, $wide],
            [$interlace->pitch->millimetres, $interlace->width->millimetres],
            1e-9,
        );
        $braid = (new Plait())->of(self::cord(), 3, Length::ofMillimetres(100));
        self::assertEqualsWithDelta(
            100 * self::numbers('flat braid of three strands')[0],
            $braid->use->millimetres,
            1e-9,
        );
    }

    /**
     * Both legs of a loop run alike, above and below its axis, so that any point that moved would lie askew.
     */
    public function testTheWayOfALoopIsItsOwnMirrorImage(): void
    {
        $way = Interlace::way();
        $back = array_reverse($way);
        foreach ($way as $i => $point) {
            self::assertEqualsWithDelta([$point->x, $point->y], [$back[$i]->x, -$back[$i]->y], 1e-9);
        }
        $left = min(array_map(static fn ($point): float => $point->x, $way));
        $right = max(array_map(static fn ($point): float => $point->x, $way));
        self::assertEqualsWithDelta(
            (new Interlace())->tied(self::cord(), 1)->pitch->millimetres / 2,
            $right + 0.5,
            1e-9,
            'its far end, with half a rope, is the edge',
        );
        self::assertEqualsWithDelta(
            -(new Interlace())->tied(self::cord(), 1)->pitch->millimetres / 2,
            $left,
            1e-9,
            'from edge to edge of the knot',
        );
    }

    /**
     * @param list<float> $expected
     * @param list<float> $actual
     */
    #[DataProvider('provideTables')]
    public function testTablesSayWhatIsUsed(array $expected, array $actual): void
    {
        self::assertNotSame([], $expected);
        self::assertEqualsWithDelta($expected, $actual, 1e-9);
    }

    /**
     * @return iterable<string, array{list<float>, list<float>}>
     */
    public static function provideTables(): iterable
    {
        foreach (Fibre::cases() as $fibre) {
            $row = match (true) {
                $fibre->isSoft() => 'cotton',
                \in_array($fibre, [Fibre::Nylon, Fibre::Linen, Fibre::WaxedCotton], true) => 'polyester',
                default => $fibre->value,
            };
            $used = [
                $fibre->useFactor(),
                $fibre->lengthFactor(),
                $fibre->squeeze(),
                $fibre->stretch(),
                $fibre->give(),
                $fibre->stiffness(),
            ];
            yield $fibre->value => [
                array_merge(...array_map(static fn (int $cell): array => self::numbers($row, $cell), range(1, 6))),
                $used,
            ];
        }
        $white = Colour::parse('#ffffff');
        foreach ([
            BeadShape::Round, BeadShape::Tube, BeadShape::Rondelle, BeadShape::Disc, BeadShape::Chip,
            BeadShape::Drop, BeadShape::Seed,
        ] as $shape) {
            yield $shape->value => [
                self::numbers($shape->value),
                [
                    Bead::of(
                        $shape,
                        $white,
                        Length::ofMillimetres(1),
                        hole: Length::ofMillimetres(0.2),
                    )->length->millimetres,
                ],
            ];
        }
        foreach (['15/0', '11/0', '10/0', '8/0', '6/0'] as $size) {
            $seed = Bead::of(BeadShape::Seed, $white, size: $size);
            yield 'seed '.$size => [
                self::numbers($size),
                [$seed->diameter->millimetres, $seed->length->millimetres, $seed->hole->millimetres],
            ];
        }
        foreach (FindingKind::cases() as $kind) {
            $usual = Finding::usual($kind);
            yield $kind->value => [
                self::numbers($kind->value),
                [$usual->length->millimetres, $usual->width->millimetres, $usual->inside->millimetres],
            ];
        }
        $hole = static fn (float $diameter): float => Bead::usualHole(Length::ofMillimetres($diameter))->millimetres;
        $row = 'a hole that nobody measured is taken to be wide, in mm: of a bead up to 10 mm, up to 16 mm, larger; at most, in diameters (from memory)';
        yield 'hole' => [self::numbers($row), [$hole(10), $hole(16), $hole(16.5), $hole(1)]];
        foreach ([
            'ball' => BeadShape::Round, 'block' => BeadShape::Cube, 'pipe' => BeadShape::Tube, 'coin' => BeadShape::Disc,
        ] as $name => $shape) {
            yield 'solid '.$name => [
                self::numbers($name),
                [round($shape->fullness(), 4), ...(null === $shape->corner() ? [] : [$shape->corner()])],
            ];
        }
        foreach (BeadMaterial::cases() as $material) {
            $name = BeadMaterial::Stone === $material ? 'stone-bead' : $material->value;
            yield 'density of '.$name => [self::numbers($name), [$material->density()]];
        }
        yield 'bears' => [
            self::numbers('a cord 1 mm thick bears for good, in g: elastic; silk, cotton, satin; any other'),
            [Fibre::ElasticClear->bears(), Fibre::Cotton->bears(), Fibre::Leather->bears()],
        ];
        $long = LineSetter::tolerance(Length::ofMillimetres(1000))->millimetres / 1000;
        yield 'tolerance' => [
            self::numbers('nobody notices a body longer by, in mm; or by this share'),
            [LineSetter::tolerance(Length::zero())->millimetres, $long],
        ];
        yield 'oval' => [self::numbers('a wrist is as wide as it is high times'), [BodyPlace::Wrist->ratio()]];
        yield 'risk' => [
            self::numbers('one piece in so many may run short, until its maker says otherwise'),
            [(float) Examples::plan()->draft->piece->risk],
        ];
        $use = static fn (bool $said, bool $free, bool $sampled): float => Spread::of(
            [[Made::of('square', Examples::plan()->draft->piece->cord('working')->cord, true, $sampled), 1.0, $free]],
            $said ? Tension::Even : null,
        );
        $push = self::numbers('how hard any maker pushes; one who has said how');
        [$kind] = self::numbers('a kind of knot, in length and in use each');
        [$cordPitch, $cordUse] = self::numbers('a cord, in length; in use');
        [$piece] = self::numbers('a piece, in length and in use each; a sample that was measured');
        yield 'places of hands' => [
            self::numbers('how much less a loose hand pushes than an even one, and how much more a firm one'),
            [-Priors::push(Tension::Loose)[0], Priors::push(Tension::Firm)[0]],
        ];
        foreach ([false, true] as $said) {
            $sum = (1.17 * $push[(int) $said]) ** 2 + 2 * $kind ** 2 + $cordPitch ** 2 + $cordUse ** 2 + 2 * $piece ** 2;
            yield 'spread '.($said ? 'said' : 'unsaid') => [[sqrt($sum)], [$use($said, true, false)]];
        }
        yield 'spread of a pitch' => [
            [sqrt($push[0] ** 2 + $kind ** 2 + $cordPitch ** 2 + $piece ** 2)],
            [
                (new Hand())->spreadOfPitch(
                    'square',
                    Examples::plan()->draft->piece->cord('working')->cord,
                    true,
                    false,
                    null,
                ),
            ],
        ];
        yield 'spread of so many' => [
            [sqrt((0.17 * $push[0]) ** 2 + $kind ** 2 + $cordUse ** 2 + $piece ** 2)],
            [$use(false, false, false)],
        ];
        yield 'spread of single knots' => [
            [hypot(self::numbers('what is not pushed together: lacing, braids, single knots')[0], $piece)],
            [
                (new Hand())->spreadOfPitch(
                    'overhand',
                    Examples::plan()->draft->piece->cord('working')->cord,
                    false,
                    false,
                    null,
                ),
            ],
        ];
        $hemp = array_map(
            static fn (float $pounds): float => Cord::hempOf($pounds)->millimetres,
            [10.0, 20.0, 48.0, 170.0],
        );
        yield 'hemp by its load' => [self::numbers('hemp of 10, 20, 48, 170 lb (common practice)'), $hemp];
        $strand = Cord::flossOf(1)->millimetres / (1 - Fibre::Cotton->squeeze());
        yield 'floss' => [self::numbers('a strand of embroidery floss, not pressed (from memory, ±20 %)'), [$strand]];
        yield 'thinnest' => [self::numbers('the thinnest cord'), [Cord::hempOf(1)->millimetres]];
        foreach (Measurement::cases() as $measurement) {
            yield $measurement->value => [
                self::numbers($measurement->value),
                array_map(static fn (Length $bound): float => $bound->in(Unit::Centimetre), $measurement->range()),
            ];
        }
    }

    public function testJudgementsAreTheWrittenOnes(): void
    {
        $string = new Drape(Length::ofCentimetres(36), Length::ofCentimetres(60), false);
        $bottom = $string->at(0.1, 0);
        // Near its lowest point the string runs along a wheel: its turn tells the wheel's radius.
        $along = $string->frame(0.1)->along;
        $wheel = 0.1 / abs(atan2($along->y, $along->x));
        self::assertEqualsWithDelta(
            self::numbers('a necklace without a middle hangs round, in necks')[0],
            $wheel / $string->radius(),
            1e-6,
        );
        self::assertGreaterThan(0, $bottom->y);

        $slips = self::numbers('a bead slides loosely when its hole is wider than all its tails together by')[0] / 100;
        foreach ([[-0.002, false], [0.002, true]] as [$more, $isLoose]) {
            $hole = 2 * 0.95 * (1 + $slips + $more);
            $plan = Examples::plan(
                [
                    'cords.core' => ['thickness' => '1 mm', 'count' => 1],
                    'closure.kind' => 'slide-bead',
                    'findings' => ['tube' => ['kind' => 'slide-bead', 'inside' => $hole.' mm']],
                    'closure.findings' => ['tube'],
                ],
            );
            self::assertSame($isLoose, null !== Examples::check($plan, 'slide-bead-slips'), (string) $hole);
        }

        $asked = self::numbers('a piece of an asked length opens by at least')[0];
        $necklace = Examples::planOf('strung-beads', [
            'wearer' => ['place' => 'neck', 'girth' => '34 cm', 'hand' => '40 cm'],
            'length' => '60 cm',
            'closure' => ['kind' => 'square-slider'],
        ]);
        self::assertEqualsWithDelta(
            600 + $asked,
            $necklace->draft->body()->plus($necklace->draft->fastened->span->wide)->millimetres,
            1e-6,
        );

        $beads = array_fill(0, 2, Bead::of(BeadShape::Round, Colour::parse('#ffffff'), Length::ofMillimetres(4)));
        $near = self::numbers('rows lie no nearer than this share of touching side by side')[0];
        self::assertEqualsWithDelta(
            4 * $near,
            RowsMaker::spacing($beads, Length::ofMillimetres(20))->millimetres,
            1e-9,
        );

        $ankle = new Wearer(Length::ofCentimetres(22), Measured::Snug, null, BodyPlace::Ankle);
        self::assertEqualsWithDelta(
            self::numbers('heel with instep over ankle, where it was not measured'),
            [$ankle->ratio()],
            1e-9,
        );

        $wire = self::numbers('the wire of a finding on which cords hang is at least')[0];
        $hung = Examples::plan(
            [
                'findings' => [
                    'hoop' => ['kind' => 'connector', 'length' => '16 mm', 'width' => '16 mm', 'inside' => '15.8 mm'],
                ],
                'pattern' => '1 square x fit, focal hoop, mirror',
            ],
        );
        $focal = array_values(
            array_filter(
                $hung->draft->setting->elements,
                static fn (Element $element): bool => ElementKind::Focal === $element->kind,
            ),
        )[0];
        $core = $hung->draft->piece->cord('core')->cord;
        $head = Hitch::verticalLarksHead()->tied(new Bundle(Length::ofMillimetres($wire), 1), $core);
        self::assertEqualsWithDelta($head->use->millimetres, $focal->takes['core']->knots->millimetres, 1e-9);

        $trim = self::numbers('a strand of a bundle is longer at either end by')[0];
        $strand = array_values(
            array_filter(Examples::planOf('strand-bundle')->cuts, static fn (Cut $cut): bool => 'end' !== $cut->role),
        )[0];
        self::assertEqualsWithDelta(2 * $trim, $strand->part('ends')->millimetres, 1e-9);

        $single = Examples::planOf('spaced-knots', ['closure.kind' => 'single-barrel']);
        $fastened = $single->draft->fastened;
        $short = $fastened->span->narrow->minus($fastened->span->length ?? Length::zero());
        self::assertEqualsWithDelta(
            self::numbers('the short tail of a single sliding barrel')[0],
            $short->millimetres,
            1e-9,
        );
        self::assertEqualsWithDelta(
            self::numbers('free end to tie a barrel')[0],
            BarrelKnot::tyingEnd()->in(Unit::Inch),
            1e-9,
        );

        self::assertEqualsWithDelta(
            self::numbers('what is left to fray beyond a stop')[0],
            Tails::parse('frayed', Unit::Millimetre)->beyond(Length::zero(), Length::zero(), 1)->millimetres,
            1e-9,
        );
        $piece = $single->draft->piece;
        $hook = Finding::usual(FindingKind::Hook);
        $site = new Site(
            new ClosureWish(
                TwoEnding::anywhere(),
                ['hook'],
            ),
            $piece->cord('cord'),
            $piece->cord('cord')->cord,
            $piece->knots(),
            findings: ['hook' => $hook],
            footing: new Footing(tailEnd: Length::ofMillimetres(10)),
        );
        self::assertEqualsWithDelta(
            self::numbers('a loop of cord to tie through, inside')[0],
            CordLoop::needed($site, EndForm::Ties)->millimetres,
            1e-9,
        );
        self::assertEqualsWithDelta(
            2 * $hook->width->millimetres + self::numbers(
                'a hook or clasp goes through a loop of cord twice as wide, and by so much more',
            )[0],
            CordLoop::needed($site, EndForm::Findings)->millimetres,
            1e-9,
        );
    }

    /**
     * Each zone of the scale reaches halfway to its neighbour, the outer ones a quarter of an inch beyond.
     */
    public function testZonesMeetHalfway(): void
    {
        $wearer = new Wearer(Length::ofCentimetres(16), Measured::Snug);
        $starts = array_values(
            array_map(
                static fn (Length $start): float => $start->minus($wearer->skin())->in(Unit::Inch),
                (new EaseScale($wearer))->starts(),
            ),
        );
        [$snug, $comfortable, $loose] = array_map(
            static fn (Length $ease): float => $ease->in(Unit::Inch),
            [EaseScale::snug(), EaseScale::comfortable(), EaseScale::loose()],
        );

        self::assertEqualsWithDelta(
            [$snug - 0.25, ($snug + $comfortable) / 2, ($comfortable + $loose) / 2, $loose + 0.25],
            $starts,
            1e-9,
        );
    }

    /**
     * @param non-empty-list<array{int, int}> $at where what pushed ones take more and their pitch stand among the row's
     *                                            numbers
     */
    private function assertHalfKnots(HalfKnot $knot, string $row, array $at): void
    {
        $numbers = self::numbers($row);
        $curve = [
            [$numbers[3] ?? 0.0, 0.0],
            ...array_map(static fn (array $pair): array => [$numbers[$pair[1]], $numbers[$pair[0]]], $at),
        ];
        $turn = 2 + 2 * \M_PI;
        $alone = $turn / 2 + ($numbers[1] ?? 0.0) + ($numbers[2] ?? 0.0) / $turn;
        [$even] = self::numbers($row, 2);
        [$less, $more] = self::numbers(
            'how much less a loose hand pushes than an even one, and how much more a firm one',
        );
        $pitches = [$even * exp($less), $even, $even * exp(-$more)];
        $core = new Bundle(Length::ofMillimetres(1), 2);
        foreach ([Tension::Loose, Tension::Even, Tension::Firm] as $i => $tension) {
            self::assertKnot(
                [$alone + self::between($curve, $pitches[$i]), $pitches[$i]],
                $knot->tied($core, self::cord(), $tension),
            );
        }
    }

    /**
     * @param non-empty-list<array{float, float}> $curve pitch and use, loosest first
     */
    private static function between(array $curve, float $pitch): float
    {
        $i = 0;
        while (isset($curve[$i + 2]) && $pitch < $curve[$i + 1][0] - 1e-9) {
            ++$i;
        }
        [[$x1, $y1], [$x2, $y2]] = [$curve[$i], $curve[$i + 1] ?? $curve[$i]];

        return $y1 + ($y2 - $y1) * ($pitch - $x1) / ($x2 - $x1);
    }

    /**
     * Returns a knot with what it takes beyond its own length: a cord whose ends are pulled apart gives up both.
     */
    private static function beyond(TiedKnot $knot): TiedKnot
    {
        return new TiedKnot($knot->pitch, $knot->use->minus($knot->pitch), $knot->width, $knot->thickness);
    }

    /**
     * @param list<float> $expected use, pitch and, if it matters, width, in cords, of the ideal tube
     */
    private static function assertKnot(array $expected, TiedKnot $knot): void
    {
        $leather = Fibre::Leather;
        $measured = [
            $knot->use->millimetres / $leather->useFactor(),
            $knot->pitch->millimetres / $leather->lengthFactor(),
            $knot->width->millimetres,
        ];
        self::assertEqualsWithDelta($expected, \array_slice($measured, 0, \count($expected)), 1e-9);
    }

    private static function cord(): Cord
    {
        return new Cord(Fibre::Leather, Length::ofMillimetres(1), Colour::parse('#000000'));
    }

    /**
     * Returns the numbers in one cell of the row of docs/model.md that begins with $name.
     *
     * @return list<float>
     */
    private static function numbers(string $name, int $cell = 1): array
    {
        foreach (explode("\n", (string) file_get_contents(\dirname(__DIR__, 2).'/docs/model.md')) as $line) {
            $cells = array_map(trim(...), explode('|', trim($line, '|')));
            if ($name === $cells[0]) {
                // "5 1/2", "P/2" and "±0.7" are not numbers of their own.
                preg_match_all('~(?<![\w.±])\d+(?:\.\d+)?~', $cells[$cell] ?? '', $found);

                return array_map(floatval(...), $found[0]);
            }
        }
        self::fail('docs/model.md has no row "'.$name.'".');
    }

    private static function waxed(): Cord
    {
        return new Cord(Fibre::WaxedCotton, Length::ofMillimetres(1), Colour::parse('#000000'));
    }
}
