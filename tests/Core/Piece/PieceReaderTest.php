<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Piece;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Knot\Hand;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\Core\Examples;

final class PieceReaderTest extends TestCase
{
    public function testAWristIsEnough(): void
    {
        $piece = (new PieceReader())->read([
            'format' => 'rinkel-piece', 'version' => 1, 'construction' => 'square-knot-band', 'name' => ' A  band ', 'wearer' => ['wrist' => '16'],
        ]);

        self::assertSame('A band', $piece->name);
        self::assertSame(Unit::Centimetre, $piece->unit);
        self::assertSame(160.0, $piece->wearer->wrist->millimetres);
        self::assertSame(Measured::Snug, $piece->wearer->measured);
        self::assertNull($piece->wearer->hand);
        self::assertEqualsWithDelta(12.7, $piece->ease->millimetres, 1e-9);
        self::assertSame([2, 4, Hand::Even], [$piece->cores, $piece->sliderKnots, $piece->hand]);
    }

    public function testBareNumbersTakeTheUnitAndThicknessesMillimetres(): void
    {
        $piece = Examples::piece(['unit' => 'in', 'wearer.wrist' => '6 1/2', 'working.thickness' => '0,8', 'core.count' => '3']);

        self::assertEqualsWithDelta(165.1, $piece->wearer->wrist->millimetres, 1e-9);
        self::assertEqualsWithDelta(0.8, $piece->working->thickness->millimetres, 1e-9);
        self::assertSame(3, $piece->cores);
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
            self::assertSame([$path], array_map(static fn (Fault $fault): string => $fault->path, $unreadable->faults));
            self::assertStringContainsString($sentence, $unreadable->faults[0]->sentence);
        }
    }

    /**
     * @return iterable<string, array{string, mixed, string}>
     */
    public static function provideFaults(): iterable
    {
        yield 'no wrist' => ['wearer.wrist', null, 'Type a length here'];
        yield 'wrist of nothing' => ['wearer.wrist', '0', '0 cm is outside what can be meant here: it goes from 7 cm to 40 cm.'];
        yield 'giant wrist' => ['wearer.wrist', '4 ft', '121.9 cm is outside'];
        yield 'wrist a list' => ['wearer.wrist', ['16'], 'Expected a text'];
        yield 'wrist a number' => ['wearer.wrist', 16, 'Expected a text, not “16”'];
        yield 'tape' => ['wearer.measured', 'tight', 'Expected one of snug, comfortable, not “tight”.'];
        yield 'ease' => ['ease', '-3', 'below zero'];
        yield 'no name' => ['name', '   ', 'Give it a name'];
        yield 'long name' => ['name', str_repeat('x', 81), 'at most 80 characters; this one has 81'];
        yield 'unit' => ['unit', 'm', 'Expected one of cm, in, not “m”.'];
        yield 'fibre' => ['working.fibre', 'wool', 'not “wool”'];
        yield 'colour' => ['core.colour', 'red', 'Could not read “red” as a colour.'];
        yield 'thick' => ['core.thickness', '2 cm', '20 mm is outside'];
        yield 'half a core' => ['core.count', '2.5', 'Expected a whole number from 1 to 8, not “2.5”.'];
        yield 'too many cores' => ['core.count', 9, 'from 1 to 8, not “9”'];
        yield 'no slider knot' => ['slider.knots', 0, 'from 1 to 20'];
        yield 'tail' => ['slider.tail', '1e9', '“1e9”'];
        yield 'knots' => ['band.squareKnots', 'many', 'from 1 to 600, not “many”'];
        yield 'format' => ['format', 'other', 'Expected "rinkel-piece" here, not “other”.'];
        yield 'version' => ['version', 2, 'Expected 1 here'];
        yield 'construction' => ['construction', '', 'Expected "square-knot-band" here, not nothing.'];
    }

    public function testAllFaultsAreToldAtOnce(): void
    {
        try {
            Examples::piece(['name' => '', 'wearer' => 'nobody', 'slider' => ['knots' => []]]);
            self::fail('Read without a fault.');
        } catch (PieceUnreadable $unreadable) {
            $paths = array_map(static fn (Fault $fault): string => $fault->path, $unreadable->faults);
            self::assertSame(['name', 'wearer.wrist', 'wearer.measured', 'wearer.hand', 'slider.knots'], $paths);
            self::assertStringContainsString("\nslider.knots: Expected a whole number", $unreadable->getMessage());
        }
    }
}
