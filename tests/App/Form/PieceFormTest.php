<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Form;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Form\PieceForm;
use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\Core\Examples;

final class PieceFormTest extends TestCase
{
    private PieceForm $form;

    protected function setUp(): void
    {
        $this->form = new PieceForm(new PieceReader(), new PieceWriter());
    }

    public function testWhatIsShownAndSentBackChangesNothing(): void
    {
        $chance = new Chance(77);
        for ($i = 0; $i < 200; ++$i) {
            $piece = Examples::random($chance);
            $shown = $this->form->shown($piece);
            self::assertEquals($piece, $this->form->read($shown, $piece), $chance.', piece '.$i);
            self::assertSame([], $this->form->changed($shown, $piece));
        }
    }

    public function testEveryFieldIsAPlaceInTheOpenFormat(): void
    {
        $shown = $this->form->shown(Examples::piece(['beads.amber' => ['diameter' => '6 mm', 'glass' => true], 'findings.hook' => ['kind' => 'clasp'], 'closure.findings' => ['hook']]));

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
        self::assertSame(163.0, $this->form->read($shown, $piece)->wearer->girth->millimetres);
        self::assertEqualsWithDelta(165.1, $this->form->read(['wearer.girth' => '6.5'] + $shown, $piece)->wearer->girth->millimetres, 1e-9, 'a bare number is in the unit shown');
    }

    public function testOnlyKnownFieldsAreTaken(): void
    {
        $shown = $this->form->shown(Examples::piece());
        $typed = $this->form->typed(['f' => ['wearer.girth' => '17', 'nonsense' => 'x', 'ease' => ['a']], 'set' => ['closure.knots' => 6], 'wearer.girth' => 'outside'], $shown);

        self::assertSame(['17', '6', $shown['ease']], [$typed['wearer.girth'], $typed['closure.knots'], $typed['ease']]);
        self::assertArrayNotHasKey('nonsense', $typed);
        self::assertSame($shown, $this->form->typed(['f' => 'x', 'set' => 3], $shown));
    }

    public function testATailIsAnotherThingInAnotherClosure(): void
    {
        $piece = Examples::piece(['closure.tail' => '40 mm']);
        $read = $this->form->read(['closure.kind' => 'ties'] + $this->form->shown($piece), $piece);

        self::assertSame(ClosureKind::Ties, $read->closure?->kind);
        self::assertNull($read->closure->tail);
    }

    public function testABeadCalledOtherwiseIsSoEverywhere(): void
    {
        $piece = Examples::piece(['beads.amber' => ['diameter' => '6 mm'], 'beads.sky' => [], 'findings.hook' => [], 'closure.findings' => ['hook'], 'pattern' => '2 bead amber sky, focal amber']);
        $read = $this->form->read(['beads.amber.called' => ' Honey ', 'findings.hook.called' => 'catch'] + $this->form->shown($piece), $piece);

        self::assertSame(['honey', 'sky'], array_keys($read->beads));
        self::assertSame('2 bead honey sky, focal honey', $read->pattern);
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
            $this->form->read($typed + $this->form->shown($piece), $piece);
            self::fail('Read without a fault.');
        } catch (PieceUnreadable $unreadable) {
            self::assertSame($field, $unreadable->faults[0]->path);
            self::assertStringContainsString($sentence, $unreadable->faults[0]->sentence);
        }
    }

    /**
     * @return iterable<string, array{array<string, string>, string, string}>
     */
    public static function provideFaults(): iterable
    {
        yield 'a taken name' => [['beads.amber.called' => 'sky'], 'beads.amber.called', '“sky” is taken.'];
        yield 'no name' => [['beads.amber.called' => 'a b'], 'beads.amber.called', 'cannot be a short name'];
        yield 'a unit that is none' => [['unit' => 'ft'], 'unit', 'Choose cm or in.'];
        yield 'blank girth' => [['wearer.girth' => ' '], 'wearer.girth', 'Type a length here'];
        yield 'a thickness' => [['cords.core.thickness' => 'thick'], 'cords.core.thickness', 'Could not read “thick”'];
        yield 'stock' => [['beads.sky.stock' => 'some'], 'beads.sky.stock', 'a whole number'];
        yield 'pattern' => [['pattern' => '2 sqare'], 'pattern', 'Line 1, column 3'];
    }

    public function testAWordIsSpeltWhereItStands(): void
    {
        $piece = Examples::piece(['beads.cube' => [], 'pattern' => '2 square, word "OLD" of cube']);
        $shown = $this->form->shown($piece);

        self::assertSame('2 square, word "NEW ONE" of cube', $this->form->read(['word' => '"NEW ONE"', 'word_at' => '1'] + $shown, $piece)->pattern);
        self::assertSame($piece->pattern, $this->form->read(['word' => 'NEW', 'word_at' => '0'] + $shown, $piece)->pattern, 'a knot has no letters');
        self::assertSame($piece->pattern, $this->form->read(['word' => '', 'word_at' => '1'] + $shown, $piece)->pattern);
    }
}
