<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Line;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Line\Chunk;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\Extent;
use Rinkel\Core\Line\Line;
use Rinkel\Core\Line\LineSetter;
use Rinkel\Core\Line\Take;
use Rinkel\Core\Measure\Length;
use Rinkel\Tests\Core\Chance;

final class LineSetterTest extends TestCase
{
    /**
     * The best counts for three thousand random lines, against trying every combination.
     */
    public function testIsAsGoodAsTryingEverything(): void
    {
        $chance = new Chance(20_261);
        for ($i = 0; $i < 2000; ++$i) {
            $fits = $chance->whole(1, 3);
            $lengths = array_map(static fn (): float => round($chance->between(2, 14), 2), range(1, $fits));
            $shares = array_map(static fn (): int => $chance->whole(1, 3), range(1, $fits));
            $fixed = round($chance->between(0, 40), 2);
            $mirrored = $chance->oneIn(3);
            $wished = round($chance->between(10, 60), 2);
            $atMost = $chance->oneIn(2);
            $line = self::line($fixed, $lengths, $shares, $mirrored);
            $setting = (new LineSetter())->set($line, Length::ofMillimetres($wished), $atMost);
            $best = self::bruteForce(
                $fixed,
                array_map(static fn (float $one): float => $one * ($mirrored ? 2 : 1), $lengths),
                $shares,
                $wished,
                $atMost,
            );

            self::assertEqualsWithDelta($best, abs($setting->over->millimetres), 1e-5, \sprintf(
                '%s, case %d: fixed %s, repeats %s by %s, wished %s: counts %s',
                $chance,
                $i,
                $fixed,
                json_encode($lengths),
                json_encode($shares),
                $wished,
                json_encode($setting->counts),
            ));
        }
    }

    /**
     * With more fits than every rounding is tried for: still within one repeat of each share, and as near as the
     * shortest repeat.
     */
    public function testManyFitsShareFairlyAndComeNear(): void
    {
        $chance = new Chance(88);
        for ($i = 0; $i < 200; ++$i) {
            $fits = $chance->whole(7, 24);
            $lengths = array_map(static fn (): float => round($chance->between(2, 14), 2), range(1, $fits));
            $wished = round($chance->between(200, 900), 2);
            $setting = (new LineSetter())->set(
                self::line(10, $lengths, array_fill(0, $fits, 1), false),
                Length::ofMillimetres($wished),
            );
            $parts = array_map(static fn (int $count, float $one): float => $count * $one, $setting->counts, $lengths);
            foreach ($parts as $fit => $part) {
                self::assertEqualsWithDelta(
                    array_sum($parts) / $fits,
                    $part,
                    $lengths[$fit] + max($lengths),
                    $chance.', case '.$i,
                );
            }
            self::assertLessThanOrEqual(max($lengths), abs($setting->over->millimetres), $chance.', case '.$i);
        }
    }

    public function testMoreThanFitsIsAddedAndNotEvenedOut(): void
    {
        $line = self::line(6, [5.0], [1], false);
        $plain = (new LineSetter())->set($line, Length::ofMillimetres(160));
        foreach ([2, -3, -99] as $more) {
            $wished = new Line($line->first, $line->middle, $line->after, $line->mirrored, $line->shares, [$more]);
            $setting = (new LineSetter())->set($wished, Length::ofMillimetres(160));
            self::assertSame([max(0, $plain->counts[0] + $more)], $setting->counts);
            self::assertSame([0, 0], [$setting->parts, $setting->more]);
        }
    }

    public function testNoPatternTakesTheMachineAway(): void
    {
        $tiny = self::line(0, array_fill(0, 6, 0.001), array_fill(0, 6, 1), false);
        self::assertLessThan(
            6000,
            \count((new LineSetter())->set(self::line(0, [1.0], [1], false), Length::ofMillimetres(4000))->elements),
        );
        $this->expectExceptionMessage('too-many-to-fit (most: 6000)');
        (new LineSetter())->set($tiny, Length::ofMillimetres(4000));
    }

    public function testSeveralFitsShareByProportion(): void
    {
        $setting = (new LineSetter())->set(self::line(0, [2.0, 2.0], [2, 1], false), Length::ofMillimetres(120));

        self::assertSame([40, 20], $setting->counts);
    }

    public function testAMirroredLineIsSymmetric(): void
    {
        $setting = (new LineSetter())->set(self::line(6, [5.0, 3.1], [1, 1], true), Length::ofMillimetres(160));
        $lengths = array_map(
            static fn (Element $element): float => $element->extent->length->millimetres,
            $setting->elements,
        );

        self::assertSame($lengths, array_reverse($lengths));
    }

    /**
     * Three beads and four knots are 83: 11 are left. Only runs that may fill take them, evenly, whole knots only.
     */
    public function testWhatIsLeftOverGoesWhereThePatternAllowsIt(): void
    {
        $fixed = self::filling(false);
        $setting = (new LineSetter())->set($fixed, Length::ofMillimetres(94));
        self::assertSame([[3], 0, 83.0], [$setting->counts, $setting->more, $setting->length->millimetres]);

        $filled = (new LineSetter())->set(self::filling(true), Length::ofMillimetres(94));
        self::assertSame([[3], 3], [$filled->counts, $filled->more]);
        self::assertEqualsWithDelta(95, $filled->length->millimetres, 1e-9);
        self::assertSame('square', $filled->elements[4]->word());
        $bounded = (new LineSetter())->set(self::filling(true), Length::ofMillimetres(92.9), true);
        self::assertSame(2, $bounded->more, 'no further over than nobody notices');
        $shorter = (new LineSetter())->set(self::filling(true), Length::ofMillimetres(81));
        self::assertSame([[3], -1], [$shorter->counts, $shorter->more], 'at least one knot stays');
    }

    /**
     * Stripes of three and two, 3 mm each: with 40 mm the third repeat breaks off after its first stripe, so that the
     * piece ends as it began; a stripe is never doubled or cut.
     */
    public function testARepeatBreaksOffBetweenItsParts(): void
    {
        $stripes = array_merge(
            array_fill(0, 3, self::element('square', 3.0)),
            array_fill(0, 2, self::element('half left', 3.0)),
        );
        $line = static fn (bool $breaks, bool $mirrored = false): Line => new Line(
            [new Chunk($stripes, 0, [], $breaks ? [3] : [])],
            [],
            [],
            $mirrored,
            [1],
        );
        $whole = (new LineSetter())->set($line(false), Length::ofMillimetres(40));
        self::assertSame([[3], 45.0], [$whole->counts, $whole->length->millimetres]);

        $partly = (new LineSetter())->set($line(true), Length::ofMillimetres(40));
        self::assertSame([[2], 1, 39.0], [$partly->counts, $partly->parts, $partly->length->millimetres]);
        self::assertSame('square', $partly->elements[12]->word());
        $exact = (new LineSetter())->set($line(true), Length::ofMillimetres(45));
        self::assertSame([[3], 0], [$exact->counts, $exact->parts]);
        $mirrored = (new LineSetter())->set($line(true, true), Length::ofMillimetres(40));
        self::assertSame(0, $mirrored->parts, 'not in the middle of a mirrored piece');
    }

    public function testBareCordTakesWhatIsLeft(): void
    {
        $gap = new Element(
            ElementKind::Bare,
            null,
            extent: new Extent(
                length: Length::zero(),
                width: Length::zero(),
                thickness: Length::zero(),
                stretches: true,
            ),
            takes: ['cord' => Take::straight(Length::ofMillimetres(1))],
        );
        $setting = (new LineSetter())->set(
            new Line([new Chunk([$gap, self::element('bead', 12, 'stone'), $gap])], [], [], false, []),
            Length::ofMillimetres(100),
        );

        self::assertEqualsWithDelta(44, $setting->elements[0]->extent->length->millimetres, 1e-9);
        self::assertEqualsWithDelta(100, $setting->length->millimetres, 1e-9);
        self::assertEqualsWithDelta(88, $setting->take('cord')->straight->millimetres, 1e-9);
    }

    public function testBeadsInStockBoundTheLine(): void
    {
        $line = new Line(
            [new Chunk([self::element('bead', 5, 'amber'), self::element('bead', 3, 'sky')], 0)],
            [],
            [],
            false,
            [1],
        );
        $setter = new LineSetter(['amber' => 7, 'sky' => 30]);
        $setting = $setter->set($line, Length::ofMillimetres(160));

        self::assertSame([7], $setting->counts);
        self::assertSame(
            ['amber', 7, 20],
            [$setting->shortage?->bead, $setting->shortage?->stock, $setting->shortage?->wanted],
        );
        $free = $setter->set($line, Length::ofMillimetres(24));
        self::assertNull($free->shortage);
        self::assertSame(['amber' => 3, 'sky' => 3], $free->beads());
        self::assertSame(2, $setter->piecesFrom($free->beads()), '7 of amber make two whole pieces');
        self::assertNull((new LineSetter())->piecesFrom($free->beads()));
    }

    public function testNeighboursAreTheNextWholeRepeats(): void
    {
        $setting = (new LineSetter())->set(self::line(10, [4.0], [1], false), Length::ofMillimetres(51));

        self::assertSame([10], $setting->counts);
        self::assertSame(
            [[8], [9], [11], [12]],
            array_map(static fn ($choice): array => $choice->counts, $setting->choices),
        );
        self::assertEqualsWithDelta(46, $setting->choices[1]->length->millimetres, 1e-9);
    }

    private static function filling(bool $fills): Line
    {
        $square = self::element('square', 2.0);
        $run = new Chunk([$square, $square], null, [], [], $fills);

        return new Line([$run, new Chunk([self::element('bead', 25.0, 'amber')], 0), $run], [], [], false, [1]);
    }

    /**
     * @param list<float> $lengths
     * @param list<int>   $shares
     */
    private static function line(float $fixed, array $lengths, array $shares, bool $mirrored): Line
    {
        $chunks = array_map(
            static fn (float $length, int $fit): Chunk => new Chunk([self::element('bead', $length, 'b'.$fit)], $fit),
            $lengths,
            array_keys($lengths),
        );

        return new Line(
            $mirrored ? $chunks : [new Chunk([self::element('focal', $fixed)]), ...$chunks],
            $mirrored ? [self::element('focal', $fixed)] : [],
            [],
            $mirrored,
            $shares,
        );
    }

    private static function element(string $what, float $length, ?string $name = null): Element
    {
        return new Element(
            ElementKind::tryFrom($what) ?? ElementKind::Knot,
            $name,
            extent: new Extent(
                length: Length::ofMillimetres($length),
                width: Length::ofMillimetres(1),
                thickness: Length::ofMillimetres(1),
            ),
            takes: [],
            knot: KnownKnots::all()->named($what),
        );
    }

    /**
     * Returns how near to $wished any counts come that keep within one repeat of their shares of one common fill.
     *
     * @param non-empty-list<float> $lengths
     * @param list<int>             $shares
     */
    private static function bruteForce(float $fixed, array $lengths, array $shares, float $wished, bool $atMost): float
    {
        $best = \INF;
        $most = (int) ceil($wished / min($lengths)) + 2;
        $counts = array_fill(0, \count($lengths), 0);
        do {
            [$low, $high, $length] = [0.0, \INF, $fixed];
            foreach ($counts as $i => $count) {
                $low = max($low, ($count - 1) * $lengths[$i] / $shares[$i]);
                $high = min($high, ($count + 1) * $lengths[$i] / $shares[$i]);
                $length += $count * $lengths[$i];
            }
            if ($low < $high - 1e-9 && (!$atMost || $length <= $wished + max(2.0, 0.015 * $wished) + 1e-9 || 0 === array_sum($counts))) {
                $best = min($best, abs($length - $wished));
            }
            for ($i = 0; $i < \count($counts) && ++$counts[$i] > $most; ++$i) {
                $counts[$i] = 0;
            }
        } while (array_sum($counts) > 0);

        return $best;
    }
}
