<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Piece;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\English;

final class PieceReaderTest extends TestCase
{
    public function testAWristIsEnough(): void
    {
        $piece = (new PieceReader())->read([
            'format' => 'rinkel-piece', 'version' => 1, 'construction' => 'square-knot-band', 'name' => ' A  band ', 'wearer' => ['girth' => '16'],
        ]);

        self::assertSame('A band', $piece->name);
        self::assertSame(Unit::Centimetre, $piece->unit);
        self::assertSame(160.0, $piece->wearing->wearer->girth->millimetres);
        self::assertSame(Measured::Snug, $piece->wearing->wearer->measured);
        self::assertNull($piece->wearing->wearer->hand);
        self::assertEqualsWithDelta(12.7, $piece->wearing->ease->millimetres, 1e-9);
        self::assertSame(
            [[], null, null, null],
            [$piece->materials->cords, $piece->pattern, $piece->closure, $piece->workmanship->tension],
        );
    }

    public function testBareNumbersTakeTheUnitAndThicknessesMillimetres(): void
    {
        $piece = Examples::piece(
            [
                'unit' => 'in', 'wearer.girth' => '6 1/2', 'cords.working.thickness' => '0,8',
                'cords.core.count' => '3', 'beads.dot' => ['size' => '11/0'],
            ],
        );

        self::assertEqualsWithDelta(165.1, $piece->wearing->wearer->girth->millimetres, 1e-9);
        self::assertEqualsWithDelta(0.8, $piece->materials->cords['working']->cord->thickness->millimetres, 1e-9);
        self::assertSame(3, $piece->materials->cords['core']->count);
        self::assertEqualsWithDelta(
            2.2,
            $piece->materials->beads['dot']->diameter->millimetres,
            1e-9,
            'a seed size gives what is not said',
        );
    }

    public function testWhatIsWrittenIsReadBackEqual(): void
    {
        $chance = new Chance(7);
        for ($i = 0; $i < 300; ++$i) {
            $piece = Examples::random($chance);
            $json = json_encode((new PieceWriter())->write($piece), \JSON_THROW_ON_ERROR);
            $decoded = json_decode($json, true, 16, \JSON_THROW_ON_ERROR);
            self::assertIsArray($decoded);
            self::assertEquals($piece, (new PieceReader())->read($decoded), $chance.', piece '.$i);
        }
    }

    #[DataProvider('provideFaults')]
    public function testSaysWhereAndWhat(string $path, mixed $value, string $sentence): void
    {
        try {
            Examples::piece([$path => $value]);
            self::fail('Read without a fault.');
        } catch (PieceUnreadable $unreadable) {
            self::assertCount(1, $unreadable->faults);
            self::assertSame($path, substr($unreadable->faults[0]->path, 0, \strlen($path)));
            self::assertStringContainsString($sentence, English::of($unreadable->faults[0]));
        }
    }

    /**
     * @return iterable<string, array{string, mixed, string}>
     */
    public static function provideFaults(): iterable
    {
        yield 'no girth' => ['wearer.girth', null, 'Enter a length here'];
        yield 'girth of nothing' => ['wearer.girth', '0', 'A wrist of 0 cm? Enter 8 cm to 30 cm.'];
        yield 'giant girth' => ['wearer.girth', '4 ft', 'A wrist of 121.9 cm? Enter 8 cm to 30 cm.'];
        yield 'girth a list' => ['wearer.girth', ['16'], 'Expected a text'];
        yield 'girth a number' => ['wearer.girth', 16, 'Expected a text, not “16”'];
        yield 'tape' => ['wearer.measured', 'tight', 'Expected one of snug, comfortable, not “tight”.'];
        yield 'place' => ['wearer.place', 'nose', 'Expected one of wrist, ankle, neck, not “nose”.'];
        yield 'ease' => ['ease', '-3', 'can’t be negative'];
        yield 'wraps' => ['wraps', 13, 'from 1 to 12'];
        yield 'no name' => ['name', '   ', 'Give it a name'];
        yield 'long name' => ['name', str_repeat('x', 81), 'at most 80 characters; this one has 81'];
        yield 'unit' => ['unit', 'm', 'Expected one of cm, in, not “m”.'];
        yield 'fibre' => ['cords.working.fibre', 'wool', 'not “wool”'];
        yield 'colour' => ['cords.core.colour', 'red', 'I don’t know this colour: “red”.'];
        yield 'thick' => ['cords.core.thickness', '2 cm', '20 mm won’t work here'];
        yield 'on its edge' => ['cords.core.width', '0.6 mm', '0.6 mm is less than its thickness (1 mm).'];
        yield 'half a core' => ['cords.core.count', '2.5', 'Expected a whole number from 1 to 60, not “2.5”.'];
        yield 'too many cores' => ['cords.core.count', 61, 'from 1 to 60, not “61”'];
        yield 'a hole as wide as its bead' => ['beads.dot.hole', '6 mm', 'must be smaller than the bead'];
        yield 'stock' => ['beads.dot.stock', -1, 'from 0 to 100000'];
        yield 'pattern' => ['pattern', '3 sqare', 'Line 1, column 3: I don’t understand “sqare” here'];
        yield 'sample' => ['samples.square', ['pitch' => '3 mm', 'use' => '2 m'], '2000 mm won’t work here'];
        yield 'no slider knot' => ['closure.knots', 0, 'from 1 to 20'];
        yield 'tail' => ['closure.tail', '1e9', '“1e9”'];
        yield 'closure' => ['closure.kind', 'zip', 'not “zip”'];
        yield 'format' => ['format', 'other', 'Expected "rinkel-piece" here, not “other”.'];
        yield 'version' => ['version', 7, 'reads up to version 6'];
        yield 'construction' => ['construction', '', 'Expected a word here, not nothing.'];
    }

    public function testANameThatIsAWordOfTheNotationIsTold(): void
    {
        foreach (['mirror', '2nd', 'a b', ''] as $name) {
            try {
                (new PieceReader())->read(['beads' => [$name => []]] + Examples::document());
                self::fail($name);
            } catch (PieceUnreadable $unreadable) {
                self::assertStringContainsString('won’t work as a short name', English::of($unreadable));
            }
        }
    }

    public function testAllFaultsAreToldAtOnce(): void
    {
        try {
            Examples::piece(['name' => '', 'wearer' => 'nobody', 'closure' => ['knots' => []]]);
            self::fail('Read without a fault.');
        } catch (PieceUnreadable $unreadable) {
            $paths = array_map(static fn (Fault $fault): string => $fault->path, $unreadable->faults);
            self::assertSame(
                [
                    'name', 'wearer.place', 'wearer.girth', 'wearer.measured', 'wearer.hand', 'wearer.upper',
                    'wearer.upperAt', 'closure.knots',
                ],
                $paths,
            );
            self::assertStringContainsString("\nclosure.knots: Expected a whole number", English::of($unreadable));
        }
    }
}
