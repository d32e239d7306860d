<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Kind\Barrel;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Exception\PatternUnreadable;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\BeadBundle;
use Rinkel\Core\Pattern\Node\BeadOrder;
use Rinkel\Core\Pattern\Node\Beads;
use Rinkel\Core\Pattern\Node\Fit;
use Rinkel\Core\Pattern\Node\Gap;
use Rinkel\Core\Pattern\Node\Group;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Pattern\PatternFault;
use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\English;

final class NotationTest extends TestCase
{
    #[DataProvider('provideDocumented')]
    public function testWhatTheDocumentSaysIsReadAndPrintedBack(string $text): void
    {
        $pattern = Pattern::parse($text, Unit::Millimetre);
        $printed = (string) $pattern;

        self::assertSame(
            $printed,
            (string) Pattern::parse($printed, Unit::Inch),
            'printed, it is read back the same in any unit',
        );
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function provideDocumented(): iterable
    {
        $document = (string) file_get_contents(\dirname(__DIR__, 3).'/docs/notation.md');
        [$examples] = explode('## Grammar', $document);
        preg_match_all('/^ {4}(.+)$/m', $examples, $matches);
        self::assertGreaterThan(25, \count($matches[1]));
        foreach ($matches[1] as $example) {
            yield $example => [$example];
        }
    }

    #[DataProvider('provideTrees')]
    public function testReadsATree(string $text, Node $expected): void
    {
        self::assertSame((string) new Pattern([$expected]), (string) Pattern::parse($text, Unit::Millimetre));
        $read = Pattern::parse($text, Unit::Millimetre)->parts[0];
        self::assertSame($expected::class, $read::class);
        self::assertSame([1, 1], [$read->place()?->line, $read->place()?->column]);
    }

    /**
     * @return iterable<string, array{string, Node}>
     */
    public static function provideTrees(): iterable
    {
        yield 'a knot alone is one' => ['square', new Knots(1, new Square())];
        yield 'capitals' => ['6 SQUARE', new Knots(6, new Square())];
        yield 'barrels have three wraps' => ['2 barrel', new Knots(2, new Barrel(), 3)];
        yield 'a pair' => ['4 square in rust', new Knots(4, new Square(), null, 'rust')];
        yield 'beads in turn' => ['3 bead 2 amber sky', new Beads(3, BeadOrder::AsNamed, [[2, 'amber'], [1, 'sky']])];
        yield 'beads by value' => [
            '3 bead by value amber sky',
            new Beads(3, BeadOrder::ByValue, [[1, 'amber'], [1, 'sky']]),
        ];
        yield 'beside the core' => ['bead tube on left', new Beads(1, BeadOrder::AsNamed, [[1, 'tube']], Lane::Left)];
        yield 'on a strand' => [
            'bead tube on strand 2',
            new Beads(1, BeadOrder::AsNamed, [[1, 'tube']], Lane::Strand, 2),
        ];
        yield 'a gap in the piece\'s unit' => ['gap 25', new Gap(\Rinkel\Core\Measure\Length::ofMillimetres(25))];
        yield 'a gap with a fraction' => ['gap 1 1/2 in', new Gap(\Rinkel\Core\Measure\Length::ofInches(1.5))];
        yield 'a bundle of both ends' => ['bundle a b / c', new BeadBundle(['a', 'b'], ['c'])];
        yield 'fit with a share' => ['(1 square) x fit 3', new Group([new Knots(1, new Square())], new Fit(3))];
        yield 'alternating' => [
            '(1 square, 1 bead a on left) x 4 alternate',
            new Group([new Knots(1, new Square()), new Beads(1, BeadOrder::AsNamed, [[1, 'a']], Lane::Left)], 4, true),
        ];
        yield 'umlauts' => ['2 bead grün', new Beads(2, BeadOrder::AsNamed, [[1, 'grün']])];
    }

    #[DataProvider('provideFaults')]
    public function testSaysWhereWhatStoodThereAndWhatCould(
        string $text,
        int $line,
        int $column,
        string $found,
        string $expected,
    ): void {
        $faults = self::faults($text);

        self::assertNotEmpty($faults);
        self::assertSame(
            [$line, $column, $found],
            [$faults[0]->place->line, $faults[0]->place->column, $faults[0]->found],
        );
        self::assertStringContainsString($expected, English::of($faults[0]->said()));
    }

    /**
     * @return iterable<string, array{string, int, int, string, string}>
     */
    public static function provideFaults(): iterable
    {
        yield 'empty' => ['', 1, 1, '', 'a number, a knot, "bead"'];
        yield 'misspelt knot' => ['6 sqare', 1, 3, 'sqare', '"square"'];
        yield 'misspelt bead' => ["2 square,\n  3 beed amber", 2, 5, 'beed', '"bead"'];
        yield 'half of what' => ['4 half', 1, 7, '', '"left", "right"'];
        yield 'no name' => ['3 bead', 1, 7, '', 'the short name'];
        yield 'a word as name' => ['3 bead mirror', 1, 8, 'mirror', 'the short name'];
        yield 'too many' => ['9999 square', 1, 1, '9999', 'a number from 1 to 2000'];
        yield 'one too many' => ['2001 square', 1, 1, '2001', 'a number from 1 to 2000'];
        yield 'none' => ['0 square', 1, 1, '0', 'a number from 1 to 2000'];
        yield 'six wraps' => ['1 barrel 6', 1, 10, '6', 'a number from 2 to 5'];
        yield 'open bracket' => ['(1 square', 1, 10, '', '")"'];
        yield 'no repeat' => ['(1 square)', 1, 11, '', '"x" and a number, or "x fit"'];
        yield 'gap of nothing' => ['gap 0', 1, 5, '0', 'a length from 0.1 mm to 5 m'];
        yield 'gap of what' => ['gap wide', 1, 5, 'wide', 'a length'];
        yield 'mirror in brackets' => ['(1 square, mirror) x 2', 1, 12, 'mirror', 'outside brackets'];
        yield 'long word' => [
            'word "'.str_repeat('A', 41).'" of cube',
            1,
            6,
            '"'.str_repeat('A', 41).'"',
            'up to 40 letters',
        ];
        yield 'stray' => ['2 square; 3 square', 1, 9, ';', '","'];
        yield 'two commas' => ['2 square,, 3 square', 1, 10, ',', 'a knot'];
    }

    public function testAllFaultsAreToldAtOnce(): void
    {
        $faults = self::faults("2 sqare, 3 bead amber,\n4 barrel 9, (1 square, 2 foo) x fit,\ngap x");

        self::assertSame(
            [[1, 3], [2, 10], [2, 26], [3, 5]],
            array_map(static fn (PatternFault $fault): array => [$fault->place->line, $fault->place->column], $faults),
        );
    }

    #[DataProvider('provideEvil')]
    public function testEvilTextEndsInANamedFault(string $text): void
    {
        self::assertNotEmpty(self::faults($text));
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function provideEvil(): iterable
    {
        yield 'brackets' => [str_repeat('(', 5000)];
        yield 'brackets closed' => [str_repeat('(', 300).'1 square'.str_repeat(') x 2', 300)];
        yield 'commas' => [str_repeat(',', 20_000)];
        yield 'giant number' => [str_repeat('9', 10_000).' square'];
        yield 'no UTF-8' => ["\xff\xfe\x00 square"];
        yield 'markup' => ['<script>alert(1)</script>'];
        yield 'quote open' => ['word "MILA of cube'];
        yield 'nul' => ["2\0square"];
    }

    public function testRandomTreesSurvivePrintingAndReading(): void
    {
        $chance = new Chance(5);
        for ($i = 0; $i < 2000; ++$i) {
            $printed = (string) new Pattern([self::node($chance, 0), self::node($chance, 0)]);
            self::assertSame($printed, (string) Pattern::parse($printed, Unit::Centimetre), $chance.', tree '.$i);
        }
    }

    public function testMoreThanFitsIsSaidBesideTheFit(): void
    {
        $pattern = Pattern::parse('(1 bead a, 1 square) x fit, 2 square, 3 square x fit 2', Unit::Millimetre);
        $other = $pattern->withMore([1, -3]);

        self::assertSame('(1 bead a, 1 square) x fit more 1, 2 square, 3 square x fit 2 less 3', (string) $other);
        self::assertSame((string) $pattern, (string) $other->withMore([-1, 3]), 'and taken back');
        self::assertSame((string) $other, (string) Pattern::parse((string) $other, Unit::Inch));
        self::assertSame(
            '1 bead less, 1 bead more',
            (string) Pattern::parse('1 bead less, 1 bead more', Unit::Inch),
            'beads may still be called so',
        );
    }

    public function testAnotherUnitChangesNothingOnceBareLengthsSayTheirs(): void
    {
        $text = "2 square, gap 2,\n  (net 5 every 1/2, gap fit, gap 3 mm) x 2 , word \"GAP 2\" of a, gap 1½";
        $pinned = Pattern::pinned($text, Unit::Inch);

        self::assertSame(
            "2 square, gap 2 in,\n  (net 5 every 1/2 in, gap fit, gap 3 mm) x 2 , word \"GAP 2\" of a, gap 1½ in",
            $pinned,
        );
        self::assertSame(
            (string) Pattern::parse($text, Unit::Inch),
            (string) Pattern::parse($pinned, Unit::Centimetre),
        );
        self::assertSame($pinned, Pattern::pinned($pinned, Unit::Centimetre));
        self::assertSame(
            'gap , ( 7 gap 2 cm',
            Pattern::pinned('gap , ( 7 gap 2', Unit::Centimetre),
            'whatever else is wrong with it',
        );
    }

    /**
     * @return list<PatternFault>
     */
    private static function faults(string $text): array
    {
        try {
            Pattern::parse($text, Unit::Millimetre);

            return [];
        } catch (PatternUnreadable $unreadable) {
            return $unreadable->faults;
        }
    }

    private static function node(Chance $chance, int $depth): Node
    {
        $name = static fn (): string => $chance->of(['amber', 'sky', 'n0', 'long-name', 'über']);

        return match ($chance->whole(0, $depth > 2 ? 8 : 10)) {
            0 => new Knots(
                $chance->whole(1, 99),
                $kind = $chance->of(KnownKnots::all()->knots() ?: [new Square()]),
                null !== $kind->usualTurns() ? $chance->whole(2, 5) : null,
                $chance->oneIn(3) ? $name() : null,
            ),
            1 => new Beads(
                $chance->whole(1, 99),
                $chance->of(BeadOrder::cases()),
                [[$chance->whole(1, 3), $name()], [1, $name()]],
                $lane = $chance->of(Lane::cases()),
                Lane::Strand === $lane ? $chance->whole(1, 8) : null,
            ),
            2 => new Gap(
                $chance->oneIn(2) ? null : \Rinkel\Core\Measure\Length::ofMillimetres(
                    round($chance->between(0.1, 400), 2),
                ),
            ),
            3 => new BeadBundle([$name(), $name()], $chance->oneIn(2) ? [$name()] : []),
            4 => new Node\Word('MI LA', $name(), $chance->oneIn(2) ? $name() : null),
            5 => new Node\Braid($chance->oneIn(2) ? null : \Rinkel\Core\Measure\Length::ofMillimetres(40.5)),
            6 => new Node\Net($chance->whole(1, 60), \Rinkel\Core\Measure\Length::ofMillimetres(12)),
            7 => new Node\Links($chance->whole(1, 90), $name()),
            8 => new Node\Wave(
                $chance->whole(1, 40),
                $name(),
                $name(),
                $chance->oneIn(2) ? $chance->whole(1, 9) : null,
            ),
            9 => new Node\Centre([self::node($chance, $depth + 1)]),
            default => new Group(
                [self::node($chance, $depth + 1), self::node($chance, $depth + 1)],
                $chance->oneIn(2) ? new Fit($chance->whole(1, 9)) : $chance->whole(1, 50),
                $chance->oneIn(2),
            ),
        };
    }
}
