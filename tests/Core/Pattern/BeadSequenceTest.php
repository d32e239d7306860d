<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\BeadFinish;
use Rinkel\Core\Material\BeadShape;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\BeadSequence;
use Rinkel\Core\Pattern\Node\Beads;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Tests\Core\Chance;

final class BeadSequenceTest extends TestCase
{
    #[DataProvider('provideRuns')]
    public function testPutsBeadsInOrder(string $run, string $expected): void
    {
        $beads = Pattern::parse($run, Unit::Millimetre)->parts[0];
        self::assertInstanceOf(Beads::class, $beads);

        self::assertSame($expected, implode(' ', (new BeadSequence(self::tray()))->of($beads)));
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function provideRuns(): iterable
    {
        yield 'in turn' => ['5 bead cream navy', 'cream navy cream navy cream'];
        yield 'two and one' => ['6 bead 2 cream navy', 'cream cream navy cream cream navy'];
        yield 'light and dark by turns' => ['4 bead by value navy cream rust sky', 'cream navy sky rust'];
        yield 'large and small by turns' => ['4 bead by form cream navy rust sky', 'navy cream sky rust'];
        yield 'unlike colours beside each other' => ['4 bead by colour cream ivory navy ink', 'cream ink ivory navy'];
    }

    /**
     * Light and dark alternate truly, whichever there is one more of.
     */
    public function testOfAnOddNumberTheMoreFrequentBeginsAndEnds(): void
    {
        $beads = self::tray();
        $order = static fn (string $run): string => implode(
            ' ',
            (new BeadSequence($beads))->of(self::beads($run)),
        );

        self::assertSame('navy cream navy cream navy', $order('5 bead by value 3 navy 2 cream'));
        self::assertSame('cream navy cream navy cream', $order('5 bead by value 3 cream 2 navy'));
    }

    public function testARunByTurnsGoesOnOverItsRepeats(): void
    {
        $run = self::beads('3 bead by value navy cream');
        $sequence = new BeadSequence(self::tray());

        self::assertSame(['navy', 'cream', 'navy'], $sequence->of($run));
        self::assertSame(['cream', 'navy', 'cream'], $sequence->of($run->goingOn()));
        self::assertSame($run->names, self::beads('4 bead by value navy cream')->goingOn()->names);
    }

    private static function beads(string $text): Beads
    {
        $beads = Pattern::parse($text, Unit::Millimetre)->parts[0];
        self::assertInstanceOf(Beads::class, $beads);

        return $beads;
    }

    public function testNoTwoAlikeTouchWhereThatCanBe(): void
    {
        $run = Pattern::parse('9 bead by colour 4 cream 3 navy 2 rust', Unit::Millimetre)->parts[0];
        self::assertInstanceOf(Beads::class, $run);
        $names = (new BeadSequence(self::tray()))->of($run);
        foreach ($names as $i => $name) {
            self::assertNotSame($name, $names[$i + 1] ?? null, implode(' ', $names));
        }
    }

    /**
     * Any mix: all strands are there, no two of a colour touch when no colour has more than half of the strands (and
     * one), and in any stretch from the start each colour is within two strands of its even share.
     */
    public function testColoursAreSpreadEvenly(): void
    {
        $chance = new Chance(11);
        for ($i = 0; $i < 300; ++$i) {
            $names = [];
            $colours = [];
            foreach (['sea', 'sand', 'rust', 'moss'] as $name) {
                $colours[$name] = Colour::parse(\sprintf('#%06x', $chance->whole(0, 0xFFFFFF)));
                array_push($names, ...array_fill(0, $chance->whole(0, 9), $name));
            }
            $spread = BeadSequence::spread($names, $colours);
            $mix = array_count_values($names);
            self::assertEqualsCanonicalizing($names, $spread);
            if (2 * max([0, ...array_values($mix)]) > \count($names) + 1) {
                continue;
            }
            foreach ($spread as $at => $name) {
                self::assertNotSame($name, $spread[$at + 1] ?? null, implode(' ', $spread));
                $so = array_count_values(\array_slice($spread, 0, $at + 1));
                foreach ($mix as $one => $count) {
                    self::assertEqualsWithDelta(
                        ($at + 1) * $count / \count($names),
                        $so[$one] ?? 0,
                        2,
                        implode(' ', $spread),
                    );
                }
            }
        }
    }

    public function testStrandsOfTwoNamesAndOneColourCountAsOneColour(): void
    {
        $red = Colour::parse('#aa2211');
        $spread = BeadSequence::spread(
            ['thin', 'thick', 'sand', 'sand'],
            ['thin' => $red, 'thick' => $red, 'sand' => Colour::parse('#ddccaa')],
        );

        self::assertSame(['thin', 'sand', 'thick', 'sand'], $spread);
    }

    /**
     * @return array<string, Bead>
     */
    private static function tray(): array
    {
        $bead = static fn (string $colour, float $size): Bead => Bead::of(
            BeadShape::Round,
            Colour::parse($colour),
            Length::ofMillimetres($size),
            hole: Length::ofMillimetres(1),
        );

        return [
            'cream' => $bead('#f3ead2', 4), 'ivory' => $bead('#efe6cf', 4), 'navy' => $bead('#1c2b52', 10),
            'ink' => $bead('#141a33', 4), 'rust' => $bead('#b5502d', 6), 'sky' => $bead('#8fc1de', 8),
        ];
    }

    /**
     * Of two kinds in unlike numbers the rarer lies between runs of the other that differ by one at most: against every
     * arrangement there is, none has a shorter longest run.
     */
    public function testUnevenNumbersAreMingledBest(): void
    {
        $beads = self::stocked(['navy' => null, 'cream' => null]);
        foreach (range(2, 8) as $many) {
            foreach (range(1, $many - 1) as $few) {
                $count = $many + $few;
                $order = (new BeadSequence($beads))->of(
                    self::beads($count.' bead by value '.$many.' navy '.$few.' cream'),
                );
                $runs = array_map(
                    \strlen(...),
                    explode('c', str_replace(['navy', 'cream'], ['n', 'c'], implode('', $order))),
                );
                $best = $many;
                for ($mask = 0; $mask < 2 ** $count; ++$mask) {
                    $bits = str_pad(decbin($mask), $count, '0', \STR_PAD_LEFT);
                    if (substr_count($bits, '1') === $few) {
                        $best = min($best, max(array_map(\strlen(...), explode('1', $bits))));
                    }
                }

                self::assertSame(['cream' => $few, 'navy' => $many], self::counted($order));
                self::assertSame($best, max($runs), implode(' ', $order));
                self::assertLessThanOrEqual(1, max($runs) - min($runs));
                self::assertGreaterThan(0, min($runs), 'never two of the rarer together, nor one at an end');
                if ($count > 12) {
                    break;
                }
            }
        }
    }

    public function testWhatIsNotThereIsMadeUpFromTheOthers(): void
    {
        $run = self::beads('9 bead by value navy cream');

        self::assertSame(
            ['cream' => 2, 'navy' => 7],
            self::counted((new BeadSequence(self::stocked(['navy' => 20, 'cream' => 2])))->of($run)),
        );
        self::assertSame(
            ['cream' => 4, 'navy' => 5],
            self::counted((new BeadSequence(self::stocked(['navy' => 5, 'cream' => 3])))->of($run)),
            'where all together are too few the shortage is told, and nothing exchanged',
        );
        self::assertSame(
            ['cream' => 4, 'navy' => 5],
            self::counted(
                (new BeadSequence(self::stocked(['navy' => 20, 'cream' => 2])))->of(self::beads('9 bead navy cream')),
            ),
            'an order that was said stays',
        );
    }

    /**
     * @param array<string, int|null> $stock by name
     *
     * @return array<string, Bead>
     */
    private static function stocked(array $stock): array
    {
        $colours = ['navy' => '#20304f', 'cream' => '#efe6cf'];

        $beads = [];
        foreach ($stock as $name => $count) {
            $beads[$name] = Bead::of(BeadShape::Round, Colour::parse($colours[$name] ?? '#000000'), stock: $count);
        }

        return $beads;
    }

    /**
     * @param list<string> $names
     *
     * @return array<string, int>
     */
    private static function counted(array $names): array
    {
        $counted = array_count_values($names);
        ksort($counted);

        return $counted;
    }

    public function testLargerToTheMiddle(): void
    {
        $beads = [];
        foreach (['pea' => 4, 'nut' => 6, 'plum' => 9] as $name => $size) {
            $beads[$name] = Bead::of(BeadShape::Round, Colour::parse('#888888'), Length::ofMillimetres($size));
        }
        $order = (new BeadSequence($beads))->of(self::beads('7 bead by size 4 pea 2 nut 1 plum'));

        self::assertSame('pea pea nut plum nut pea pea', implode(' ', $order));
    }

    /**
     * Of surfaces and materials none lies beside its like where that can be.
     */
    public function testByFinish(): void
    {
        $beads = [];
        foreach ([
            'fog' => BeadFinish::Matt,
            'dew' => BeadFinish::Shiny,
            'ice' => BeadFinish::Shiny,
        ] as $name => $finish) {
            $beads[$name] = Bead::of(BeadShape::Round, Colour::parse('#888888'), finish: $finish);
        }
        $order = (new BeadSequence($beads))->of(self::beads('6 bead by finish 3 fog 2 dew 1 ice'));
        foreach (array_keys(\array_slice($order, 1)) as $i) {
            self::assertNotSame('fog' === $order[$i], 'fog' === $order[$i + 1], implode(' ', $order));
        }
    }
}
