<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Sizing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Node\Group;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Piece\StockReader;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Sizing\AvailableMaterials;
use Rinkel\Core\Sizing\FromTray;
use Rinkel\Core\Sizing\Girths;
use Rinkel\Core\Sizing\GrowingGirth;
use Rinkel\Core\Sizing\GrowingLength;
use Rinkel\Core\Sizing\GrowingRows;
use Rinkel\Core\Sizing\Kit;
use Rinkel\Core\Sizing\KitPart;
use Rinkel\Core\Sizing\LargestFeasible;
use Rinkel\Core\Sizing\Lengths;
use Rinkel\Core\Sizing\Loops;
use Rinkel\Core\Sizing\Sized;
use Rinkel\Core\Sizing\Sizes;
use Rinkel\Core\Sizing\Stones;
use Rinkel\Core\Sizing\Wearers;
use Rinkel\Core\Stock\Counted;
use Rinkel\Core\Stock\Kind;
use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\Core\Examples;

final class SizingTest extends TestCase
{
    /**
     * Every number of a size is that of the size planned alone.
     */
    #[DataProvider('provideExamples')]
    public function testEachSizeIsWhatItIsAlone(PieceSpec $design): void
    {
        $planner = new Planner();
        $sizes = Sizes::of($planner, $design, Girths::usual($design->wearing->wearer->place, $design->unit));
        self::assertGreaterThanOrEqual(4, \count($sizes->all) + \count($sizes->refused));
        foreach ($sizes->all as $i => $sized) {
            $alone = $planner->plan($design->withoutLength()->withWearer($sized->plan->draft->piece->wearer));
            self::assertEquals($alone->cuts, $sized->plan->cuts);
            self::assertSame($alone->beads, $sized->plan->beads);
            self::assertEquals($alone->checks, $sized->plan->checks);
            self::assertTrue($alone->draft->closed()->equals($sized->plan->draft->closed()));
            self::assertEquals($alone->findings(), $sized->plan->findings());
            $before = $sizes->all[$i - 1] ?? null;
            self::assertNotEquals($before?->size->along, $sized->size->along);
        }
        $kit = Kit::of($sizes);
        self::assertServesAll($kit, $sizes);
    }

    /**
     * @return iterable<string, array{PieceSpec}>
     */
    public static function provideExamples(): iterable
    {
        foreach (Examples::shipped() as $name => $wish) {
            yield $name => [$wish];
        }
    }

    /**
     * Graded sizes have the same repeats of all that shows, every one of them fits as well as a free one does to within
     * a knot, and where the smallest had no room to spare it is as it was.
     */
    public function testGradedSizesLookAlike(): void
    {
        $planner = new Planner();
        $design = Examples::piece([
            'beads' => ['b' => ['diameter' => '6 mm', 'hole' => '3 mm']],
            'pattern' => '(2 square, 1 bead b) x fit',
        ]);
        $girths = new Girths(array_map(Length::ofMillimetres(...), [140, 152, 163, 178, 195]));
        $free = Sizes::of($planner, $design, $girths);
        $graded = Sizes::of($planner, $design, $girths, true);
        self::assertTrue($graded->isGraded);
        $beads = array_map(static fn (Sized $one): int => $one->plan->beads['b'] ?? 0, $graded->all);
        self::assertCount(1, array_unique($beads), 'as many beads in each');
        self::assertSame(
            min([999, ...array_map(static fn (Sized $one): int => $one->plan->beads['b'] ?? 0, $free->all)]),
            $beads[0],
        );
        foreach ($graded->all as $i => $one) {
            $pitch = 4.0; // of a square knot of 1 mm cord over two, in mm
            self::assertLessThan($pitch, abs(Sizes::off($one)->millimetres), 'size '.$i);
        }
        $knots = array_map(static fn (Sized $one): int => self::knots($one->plan), $graded->all);
        $sorted = $knots;
        sort($sorted);
        self::assertSame($sorted, $knots, 'larger ones have more plain knots');
        // What is plain knots all through, and what has a filler of its own, is graded as it is.
        foreach ([
            '1 square x fit', '6 square fill, (1 bead b, 2 square) x fit, 6 square fill',
            '(1 bead b, 2 square) x fit, mirror',
        ] as $pattern) {
            $sizes = Sizes::of(
                $planner,
                Examples::piece(['beads' => ['b' => ['diameter' => '6 mm', 'hole' => '3 mm']], 'pattern' => $pattern]),
                $girths,
                true,
            );
            self::assertTrue($sizes->isGraded, $pattern);
            self::assertCount(
                1,
                array_unique(array_map(static fn (Sized $one): int => $one->plan->beads['b'] ?? 0, $sizes->all)),
                $pattern,
            );
        }
    }

    /**
     * For every example: graded or said not to be; where it is, no repeat that shows differs.
     */
    #[DataProvider('provideExamples')]
    public function testAnyDesignIsGradedOrSaidNotToBe(PieceSpec $design): void
    {
        $sizes = Sizes::of(new Planner(), $design, Girths::usual($design->wearing->wearer->place, Unit::Centimetre), true);
        if (!$sizes->isGraded) {
            $this->addToAssertionCount(1);

            return;
        }
        $shown = [];
        foreach ($sizes->all as $one) {
            $shown[] = implode(' ', array_map(strval(...), array_filter(
                iterator_to_array($one->plan->draft->piece->pattern->tree->nodes(), false),
                static fn ($node): bool => $node instanceof Group
                    && !(1 === \count($node->parts) && $node->parts[0] instanceof Knots),
            )));
        }
        self::assertCount(1, array_unique($shown));
    }

    public function testSizesGoByPeopleLengthsStonesAndLoops(): void
    {
        $planner = new Planner();
        $band = Examples::piece();
        $wearers = ['Mina' => $band->wearing->wearer, 'Odd' => Girths::of($band, Length::ofMillimetres(190))->wearing->wearer];
        $people = Sizes::of($planner, $band, new Wearers($wearers));
        self::assertSame(['Mina', 'Odd'], array_map(static fn (Sized $one): string => $one->size->name, $people->all));
        self::assertSame('Odd', $people->all[1]->size->wish->wearing->whom);

        $lengths = Sizes::of($planner, $band, new Lengths(array_map(Length::ofMillimetres(...), [120, 240])));
        $asked = $planner->plan($band->ofLength(Length::ofMillimetres(240)))->draft->body();
        self::assertTrue($asked->equals($lengths->all[1]->plan->draft->body()));
        self::assertTrue($asked->isLongerThan($lengths->all[0]->plan->draft->body()));

        $rockpool = Examples::shipped()['rockpool'] ?? self::fail('There is no netted pouch.');
        $pouch = $planner->completed($rockpool);
        self::assertTrue(Stones::areIn($pouch->findings));
        self::assertFalse(Stones::areIn($planner->completed($band)->findings));
        $stones = Sizes::of($planner, $rockpool, new Stones(array_map(Length::ofMillimetres(...), [24, 46]), $pouch));
        self::assertTrue(
            self::cord($stones->all[1]->plan)->isLongerThan(self::cord($stones->all[0]->plan)),
            'a larger stone takes more cord',
        );

        $bindweed = Examples::shipped()['bindweed'] ?? self::fail('There is no buttoned band.');
        $loops = Sizes::of($planner, $bindweed, new Loops([1, 3], $planner->completed($bindweed)->closure));
        self::assertCount(1, $loops->all[0]->plan->draft->fastened->span->sizes ?: [1]);
        self::assertCount(3, $loops->all[1]->plan->draft->fastened->span->sizes);
    }

    public function testWhatCannotBePlannedInAnySizeIsRefused(): void
    {
        $this->expectException(PieceUnreadable::class);
        Sizes::of(
            new Planner(),
            Examples::piece(['pattern' => '3 bead nothing']),
            Girths::usual(BodyPlace::Wrist, Unit::Inch),
        );
    }

    /**
     * What is at hand goes exactly so far: the answer is planned and can be made of it, the next size up is planned and
     * cannot; over random pieces, by girth and by length. One more of what runs out never makes it less.
     */
    public function testTheAnswerFitsAndTheNextDoesNot(): void
    {
        $planner = new Planner();
        $chance = new Chance(616);
        $asked = 0;
        for ($i = 0; $i < 30; ++$i) {
            $design = Examples::random($chance);
            $plan = $planner->plan($design);
            $cords = [];
            foreach ($plan->cuts as $cut) {
                $length = $cut->length->times($chance->between(0.7, 1.6));
                $cords[$cut->role] = array_fill(0, $cut->count, $length);
            }
            if ($chance->oneIn(3)) {
                $cords = [AvailableMaterials::ANY => array_merge(...array_values($cords))];
            }
            $hand = new AvailableMaterials(
                $cords,
                array_map(
                    static fn (int $count): int => (int) round($count * $chance->between(0.6, 1.8)),
                    $plan->beads,
                ),
            );
            $growth = $chance->oneIn(2) ? new GrowingGirth($design) : new GrowingLength($design);
            $far = LargestFeasible::of($planner, $growth, $hand);
            [$least, $most] = $growth->range();
            if (null === $far->step) {
                self::assertNotSame([], $hand->lacks($planner->plan($growth->at($least))), $chance.' '.$i);
                continue;
            }
            ++$asked;
            self::assertSame(
                [],
                $hand->lacks($planner->plan($growth->at($far->step))),
                'it can be made, '.$chance.' '.$i,
            );
            if ($far->step < $most) {
                try {
                    $lacks = $hand->lacks($planner->plan($growth->at($far->step + 1)));
                } catch (PieceUnreadable) {
                    continue; // that size cannot be made of anything
                }
                self::assertNotSame([], $lacks, 'the next cannot, '.$chance.' '.$i);
                self::assertEquals($far->lacks, $lacks);
                foreach ($far->gains as $gain) {
                    self::assertGreaterThanOrEqual(0, $gain);
                }
            }
        }
        self::assertGreaterThan(12, $asked);
    }

    public function testRowsAreCountedToo(): void
    {
        $planner = new Planner();
        $design = Examples::shipped()['rockpool'] ?? self::fail('There is no netted pouch.');
        $growth = GrowingRows::of($design, $planner->completed($design)->pattern->tree) ?? self::fail('It has rows.');
        $cuts = $planner->plan($design)->cuts;
        $hand = new AvailableMaterials(array_combine(
            array_map(static fn (Cut $cut): string => $cut->role, $cuts),
            array_map(static fn (Cut $cut): array => array_fill(0, $cut->count, $cut->length), $cuts),
        ));
        $far = LargestFeasible::of($planner, $growth, $hand);
        self::assertSame([], $hand->lacks($planner->plan($growth->at($far->step ?? 0))));
        self::assertNotSame([], $hand->lacks($planner->plan($growth->at(($far->step ?? 0) + 1))));
        self::assertNull(GrowingRows::of($design, Examples::plan()->draft->piece->pattern->tree));
    }

    /**
     * What is made of a tray is in the tray, and what is left is what there was less what is taken; nothing is offered
     * that would not do, and what leaves least comes first.
     */
    public function testATrayIsMadeOfWhatIsInIt(): void
    {
        $planner = new Planner();
        [$navy, $sand] = [self::cordOf('#1f2f4f'), self::cordOf('#d9cdb0')];
        $length = static fn (float ...$cm): array => array_map(Length::ofCentimetres(...), array_values($cm));
        $cords = [[$navy, $length(400, 300, 60)], [$sand, $length(120, 120)]];
        $beads = [[self::beadOf('6 mm'), 30], [self::beadOf('5 mm'), 12]];
        $ranked = FromTray::ranked($planner, Examples::shipped(), $cords, $beads);
        self::assertGreaterThan(3, \count($ranked));
        $shares = array_map(static fn (FromTray $one): float => $one->share, array_values($ranked));
        $sorted = $shares;
        sort($sorted);
        self::assertSame($sorted, $shares);
        foreach ($ranked as $name => $one) {
            $plan = $planner->plan($one->wish);
            self::assertSame($plan->beads, $one->plan->beads, $name);
            self::assertLessThanOrEqual(30, max([0, ...array_values($plan->beads)]));
            self::assertSame(42 - array_sum($plan->beads), $one->beads);
            self::assertEqualsWithDelta(10_000.0 - self::cord($plan)->millimetres, $one->cord->millimetres, 1e-6);
            foreach ($plan->cuts as $cut) {
                self::assertContains($cut->cord->colour->hex, ['#1f2f4f', '#d9cdb0'], $name);
            }
            self::assertSame(
                $name,
                array_key_first(
                    array_filter(Examples::shipped(), static fn (PieceSpec $wish): bool => $wish->name === $one->wish->name),
                ),
            );
        }
        self::assertSame([], FromTray::ranked($planner, Examples::shipped(), [[$navy, $length(5)]], $beads));
        self::assertSame([], FromTray::ranked($planner, Examples::shipped(), [], $beads));
    }

    private static function assertServesAll(Kit $kit, Sizes $sizes): void
    {
        foreach ([...$kit->cords, ...$kit->things] as $part) {
            self::assertCount(\count($sizes->all), $part->left);
            $isUsedUp = false;
            foreach ($part->left as $i => $left) {
                $isUsedUp = $isUsedUp || ($left instanceof Length ? $left->isZero() : 0 === $left);
                $rest = $left instanceof Length ? $left->millimetres : (float) $left;
                self::assertGreaterThanOrEqual(0.0, $rest, 'size '.$i);
            }
            self::assertTrue(
                $isUsedUp || [] !== $part->letters || $part->what instanceof Cut,
                'no more than some size takes',
            );
        }
        foreach ($sizes->all as $sized) {
            foreach ($sized->plan->cuts as $cut) {
                $part = array_values(array_filter(
                    $kit->cords,
                    static fn (KitPart $part): bool => $part->what instanceof Cut && $part->what->role === $cut->role,
                ))[0] ?? self::fail('No cord for '.$cut->role);
                self::assertInstanceOf(Length::class, $part->much);
                self::assertFalse($cut->length->isLongerThan($part->much));
                self::assertInstanceOf(Cut::class, $part->what);
                self::assertLessThanOrEqual($part->what->count, $cut->count);
            }
        }
    }

    private static function knots(Plan $plan): int
    {
        return array_sum(
            array_map(static fn ($element): int => null === $element->knot ? 0 : 1, $plan->draft->setting->elements),
        );
    }

    private static function cord(Plan $plan): Length
    {
        return Length::sum(...array_map(static fn (Cut $cut): Length => $cut->total(), $plan->cuts));
    }

    private static function cordOf(string $colour): Cord
    {
        return (new StockReader())->cord(['colour' => $colour], 'x')->cord;
    }

    private static function beadOf(string $diameter): Bead
    {
        $item = (new StockReader())->item(Kind::Bead, ['diameter' => $diameter, 'hole' => '3 mm'], 'x');

        return $item instanceof Counted && $item->what instanceof Bead ? $item->what : self::fail('It is no bead.');
    }
}
