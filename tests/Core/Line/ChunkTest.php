<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Line;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Line\Chunk;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\Extent;
use Rinkel\Core\Measure\Length;

final class ChunkTest extends TestCase
{
    public function testRepeatsTurnAboutAndMayBreakOff(): void
    {
        $chunk = new Chunk([self::bead('a', 4), self::bead('b', 6)], 0, [self::bead('c', 5)], [1, 2]);

        self::assertSame('abcab', self::word($chunk->repeated(3)));
        self::assertSame('abca', self::word($chunk->repeated(2, 1)));
        self::assertSame('abc', self::word($chunk->repeated(1, 1)));
        self::assertSame('', self::word($chunk->repeated(0)));
        self::assertSame('aa', self::word((new Chunk([self::bead('a', 4)]))->repeated(2)), 'without another side all are alike');
    }

    public function testLengthAndBeadsAreThoseOfWhatStands(): void
    {
        $chunk = new Chunk([self::bead('a', 4), self::bead('b', 6)], 0, [self::bead('c', 5), self::bead('a', 4)]);
        for ($times = 0; $times < 6; ++$times) {
            $all = $chunk->repeated($times);
            self::assertEqualsWithDelta(
                array_sum(array_map(static fn (Element $one): float => $one->extent->length->millimetres, $all)),
                $chunk->length($times),
                1e-9,
            );
            self::assertEquals(
                array_count_values(array_merge(...array_map(static fn (Element $one): array => $one->beads(), $all), ...[[]])),
                array_filter($chunk->beads($times), static fn (int $count): bool => 0 !== $count),
                (string) $times,
            );
        }
    }

    public function testFillsWithMoreOrFewerButNeverNone(): void
    {
        $chunk = new Chunk([self::bead('a', 4), self::bead('a', 4), self::bead('a', 4)], fills: true);

        self::assertSame([5, 3, 1, 1], array_map(
            static fn (int $more): int => \count($chunk->filled($more)),
            [2, 0, -2, -9],
        ));
    }

    public function testFromItsOtherEndAllComesInReverseAndNothingBreaksOff(): void
    {
        $reversed = (new Chunk([self::bead('a', 4), self::bead('b', 6)], 3, [self::bead('c', 5), self::bead('d', 5)], [1], true))->reversed();

        self::assertSame(['ba', 'dc'], [self::word($reversed->elements), self::word($reversed->swapped)]);
        self::assertSame([3, [], true], [$reversed->fit, $reversed->breaks, $reversed->fills]);
    }

    private static function bead(string $name, float $long): Element
    {
        $length = Length::ofMillimetres($long);

        return new Element(
            ElementKind::Bead,
            $name,
            extent: new Extent(length: $length, width: $length, thickness: $length),
            takes: [],
        );
    }

    /**
     * @param list<Element> $elements
     */
    private static function word(array $elements): string
    {
        return implode('', array_map(static fn (Element $one): string => (string) $one->name, $elements));
    }
}
