<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Piece;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Knots\KnotsAtHand;
use Rinkel\App\Piece\ClosureParts;
use Rinkel\App\Piece\Drafts;
use Rinkel\App\Piece\PieceForm;
use Rinkel\App\Platform\Wording\FieldTexts;
use Rinkel\App\Platform\Wording\Notation;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\English;

final class PieceFormTest extends TestCase
{
    private PieceForm $form;

    protected function setUp(): void
    {
        $this->form = self::form('en');
    }

    private static function form(string $language): PieceForm
    {
        $translator = English::translator($language);

        return new PieceForm(
            new PieceReader(),
            new PieceWriter(),
            new Planner(),
            new Drafts(new Planner(), new PieceWriter()),
            $translator,
            new ClosureParts(),
            new Notation($translator),
            self::createStub(KnotsAtHand::class),
        );
    }

    /**
     * In every language the words of the notation are its own, and what is shown in them is kept in English.
     */
    #[TestWith(['nl', '3 platte', 'kraal', 'passend'])]
    #[TestWith(['de', '3 kreuz', 'perle', 'passend'])]
    public function testTheNotationSpeaksTheLanguageOfThePage(
        string $language,
        string $square,
        string $bead,
        string $fit,
    ): void {
        $form = self::form($language);
        $chance = new Chance(78);
        for ($i = 0; $i < 100; ++$i) {
            $piece = Examples::random($chance);
            $shown = $form->shown($piece);
            self::assertEquals($piece, $form->read($shown, $piece, $piece->unit), $chance.', piece '.$i);
        }

        $piece = Examples::piece(['beads.los' => ['diameter' => '6 mm', 'hole' => '2 mm']]);
        $pattern = \sprintf('%s, (1 %s los, 2 %s) x %s', $square, $bead, substr($square, 2), $fit);
        $read = $form->read(['pattern' => $pattern], $piece, Unit::Centimetre);
        self::assertSame('3 square, (1 bead los, 2 square) x fit', (string) $read->pattern);
        self::assertSame(
            $pattern,
            $form->shown($read)['pattern'],
            'a bead called as a word of the notation stays a bead',
        );
        $english = '4 square, (1 bead los, 2 square) x fit';
        self::assertSame($english, (string) $form->read(['pattern' => $english], $piece, Unit::Centimetre)->pattern);

        $taken = $form->taken(
            ['pattern' => $square.",\n2 ".$bead.' los, 2 quatsch'],
            ['pattern'],
            $piece,
            Unit::Centimetre,
        );
        $place = $taken->faults['pattern'][0]->place;
        self::assertNotNull($place);
        self::assertSame([2, mb_strlen('2 '.$bead.' los, 2 ') + 1, 7], [$place->line, $place->column, $place->length]);
    }

    public function testWhatIsShownAndSentBackChangesNothing(): void
    {
        $chance = new Chance(77);
        for ($i = 0; $i < 200; ++$i) {
            $piece = Examples::random($chance);
            $shown = $this->form->shown($piece);
            self::assertEquals($piece, $this->form->read($shown, $piece, $piece->unit), $chance.', piece '.$i);
            self::assertSame([], $this->form->changed($shown, $piece, $piece->unit));
        }
    }

    public function testEveryFieldIsAPlaceInTheOpenFormat(): void
    {
        $shown = $this->form->shown(
            Examples::piece(
                [
                    'beads.amber' => ['diameter' => '6 mm', 'glass' => true],
                    'findings.hook' => ['kind' => 'clasp'],
                    'closure' => ['kind' => 'clasp', 'findings' => ['hook']],
                ],
            ),
        );

        self::assertSame('16 cm', $shown['wearer.girth']);
        self::assertSame('12.7 mm', str_replace('1.3 cm', '12.7 mm', $shown['ease']), 'as a maker writes it');
        self::assertSame('1 mm', $shown['cords.core.thickness'], 'cords in mm, whatever the unit');
        self::assertSame('6 mm', $shown['beads.amber.diameter']);
        self::assertSame('amber', $shown['beads.amber.called']);
        self::assertSame(['yes', ''], [$shown['beads.amber.glass'], $shown['forChild']]);
        self::assertSame('hook', $shown['closure.findings']);
        self::assertSame('', $shown['length'], 'what was not decided is blank');
    }

    public function testInInchesLengthsAreShownInInchesAndKeptExact(): void
    {
        $piece = Examples::piece(['wearer.girth' => '163 mm'])->withUnit(Unit::Inch);
        $shown = $this->form->shown($piece);

        self::assertSame('6 7/16 in', $shown['wearer.girth']);
        self::assertSame(163.0, $this->form->read($shown, $piece, Unit::Inch)->wearing->wearer->girth->millimetres);
        self::assertEqualsWithDelta(
            165.1,
            $this->form->read(['wearer.girth' => '6.5'] + $shown, $piece, Unit::Inch)->wearing->wearer->girth->millimetres,
            1e-9,
            'a bare number is in the unit shown',
        );
    }

    public function testOnlyKnownFieldsAreTaken(): void
    {
        $piece = Examples::piece();
        $texts = FieldTexts::texts(
            [
                'wearer.girth' => '17',
                'closure.knots' => 6,
                'nonsense' => 'x',
                'ease' => ['a'],
                "bad\nname" => 'x',
                'name' => "\xff",
                7 => 'y',
            ],
        );

        self::assertSame(
            ['wearer.girth' => '17', 'closure.knots' => '6', 'nonsense' => 'x', 'name' => '?', '7' => 'y'],
            $texts,
        );
        self::assertSame(
            ['wearer.girth', 'closure.knots', 'name'],
            array_keys($this->form->changed($texts, $piece, $piece->unit)),
        );
        self::assertSame([], FieldTexts::texts('x'));
    }

    public function testWhatTheMakerLeavesAloneStaysOpen(): void
    {
        $open = (new PieceReader())->read(Examples::bare('stacked-band'));
        $wider = $this->form->read(['wearer.girth' => '17'], $open, Unit::Centimetre);
        self::assertSame([[], null, null], [$wider->materials->cords, $wider->pattern, $wider->closure]);

        $closed = $this->form->read(['closure.knots' => '5'], $open, Unit::Centimetre);
        self::assertSame([[], null], [$closed->materials->cords, $closed->pattern], 'only the closure is decided');
        self::assertSame(5, $closed->closure?->knot->knots);
        $coloured = $this->form->read(['cords.first.colour' => '#123456'], $open, Unit::Centimetre);
        self::assertSame('#123456', $coloured->materials->cords['first']->cord->colour->hex);
        self::assertEqualsWithDelta(
            0.8,
            $coloured->materials->cords['first']->cord->thickness->millimetres,
            1e-9,
            'the rest as the construction fills it in',
        );
        self::assertNull($coloured->pattern);
    }

    public function testSizesFollowUntilTheyAreChosen(): void
    {
        $piece = Examples::piece(
            [
                'beads.dot' => ['shape' => 'round', 'diameter' => '8 mm'],
                'beads.seed' => ['shape' => 'seed', 'size' => '11/0'], 'findings.hook' => ['kind' => 'clasp'],
            ],
        );
        $sizes = static fn (PieceSpec $piece, string $name): array => [
            $piece->materials->beads[$name]->diameter->millimetres,
            $piece->materials->beads[$name]->length->millimetres,
            $piece->materials->beads[$name]->hole->millimetres,
        ];
        self::assertSame([8.0, 8.0, 1.0], $sizes($piece, 'dot'));

        $larger = $this->form->read(
            ['beads.dot.diameter' => '12', 'beads.seed.diameter' => '4', 'findings.hook.kind' => 'toggle'],
            $piece,
            Unit::Centimetre,
        );
        self::assertSame([12.0, 12.0, 1.5], $sizes($larger, 'dot'), 'length and hole go with the diameter');
        self::assertSame([4.0, 2.8, 1.0], $sizes($larger, 'seed'), 'it is no 11/0 any more');
        self::assertSame(18.0, $larger->materials->findings['hook']->width->millimetres, 'a toggle has other sizes than a clasp');
        $long = $this->form->read(['beads.dot.length' => '5'], $larger, Unit::Centimetre);
        self::assertSame(
            [6.0, 5.0, 1.0],
            $sizes($this->form->read(['beads.dot.diameter' => '6'], $long, Unit::Centimetre), 'dot'),
            'a length that was chosen stays',
        );
        self::assertSame(
            [12.0, 12.0, 1.5],
            $sizes($this->form->read(['beads.dot.length' => ''], $long, Unit::Centimetre), 'dot'),
            'blank is as usual again',
        );
    }

    public function testWhatCannotBeReadIsLeftAndTheRestTaken(): void
    {
        $piece = Examples::piece(['beads.dot' => ['diameter' => '8 mm', 'hole' => '2 mm']]);
        $taken = $this->form->taken(
            ['wearer.girth' => '17', 'wearer.hand' => 'wide', 'pattern' => '2 sqare'],
            ['pattern'],
            $piece,
            Unit::Centimetre,
        );
        self::assertSame(170.0, $taken->piece->wearing->wearer->girth->millimetres);
        self::assertSame(['wearer.hand' => 'wide', 'pattern' => '2 sqare'], $taken->left);
        self::assertSame(['wearer.hand', 'pattern'], array_keys($taken->faults));

        $taken = $this->form->taken(
            ['beads.dot.diameter' => '1', 'name' => 'Other'],
            ['beads.dot.diameter'],
            $piece,
            Unit::Centimetre,
        );
        self::assertSame(
            ['beads.dot.diameter' => '1'],
            $taken->left,
            'what was typed is left, though the fault stands at the hole',
        );
        self::assertSame(['beads.dot.hole'], array_keys($taken->faults));
        self::assertSame('Other', $taken->piece->name);
    }

    public function testTextsKeepTheirUnit(): void
    {
        self::assertSame(
            ['wearer.girth' => '6 cm', 'ease' => 'half', 'pattern' => 'gap 2, (', 'beads.dot.hole' => '9'],
            FieldTexts::pinned(
                ['wearer.girth' => '6', 'ease' => 'half', 'pattern' => 'gap 2, (', 'beads.dot.hole' => '9'],
                Unit::Centimetre,
            ),
        );
    }

    public function testATailIsAnotherThingInAnotherClosure(): void
    {
        $piece = Examples::piece(['closure.tail' => '40 mm']);
        $read = $this->form->read(['closure.kind' => 'ties'] + $this->form->shown($piece), $piece, $piece->unit);

        self::assertSame('ties', $read->closure?->kind->id());
        self::assertNull($read->closure->reach->tail);
    }

    public function testABeadCalledOtherwiseIsSoEverywhere(): void
    {
        $piece = Examples::piece(
            [
                'beads.amber' => ['diameter' => '6 mm'],
                'beads.sky' => [],
                'findings.hook' => [],
                'closure' => ['kind' => 'clasp', 'findings' => ['hook']],
                'pattern' => '2 bead amber sky, focal amber',
            ],
        );
        $read = $this->form->read(
            ['beads.amber.called' => ' Honey ', 'findings.hook.called' => 'catch'] + $this->form->shown($piece),
            $piece,
            $piece->unit,
        );

        self::assertSame(['honey', 'sky'], array_keys($read->materials->beads));
        self::assertSame('2 bead honey sky, focal honey', $read->pattern?->text);
        self::assertSame(['catch'], $read->closure?->findings);
    }

    /**
     * @param array<string, string> $typed
     */
    #[DataProvider('provideFaults')]
    public function testFaultsAreByField(array $typed, string $field, string $sentence): void
    {
        $piece = Examples::piece(['beads.amber' => ['diameter' => '6 mm'], 'beads.sky' => []]);
        try {
            $this->form->read($typed + $this->form->shown($piece), $piece, $piece->unit);
            self::fail('Read without a fault.');
        } catch (PieceUnreadable $unreadable) {
            self::assertSame($field, $unreadable->faults[0]->path);
            self::assertStringContainsString($sentence, English::of($unreadable->faults[0]));
        }
    }

    /**
     * @return iterable<string, array{array<string, string>, string, string}>
     */
    public static function provideFaults(): iterable
    {
        yield 'a taken name' => [
            ['beads.amber.called' => 'sky'], 'beads.amber.called', '“sky” is already used. Choose another name.',
        ];
        yield 'no name' => [['beads.amber.called' => 'a b'], 'beads.amber.called', 'won’t work as a short name'];
        yield 'a unit that is none' => [['unit' => 'ft'], 'unit', 'Choose cm or in.'];
        yield 'blank girth' => [
            ['wearer.girth' => ' '], 'wearer.girth', 'Enter a length here, such as 16.5 cm or 6 1/2 in.',
        ];
        yield 'a thickness' => [
            ['cords.core.thickness' => 'thick'], 'cords.core.thickness', 'I don’t know this length: “thick”',
        ];
        yield 'stock' => [['beads.sky.stock' => 'some'], 'beads.sky.stock', 'a whole number'];
        yield 'pattern' => [['pattern' => '2 sqare'], 'pattern', 'Line 1, column 3'];
    }

    public function testAWordIsSpeltWhereItStands(): void
    {
        $piece = Examples::piece(['beads.cube' => [], 'pattern' => '2 square, word "OLD" of cube']);
        $spelt = fn (string $path, string $text): ?string => $this->form->read(
            [$path => $text],
            $piece,
            $piece->unit,
        )->pattern?->text;

        self::assertSame('2 square, word "NEW ONE" of cube', $spelt('word.1', '"NEW ONE"'));
        self::assertSame($piece->pattern?->text, $spelt('word.0', 'NEW'), 'a knot has no letters');
        self::assertSame($piece->pattern?->text, $spelt('word.1', ''));
        self::assertSame($piece->pattern?->text, $spelt('word.9', 'NEW'));
    }
}
