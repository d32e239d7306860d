<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Piece\Lift;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Plan\Planner;

/**
 * Files of version 1 as they were written then, frozen: they are read and planned for ever.
 */
final class FromVersion1Test extends TestCase
{
    private const FOLDER = __DIR__.'/../../../frozen/piece-1/';

    #[DataProvider('provideFiles')]
    public function testWhatWasOnceKeptIsReadAndPlanned(string $file): void
    {
        $piece = self::read($file);
        $plan = (new Planner())->plan($piece);

        self::assertGreaterThan(0, $plan->draft->body()->millimetres);
        self::assertNotSame([], $plan->cuts);
        $written = (new PieceWriter())->write($piece);
        self::assertSame(PieceReader::VERSION, $written['version']);
        self::assertEquals($piece, (new PieceReader())->read($written));
    }

    public function testAFlatCordThatStoodOnItsEdgeIsLaidOnItsFace(): void
    {
        $document = [
            'format' => 'rinkel-piece', 'version' => 1, 'construction' => 'spaced-knots', 'name' => 'Edge',
            'wearer' => ['girth' => '16 cm'],
        ];
        $cord = (new PieceReader())->read(
            $document + ['cords' => ['cord' => ['thickness' => '3', 'width' => '1.2 mm']]],
        )->materials->cords['cord']->cord;

        self::assertSame(['1.2 mm', '3 mm'], [(string) $cord->thickness, (string) $cord->width]);
        $flat = (new PieceReader())->read(
            $document + ['cords' => ['cord' => ['thickness' => '1.2 mm', 'width' => '3 mm']]],
        )->materials->cords['cord']->cord;
        self::assertEquals($flat, $cord);
    }

    /**
     * The examples were carried over to version 2 by hand: the lift must come to the same plan.
     */
    #[DataProvider('provideFiles')]
    public function testTheLiftComesToThePlanOfTheSamePieceWrittenAnew(string $file): void
    {
        $second = \dirname(self::FOLDER).'/piece-2/'.$file.'.json';
        if (!is_file($second)) {
            self::assertSame('everything-odd', $file, 'every example was carried over');

            return;
        }
        $anew = self::from($second);
        $planner = new Planner();

        self::assertEquals($planner->plan($anew)->cuts, $planner->plan(self::read($file))->cuts);
        self::assertEquals($planner->plan($anew)->beads, $planner->plan(self::read($file))->beads);
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function provideFiles(): iterable
    {
        foreach (glob(self::FOLDER.'*.json') ?: [] as $file) {
            yield basename($file, '.json') => [basename($file, '.json')];
        }
    }

    public function testWhatNoLongerSuitsIsPutRight(): void
    {
        $piece = self::read('everything-odd');
        $plan = (new Planner())->plan($piece);

        self::assertSame(Tension::Firm, $piece->workmanship->tension);
        self::assertSame(
            ['core', 'working'],
            array_keys($piece->materials->cords),
            'a cord without a task goes, as it was passed over',
        );
        self::assertSame(BodyPlace::Ankle, $piece->wearing->wearer->place, 'no wrist has 14 in');
        self::assertEqualsWithDelta(355.6, $piece->wearing->wearer->girth->millimetres, 1e-9);
        self::assertEqualsWithDelta(762, $piece->wearing->wearer->hand?->millimetres, 1e-9, 'as around heel and instep');
        self::assertSame(['working-1', 'abcdefghijklmnopqrstuvwxyzabcdefgh'], array_keys($piece->materials->beads));
        self::assertStringContainsString('gap 50.8 mm, 1 bead working-1, ', (string) $piece->pattern);
        self::assertArrayHasKey('working-1', $plan->beads);
        self::assertSame([], $piece->closure?->findings, 'a slider has none');
        self::assertNull(
            $piece->materials->beads['working-1']->measures->ownLength,
            'the length of a round bead follows its diameter',
        );
        self::assertNull($piece->materials->beads['working-1']->measures->ownHole);
        self::assertEqualsWithDelta(
            20,
            $piece->materials->beads['abcdefghijklmnopqrstuvwxyzabcdefgh']->measures->ownLength?->millimetres,
            1e-9,
            'another than usual was chosen',
        );
        self::assertEqualsWithDelta(
            10,
            $piece->materials->findings['bow']->length->millimetres,
            1e-9,
            'version 1 knew one size for all kinds',
        );
    }

    /**
     * @param array<mixed> $document
     */
    #[DataProvider('provideRubbish')]
    public function testRubbishIsLeftForTheReaderToTell(array $document): void
    {
        $this->expectException(\Rinkel\Core\Piece\Exception\PieceUnreadable::class);
        (new PieceReader())->read(['format' => 'rinkel-piece', 'version' => 1] + $document);
    }

    /**
     * @return iterable<string, array{array<mixed>}>
     */
    public static function provideRubbish(): iterable
    {
        yield 'nothing' => [[]];
        yield 'lists for texts' => [
            [
                'construction' => [],
                'name' => [],
                'wearer' => [['girth' => []]],
                'hand' => [],
                'cords' => 'x',
                'beads' => ['working' => 'x'],
                'closure' => ['findings' => 'x'],
            ],
        ];
        yield 'texts for lists' => [
            [
                'construction' => 'stretch',
                'name' => 'a',
                'wearer' => 'x',
                'cords' => [1, 2],
                'beads' => ['core' => ['shape' => [], 'diameter' => [], 'length' => 7]],
                'findings' => ['a' => ['kind' => 1]],
                'pattern' => ['x'],
            ],
        ];
        yield 'a pattern that cannot be read' => [
            [
                'construction' => 'stretch',
                'name' => 'a',
                'wearer' => ['girth' => '16 cm'],
                'beads' => ['core' => []],
                'pattern' => '1 bead ((',
            ],
        ];
    }

    private static function read(string $file): PieceSpec
    {
        return self::from(self::FOLDER.$file.'.json');
    }

    private static function from(string $path): PieceSpec
    {
        $document = json_decode((string) file_get_contents($path), true, 32, \JSON_THROW_ON_ERROR);

        return (new PieceReader())->read(\is_array($document) ? $document : []);
    }
}
