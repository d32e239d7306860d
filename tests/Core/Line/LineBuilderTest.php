<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Line\Element;
use Rinkel\Tests\Core\Examples;

/**
 * What stands on the line for a pattern, in order.
 */
final class LineBuilderTest extends TestCase
{
    #[DataProvider('providePatterns')]
    public function testPutsElementsInOrder(string $pattern, string $expected): void
    {
        self::assertSame($expected, self::told($pattern));
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function providePatterns(): iterable
    {
        yield 'a run' => ['3 square', 's s s'];
        yield 'beads in turn' => ['3 bead a b', 'a b a'];
        yield 'a group' => ['(1 square, 1 bead a) x 2', 's a s a'];
        yield 'groups in groups' => ['((1 square) x 2, 1 bead a) x 2', 's s a s s a'];
        yield 'spirals change their side in a mirror' => ['2 half left, 1 bead a, focal b, mirror', 'l l a B a r r'];
        yield 'a centre stays' => ['1 square, centre (2 bead a), mirror', 's a a s'];
        yield 'without a middle all is doubled' => ['1 square, 1 bead a, mirror', 's a a s'];
        yield 'what follows a mirror stands once' => ['1 square, focal b, mirror, 2 half left', 's B s l l'];
        yield 'from the middle outwards' => ['focal b, 2 half left, 1 bead a, outwards', 'a l l B r r a'];
        yield 'outwards without a middle' => ['1 square, 1 bead a, outwards', 'a s s a'];
        yield 'beads side by side in a mirror' => [
            '1 bead a on left, 1 bead b on left, 1 bead a on right, focal b, mirror',
            '[a b|a] B [a|b a]',
        ];
        yield 'a word' => ['word "AB" of a between b', 'A b B'];
        yield 'side by side' => ['1 bead a on left, 1 bead b on right, 1 square', '[a|b] s'];
        yield 'two against one' => ['1 bead a on left, 2 bead b on right', '[a|b b]'];
        yield 'on one side only' => ['1 bead a on left, 1 square', '[a] s'];
        yield 'sides change every time' => ['(1 bead a on left, 1 square) x 3 alternate', '[a] s [a] s [a] s'];
        yield 'left again begins anew' => [
            '1 bead a on left, 1 bead b on right, 1 bead a on left, 1 bead b on right',
            '[a|b] [a|b]',
        ];
        yield 'a bundle is strung' => ['bundle a b a, 1 square', 'a b a s'];
        yield 'gaps' => ['1 square, gap 5 mm, 1 square', 's - s'];
    }

    public function testSidesChangeWithAlternation(): void
    {
        $elements = self::elements('(1 bead a on left, 1 bead b on right, 1 square) x 2 alternate');

        self::assertSame(
            ['left', 'right', 'right', 'left'],
            array_map(
                static fn (Element $element): string => $element->seat->lane->value,
                [...$elements[0]->beside, ...$elements[2]->beside],
            ),
        );
    }

    public function testElementsKnowWhereTheyStandInTheText(): void
    {
        $elements = self::elements("2 square,\n  (1 bead a, 1 square) x 2");

        self::assertSame(
            ['1:1', '1:1', '2:4', '2:14', '2:4', '2:14'],
            array_map(
                static fn (Element $one): string => $one->mention->place?->line.':'.$one->mention->place?->column,
                $elements,
            ),
        );
    }

    public function testALongPatternIsBuiltAndATooLongOneRefused(): void
    {
        self::assertCount(6000, self::elements('((1 square) x 60) x 100'));
        $this->expectExceptionMessage('too-many-parts (most: 6000)');
        self::elements('((1 square) x 61) x 100');
    }

    /**
     * @return list<Element>
     */
    private static function elements(string $pattern): array
    {
        return Examples::plan(
            [
                'beads.a' => ['diameter' => '4 mm', 'hole' => '2.4 mm'],
                'beads.b' => ['diameter' => '4 mm', 'hole' => '2.4 mm'], 'pattern' => $pattern,
            ],
        )->draft->setting->elements;
    }

    private static function told(string $pattern): string
    {
        return implode(' ', array_map(static fn (Element $element): string => match ($element->word()) {
            'square' => 's',
            'half left' => 'l',
            'half right' => 'r',
            'gap' => '-',
            'letter' => (string) $element->mention->letter,
            'focal' => strtoupper((string) $element->name),
            'beside' => self::sides($element),
            default => (string) $element->name,
        }, self::elements($pattern)));
    }

    private static function sides(Element $element): string
    {
        $sides = [];
        foreach ($element->beside as $part) {
            $sides[$part->seat->lane->value][] = (string) $part->name;
        }

        return '['.implode('|', array_map(static fn (array $side): string => implode(' ', $side), $sides)).']';
    }
}
