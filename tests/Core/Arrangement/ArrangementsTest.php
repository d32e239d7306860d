<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Arrangement;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Arrangement\Arrangement;
use Rinkel\Core\Arrangement\Arrangements;
use Rinkel\Core\Arrangement\BeadTray;
use Rinkel\Core\Arrangement\Exception\TrayUnread;
use Rinkel\Core\Arrangement\Laid;
use Rinkel\Core\Arrangement\OrderRule;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\BeadShape;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\BeadSequence;
use Rinkel\Core\Pattern\Node\BeadOrder;
use Rinkel\Core\Pattern\Node\Beads;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Tests\Core\Chance;

final class ArrangementsTest extends TestCase
{
    /**
     * Each of the six is within what is at hand, as long as wanted, and another manner; the same seed gives the same.
     */
    public function testWithinWhatIsThere(): void
    {
        $chance = new Chance(11);
        for ($round = 0; $round < 60; ++$round) {
            $tray = self::tray($chance, $chance->whole(1, 5));
            $wanted = $chance->whole(1, 40);
            $count = $tray->count($wanted);
            $seed = $chance->whole(0, 1000);
            $six = (new Arrangements($tray))->six($wanted, $seed);

            self::assertEquals($six, (new Arrangements($tray))->six($wanted, $seed));
            self::assertCount(0 === $count ? 0 : 6, $six);
            self::assertCount(
                \count($six),
                array_unique(array_map(static fn (Arrangement $one): string => $one->manner->value, $six)),
            );
            foreach ($six as $i => $arrangement) {
                self::assertCount($count, $arrangement->names);
                foreach (array_count_values($arrangement->names) as $name => $there) {
                    self::assertLessThanOrEqual($tray->beads[$name]->stock ?? \PHP_INT_MAX, $there);
                }
                self::assertSame($arrangement->names, (new BeadSequence($tray->beads))->of($arrangement->run()));
                if ($i > 0) {
                    self::assertLessThanOrEqual(
                        $six[$i - 1]->liveliness,
                        $arrangement->liveliness,
                        'the liveliest first',
                    );
                }
            }
        }
    }

    public function testAnotherSixAreOthers(): void
    {
        $tray = new BeadTray(self::three());
        $texts = static fn (int $seed): string => implode("\n", array_map(
            static fn (Arrangement $one): string => (string) $one->run(),
            (new Arrangements($tray))->six(24, $seed),
        ));

        self::assertGreaterThan(4, \count(array_unique(array_map($texts, range(1, 6)))));
    }

    /**
     * What each manner promises.
     */
    public function testEachMannerIsWhatItSays(): void
    {
        $beads = self::three();
        foreach (range(1, 30) as $seed) {
            foreach ((new Arrangements(new BeadTray($beads)))->six(24, $seed) as $arrangement) {
                $names = $arrangement->names;
                match ($arrangement->manner) {
                    OrderRule::Symmetric => self::assertSame($names, array_reverse($names)),
                    OrderRule::Graduated => self::assertGrows(array_map(
                        static fn (string $name): float => $beads[$name]->diameter->millimetres,
                        $names,
                    )),
                    OrderRule::Mixed, OrderRule::Colour => self::assertSame(0, self::clumps($names), implode(' ', $names)),
                    default => self::assertCount(24, $names),
                };
            }
        }
    }

    /**
     * The measure: the mean difference of neighbours. Navy and cream by turns differ as those two do; in two blocks
     * only once.
     */
    public function testLiveliness(): void
    {
        $beads = self::three();
        $difference = $beads['navy']->colour->differenceTo($beads['cream']->colour);
        $turns = new Arrangement(OrderRule::Value, ['navy', 'cream', 'navy', 'cream'], $beads);
        $blocks = new Arrangement(OrderRule::Value, ['navy', 'navy', 'cream', 'cream'], $beads);

        self::assertEqualsWithDelta($difference, $turns->liveliness, 1e-9);
        self::assertEqualsWithDelta($difference / 3, $blocks->liveliness, 1e-9);
        self::assertSame(0.0, (new Arrangement(OrderRule::Value, ['navy'], $beads))->liveliness);
    }

    /**
     * Beads that stand by themselves are exchanged for the run; knots, gaps and what is in the middle stay.
     */
    public function testWhereTheBeadsOfAPatternAre(): void
    {
        $laid = static fn (string $text): string => (string) Laid::in(
            Pattern::parse($text, Unit::Millimetre),
            new Beads(3, BeadOrder::AsNamed, [[1, 'navy'], [2, 'rust']]),
        );

        self::assertSame(
            'gap fit, 1 barrel 3, 3 bead navy 2 rust, 1 barrel 3, gap fit',
            $laid('gap fit, 1 barrel 3, 9 bead cream, 1 barrel 3, gap fit'),
        );
        self::assertSame('3 bead navy 2 rust', $laid('(1 bead cream, 1 bead navy) x fit'));
        self::assertSame(
            '3 bead navy 2 rust, focal cream, mirror',
            $laid('2 bead navy, 1 bead cream, focal cream, mirror'),
        );
        self::assertSame('', $laid('2 square, (1 bead cream, 2 square) x fit'), 'between knots they are no string');
        self::assertSame(
            ['cube', 'cream'],
            Laid::elsewhere(Pattern::parse('2 bead navy, word "MA" of cube, focal cream, mirror', Unit::Millimetre)),
        );
        self::assertFalse(Laid::isThere(Pattern::parse('2 square', Unit::Millimetre)));
        self::assertSame(6, Laid::wanted(Pattern::parse('6 bead navy, mirror', Unit::Millimetre), 12));
    }

    public function testATrayIsRead(): void
    {
        $tray = BeadTray::parse("12 amber 6 mm #c98a2b, 8 × Sky\n3 nut 1/2 in");

        self::assertSame(['amber', 'sky', 'nut'], array_keys($tray->beads));
        self::assertSame(
            [12, 8, 3],
            array_values(array_map(static fn (Bead $bead): ?int => $bead->stock, $tray->beads)),
        );
        self::assertSame('#c98a2b', $tray->beads['amber']->colour->hex);
        self::assertEqualsWithDelta(12.7, $tray->beads['nut']->diameter->millimetres, 1e-9);
        self::assertSame(23, $tray->count(1000));
        foreach (['', 'amber', '12', '12 amber, 3 amber', '5 focal', '3 sky huge', '3 sky #12'] as $text) {
            try {
                self::fail('Read: '.$text.' '.BeadTray::parse($text)->count(1));
            } catch (TrayUnread $unread) {
                self::assertSame('tray-unread', $unread->said()->key);
            }
        }
    }

    /**
     * @return array<string, Bead>
     */
    private static function three(): array
    {
        $beads = [];
        foreach ([
            'navy' => ['#20304f', 6], 'cream' => ['#efe6cf', 8], 'rust' => ['#a8492b', 4],
        ] as $name => [$colour, $size]) {
            $beads[$name] = Bead::of(BeadShape::Round, Colour::parse($colour), Length::ofMillimetres($size), stock: 8);
        }

        return $beads;
    }

    private static function tray(Chance $chance, int $kinds): BeadTray
    {
        $beads = [];
        for ($i = 0; $i < $kinds; ++$i) {
            $beads['kind-'.$i] = Bead::of(
                BeadShape::Round,
                Colour::parse(\sprintf('#%06x', $chance->whole(0, 0xFFFFFF))),
                Length::ofMillimetres($chance->whole(3, 12)),
                stock: $chance->oneIn(3) ? null : $chance->whole(0, 12),
            );
        }

        return new BeadTray($beads);
    }

    /**
     * @param list<string> $names
     */
    private static function clumps(array $names): int
    {
        return \count(array_filter(
            array_keys(\array_slice($names, 1)),
            static fn (int $i): bool => $names[$i] === $names[$i + 1],
        ));
    }

    /**
     * @param list<float> $sizes
     */
    private static function assertGrows(array $sizes): void
    {
        $half = intdiv(\count($sizes), 2);
        $first = $second = \array_slice($sizes, 0, $half);
        sort($first);
        self::assertSame($first, $second, 'rising to the middle');
        $falling = $rest = \array_slice($sizes, $half);
        rsort($falling);
        self::assertSame($falling, $rest, 'falling from it');
    }
}
