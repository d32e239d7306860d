<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Piece;

use PHPUnit\Framework\Attributes\DataProvider;
use Rinkel\Tests\App\WebCase;

final class PieceControllerTest extends WebCase
{
    public function testShowsAWholePlan(): void
    {
        $page = $this->browser->request('GET', '/pieces/'.$this->lay()->id());

        self::assertResponseIsSuccessful();
        self::assertSame('16 cm', $page->filter('#wearer-girth')->attr('value'));
        self::assertSame(57, self::knots($page), 'every square knot is drawn');
        self::assertSame(['cm', 'in'], $page->filter('.board-drawing [data-unit]')->extract(['data-unit']));
        self::assertSame(['core', 'working', 'slider'], $page->filter('[data-cut]')->extract(['data-cut']));
        self::assertStringContainsString('2 × 35 cm', self::text($page, '[data-cut=core] .cut-length'));
        self::assertStringContainsString('6 times the band', self::text($page, '[data-figure=multiple]'));
        self::assertStringContainsString(
            'Your measurement of 16 cm plus 12.7 mm ease makes 17.3 cm inside.',
            self::text($page, '#why-wished'),
        );
        self::assertStringContainsString('Open flame', self::text($page, '.checks'));
    }

    public function testAnEditIsSavedAndRedrawn(): void
    {
        $piece = $this->lay();
        $partial = $this->edit($piece, ['wearer.girth' => '17,2']);

        self::assertResponseIsSuccessful();
        self::assertMatchesRegularExpression(
            '/^<title>Plain band · Rinkel<\/title>\s*<div id="piece"/',
            (string) $this->browser->getResponse()->getContent(),
            'only the piece comes back, and the title of its page',
        );
        self::assertSame(61, self::knots($partial));
        self::assertStringStartsWith('Saved', self::text($partial, '#save-state .state-done'));
        self::assertSame(
            '17.2 cm',
            $this->browser->request('GET', '/pieces/'.$piece->id())->filter('#wearer-girth')->attr('value'),
        );
    }

    public function testWorksAsAPlainForm(): void
    {
        $piece = $this->lay();
        $this->edit($piece, ['cords.core.count' => '4', 'zoom' => '2'], partial: false);
        self::assertResponseRedirects('/pieces/'.$piece->id().'?zoom=2', 303);

        $page = $this->edit($piece, ['cords.core.count' => 'four'], partial: false);
        self::assertResponseStatusCodeSame(422);
        self::assertCount(1, $page->filter('header'), 'a whole page');
        self::assertSame('four', $page->filter('#cords-core-count')->attr('value'));
    }

    #[DataProvider('provideBadLengths')]
    public function testBadInputIsToldBesideItsFieldAndKept(string $typed, string $sentence): void
    {
        $piece = $this->lay();
        $page = $this->edit($piece, ['wearer.girth' => $typed]);

        self::assertResponseStatusCodeSame(422);
        self::assertSame($typed, $page->filter('#wearer-girth')->attr('value'));
        self::assertStringContainsString($sentence, self::text($page, '#wearer-girth-fault'));
        self::assertSame('true', $page->filter('#wearer-girth')->attr('aria-invalid'));
        self::assertStringContainsString(
            'One field below can’t be read; the plan ignores it.',
            self::text($page, '.stale'),
        );
        self::assertSame(57, self::knots($page), 'the last good plan');
        self::assertCount(0, $page->filter('script'));

        $again = $this->browser->request('GET', '/pieces/'.$piece->id());
        self::assertSame($typed, $again->filter('#wearer-girth')->attr('value'), 'a closed browser loses nothing');
        self::assertCount(1, $again->filter('#wearer-girth-fault'));
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function provideBadLengths(): iterable
    {
        yield 'word' => ['abc', 'I don’t know this length: “abc”'];
        yield 'negative' => ['-3', 'A length can’t be negative:'];
        yield 'nought' => ['0', 'A wrist of 0 cm?'];
        yield 'no fraction' => ['7 1/0', 'divides by zero. Try 7 1/2 in or 19 cm.'];
        yield 'exponent' => ['1e9', 'I don’t know this length: “1e9”'];
        yield 'empty' => ['', 'Enter a length here, such as 16.5 cm or 6 1/2 in.'];
        yield 'markup' => ['<script>alert(1)</script>', 'I don’t know this length: “<script>'];
        yield 'very long' => [str_repeat('7', 10_000), '…”'];
        yield 'unknown unit' => ['7 ells', 'I don’t know the unit “ells”'];
    }

    /**
     * Whoever mistypes how thick a cord is sees an example as thick as cords are.
     */
    public function testTheExampleOfALengthSuitsItsField(): void
    {
        $page = $this->edit($this->lay(), ['cords.core.thickness' => 'thin', 'wearer.girth' => 'thin']);

        self::assertStringContainsString('Try 1.2 mm or 1/16 in.', self::text($page, '#cords-core-thickness-fault'));
        self::assertStringContainsString('Try 16.5 cm or 6 1/2 in.', self::text($page, '#wearer-girth-fault'));
    }

    public function testWhatIsNoTextIsNoHarm(): void
    {
        $this->edit($this->lay(), ['wearer.girth' => ['16'], 'set' => 'x', 'unit' => 'parsec', 'zoom' => ['a']]);

        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString(
            self::says('said.unit-wanted'),
            (string) $this->browser->getResponse()->getContent(),
        );
    }

    public function testSwitchingTheUnitRewritesEveryLengthAndMovesNone(): void
    {
        $piece = $this->lay(['wearer.girth' => '163 mm', 'closure.tail' => '37 mm']);
        $inches = $this->edit($piece, ['unit' => 'in']);
        self::assertSame('6 7/16 in', $inches->filter('#wearer-girth')->attr('value'));
        self::assertSame('1 mm', $inches->filter('#cords-working-thickness')->attr('value'));
        self::assertStringContainsString('2 × 14 in', self::text($inches, '[data-cut=core] .cut-length'));

        $back = $this->edit($piece, ['unit' => 'cm']);
        self::assertSame('16.3 cm', $back->filter('#wearer-girth')->attr('value'));
        $stored = $this->export($piece->id());
        self::assertStringContainsString('"girth": "163 mm"', $stored);
        self::assertStringContainsString('"tail": "37 mm"', $stored);
    }

    public function testABareNumberIsInTheUnitThatWasShown(): void
    {
        $piece = $this->lay();
        $page = $this->edit($piece, ['unit' => 'in', 'wearer.girth' => '17']);

        self::assertSame('6 11/16 in', $page->filter('#wearer-girth')->attr('value'));
    }

    public function testARemedyIsAButton(): void
    {
        $piece = $this->lay(['closure.tail' => '15 mm']);
        $page = $this->browser->request('GET', '/pieces/'.$piece->id());
        $button = $page->filter('[data-check=cannot-open] button');
        self::assertStringContainsString('Make the tails', $button->text());

        $after = $this->edit($piece, ['set' => ['closure.tail' => $button->attr('value')]]);
        self::assertCount(0, $after->filter('[data-check=cannot-open]'));
        self::assertStringContainsString(self::says('result.ready'), self::text($after, '.check-fine'));
    }

    public function testTheSecondOfTwoTabsIsToldAndNothingIsLost(): void
    {
        $piece = $this->lay();
        $old = $piece->version();
        $this->edit($piece, ['wearer.girth' => '17 cm']);
        $conflict = $this->edit($piece, ['wearer.girth' => '18 cm', 'name' => 'Mine'], version: $old);

        self::assertResponseStatusCodeSame(409);
        self::assertSame('18 cm', $conflict->filter('#wearer-girth')->attr('value'), 'what was typed here stays');
        self::assertSame(['Name', 'Wrist'], $conflict->filter('.conflict tbody th')->extract(['_text']));
        self::assertSame(
            ['Mine', 'Plain band', '18 cm', '17 cm'],
            $conflict->filter('.conflict td')->extract(['_text']),
        );
        self::assertSame(
            (string) $old,
            $conflict->filter('input[name=version]')->attr('value'),
            'another key does not save over it',
        );
        self::assertSame('17 cm', $this->shownWrist($piece->id()));

        $over = $conflict->filter('button[name=over]')->attr('value');
        $this->edit($piece, ['wearer.girth' => '18 cm', 'over' => $over], version: $old);
        self::assertResponseIsSuccessful();
        self::assertSame('18 cm', $this->shownWrist($piece->id()));
    }

    public function testUndoAndRedoGoThroughEveryChange(): void
    {
        $piece = $this->lay();
        $this->edit($piece, ['wearer.girth' => '17 cm']);
        $this->edit($piece, ['do' => 'fit 0']);
        $fixed = $this->edit($piece, ['do' => 'more 0']);
        self::assertSame('1 square x 61', $fixed->filter('#pattern')->text());
        $undone = $this->edit($piece, ['do' => 'undo']);
        self::assertSame('1 square x 60', $undone->filter('#pattern')->text());
        self::assertNull($undone->filter('#redo')->attr('disabled'));
        $this->edit($piece, ['do' => 'undo']);
        $first = $this->edit($piece, ['do' => 'undo']);
        self::assertSame(
            ['16 cm', '1 square x fit'],
            [$first->filter('#wearer-girth')->attr('value'), $first->filter('#pattern')->text()],
        );
        self::assertNotNull($first->filter('#undo')->attr('disabled'));
        self::assertSame('17 cm', $this->edit($piece, ['do' => 'redo'])->filter('#wearer-girth')->attr('value'));
        $other = $this->edit($piece, ['wraps' => '2']);
        self::assertNotNull($other->filter('#redo')->attr('disabled'), 'a new change ends what could be done again');
    }

    public function testTypingOnInOneFieldIsOneChange(): void
    {
        $piece = $this->lay();
        foreach (['1', '17', '17.', '17.2'] as $typed) {
            $page = $this->acts($piece, [['f' => ['wearer.girth' => $typed], 'stroke' => 'a']], 'wearer.girth');
            self::assertResponseIsSuccessful();
            self::assertCount(0, $page->filter('.fault, .stale'), 'nothing is judged while it is typed');
        }
        $this->acts($piece, [['f' => ['wearer.girth' => '17.2'], 'stroke' => 'a']]);
        // Left, then on in two further fields before an answer came.
        $this->acts(
            $piece,
            [
                ['f' => ['wearer.hand' => '2'], 'stroke' => 'b'],
                ['f' => ['wearer.hand' => '22'], 'stroke' => 'b'],
                ['f' => ['wearer.girth' => '18.1'], 'stroke' => 'c'],
            ],
        );
        $values = fn (string $deed): array => $this->edit($piece, ['do' => $deed])->filter('#wearer-girth, #wearer-hand')->extract(['value']);

        self::assertSame(['17.2 cm', '22 cm'], $values('undo'));
        self::assertSame(['17.2 cm', '20 cm'], $values('undo'));
        self::assertSame(['16 cm', '20 cm'], $values('undo'));
        self::assertSame(['17.2 cm', '20 cm'], $values('redo'));
        self::assertSame(['17.2 cm', '22 cm'], $values('redo'));
        self::assertSame(['18.1 cm', '22 cm'], $values('redo'));
    }

    /**
     * @param list<array<string, mixed>> $edits
     */
    #[DataProvider('provideDeeds')]
    public function testThePatternIsTakenInTheHand(array $edits, string $pattern, string $chosen): void
    {
        $piece = $this->lay([
            'beads.amber' => [
                'diameter' => '6 mm', 'hole' => '2.4 mm', 'colour' => '#cc8822',
            ], 'beads.sky' => ['diameter' => '5 mm', 'hole' => '2.4 mm', 'colour' => '#88aacc'],
            'pattern' => '2 square, (1 bead amber, 3 square) x fit, 2 square',
        ]);
        $page = $this->edit($piece, []);
        foreach ($edits as $edit) {
            $page = $this->edit($piece, $edit);
            self::assertResponseIsSuccessful();
        }

        self::assertSame($pattern, $page->filter('#pattern')->text());
        self::assertSame($chosen, $page->filter('input[name=at]')->attr('value'));
    }

    /**
     * @return iterable<string, array{list<array<string, mixed>>, string, string}>
     */
    public static function provideDeeds(): iterable
    {
        $repeat = ', (1 bead amber, 3 square) x fit, 2 square';
        yield 'choose' => [[['choose' => '1.0']], '2 square'.$repeat, '1.0'];
        yield 'more' => [[['do' => 'more 0'], ['do' => 'more 0']], '4 square'.$repeat, '0'];
        yield 'another bead' => [
            [['do' => 'name 1.0 0 sky']],
            '2 square, (1 bead sky, 3 square) x fit, 2 square',
            '1.0',
        ];
        yield 'a bead that is not there' => [[['do' => 'name 1.0 0 gold']], '2 square'.$repeat, '1.0'];
        yield 'later' => [[['do' => 'right 1.0']], '2 square, (3 square, 1 bead amber) x fit, 2 square', '1.1'];
        yield 'out' => [[['do' => 'drop 1.1']], '2 square, 1 bead amber x fit, 2 square', ''];
        yield 'dragged' => [[['do' => 'to 1.0 0']], '1 bead amber, 2 square, 3 square x fit, 2 square', ''];
        yield 'doubled' => [
            [['do' => 'copy 1.0']],
            '2 square, (1 bead amber, 1 bead amber, 3 square) x fit, 2 square',
            '1.1',
        ];
        yield 'put after' => [
            [['do' => 'put 1.0 bead sky']],
            '2 square, (1 bead amber, 1 bead sky, 3 square) x fit, 2 square',
            '1.1',
        ];
        yield 'put a spiral' => [
            [['do' => 'put @ half left'], ['do' => 'more 3']],
            '2 square'.$repeat.', 2 half left',
            '3',
        ];
        yield 'mirrored' => [
            [['do' => 'drop 2'], ['do' => 'put @ focal sky'], ['do' => 'mirror']],
            '2 square, (1 bead amber, 3 square) x fit, focal sky, mirror',
            '',
        ];
        yield 'alternating' => [
            [['do' => 'turn 1']],
            '2 square, (1 bead amber, 3 square) x fit alternate, 2 square',
            '1',
        ];
        yield 'Allow a partial repeat' => [
            [['do' => 'partly 1']],
            '2 square, (1 bead amber, 3 square) x fit partly, 2 square',
            '1',
        ];
        yield 'breaks off no longer' => [
            [['do' => 'partly 1'], ['do' => 'partly 1']],
            '2 square, (1 bead amber, 3 square) x fit, 2 square',
            '1',
        ];
        yield 'takes what is left' => [
            [['do' => 'fills 2']],
            '2 square, (1 bead amber, 3 square) x fit, 2 square fill',
            '2',
        ];
        yield 'beside the core' => [
            [['do' => 'lane 1.0 left']],
            '2 square, (1 bead amber on left, 3 square) x fit, 2 square',
            '1.0',
        ];
        yield 'by value' => [
            [['do' => 'order 1.0 value']],
            '2 square, (1 bead by value amber, 3 square) x fit, 2 square',
            '1.0',
        ];
        yield 'called otherwise' => [
            [['beads.amber.called' => 'Honey']],
            '2 square, (1 bead honey, 3 square) x fit, 2 square',
            '',
        ];
        yield 'spelt' => [
            [['do' => 'drop 1'], ['do' => 'put 0 word sky'], ['word.1' => 'MIRA']],
            '2 square, word "MIRA" of sky, 2 square',
            '',
        ];
        yield 'a remedy or a neighbour' => [[['set' => ['pattern' => '9 square']]], '9 square', ''];
        yield 'nonsense' => [[['do' => 'explode 1.0']], '2 square'.$repeat, ''];
    }

    public function testABeadInUseCannotBeTakenOut(): void
    {
        $piece = $this->lay(
            ['beads.amber' => ['diameter' => '6 mm', 'hole' => '2.4 mm'], 'pattern' => '1 bead amber, 2 square'],
        );
        $page = $this->edit($piece, ['do' => 'bead-drop amber']);

        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('There’s no “amber” here', self::text($page, '#pattern-fault'));
        self::assertCount(
            0,
            $this->browser->request('GET', '/pieces/'.$piece->id())->filter('.stale'),
            'the piece is as it was',
        );
    }

    public function testThePaletteGrows(): void
    {
        $piece = $this->lay();
        $page = $this->edit($piece, ['do' => 'bead-add']);
        self::assertCount(1, $page->filter('#stuff-bead-1'));
        $page = $this->edit($piece, ['do' => 'finding-add button']);
        self::assertSame('button-1', $page->filter('#finding-1-called')->attr('value'));
        $page = $this->edit($piece, ['beads.bead-1.diameter' => '80 cm']);
        self::assertResponseStatusCodeSame(422);
        self::assertNotNull($page->filter('#stuff-bead-1')->attr('open'), 'a fault is never hidden');
        self::assertStringContainsString('won’t work here', self::text($page, '#bead-1-diameter-fault'));
        $page = $this->edit($piece, ['beads.bead-1.diameter' => '8', 'beads.bead-1.called' => 'mirror']);
        self::assertStringContainsString('won’t work as a short name', self::text($page, '#bead-1-called-fault'));
    }

    public function testAFurtherCordIsCalledAsItsMakerLikes(): void
    {
        $piece = $this->layBare('stacked-band');
        $page = $this->edit($piece, ['do' => 'cord-add']);
        $field = $page->filter('[id^=cord-][id$=-called]')->last();
        [, $old] = explode('.', trim((string) $field->attr('name'), 'f[]'));
        $first = (string) $page->filter('[id^=cord-][id$=-called]')->first()->attr('value');
        self::assertNotSame($old, $first);
        $this->edit($piece, ['pattern' => '(2 square in '.$old.', 3 square in '.$first.') x fit']);
        self::assertResponseIsSuccessful();
        $page = $this->edit($piece, ['cords.'.$old.'.called' => 'Moss']);
        self::assertResponseIsSuccessful();
        self::assertSame('(2 square in moss, 3 square in '.$first.') x fit', $page->filter('#pattern')->text());
        self::assertSame('moss', $page->filter('#'.$field->attr('id'))->attr('value'), 'where it stood');
        self::assertStringContainsString('moss', self::text($page, '[aria-labelledby=cords]'));
        foreach (['working', 'mirror', 'two words', ''] as $bad) {
            $page = $this->edit($piece, ['cords.moss.called' => $bad]);
            self::assertStringContainsString(
                'won’t work as a short name',
                self::text($page, '#'.$field->attr('id').'-fault'),
            );
        }
        self::assertCount(0, $page->filter('#cords-working-called'), 'what has a task is called by it');
    }

    public function testAFaultInTheTextKeepsThePlanAndSaysWhere(): void
    {
        $piece = $this->lay();
        $page = $this->edit($piece, ['pattern' => "3 sqare,\n2 foo"]);

        self::assertResponseStatusCodeSame(422);
        self::assertSame("3 sqare,\n2 foo", $page->filter('#pattern')->text(null, false));
        self::assertCount(2, $page->filter('.fault-line'));
        self::assertStringContainsString(
            'Line 2, column 3: I don’t understand “foo” here',
            self::text($page, '.fault-line'),
        );
        self::assertSame(57, self::knots($page));
    }

    public function testAClosureIsChosenFromThoseThatSuit(): void
    {
        $piece = $this->lay(['closure.tail' => '40 mm']);
        $page = $this->edit($piece, ['closure.kind' => 'button-loop']);

        self::assertCount(8, $page->filter('.closure-choice'));
        self::assertStringContainsString('body 16.2 cm, inside 17.3 cm', self::text($page, '.closures'));
        self::assertSame('', $page->filter('#closure-tail')->attr('value'), 'a tail is no loop');
        self::assertCount(1, $page->filter('#board [data-finding=button]'));
        self::assertResponseIsSuccessful();
    }

    public function testTheWornViewAndItsAddress(): void
    {
        $piece = $this->lay();
        $page = $this->browser->request('GET', '/pieces/'.$piece->id().'?view=worn&zoom=2&at=0');

        self::assertCount(1, $page->filter('.worn-drawing'));
        self::assertCount(1, $page->filter('.patch.is-chosen'));
        $this->edit($piece, ['do' => 'more 0', 'view' => 'worn', 'at' => '0'], partial: false);
        self::assertResponseRedirects('/pieces/'.$piece->id().'?view=worn&at=0', 303);
    }

    public function testBeadsAreCountedByKindAndPlace(): void
    {
        $piece = $this->lay(
            [
                'beads.dot' => ['diameter' => '4 mm', 'hole' => '1.4 mm'],
                'pattern' => '(1 bead dot on left, 1 bead dot on right, 2 square) x 5',
            ],
        );
        $page = $this->browser->request('GET', '/pieces/'.$piece->id());

        self::assertStringContainsString(
            '10 × dot round 4 mm (5 on the left, 5 on the right)',
            self::text($page, '[data-bead-count=dot]'),
        );
    }

    public function testANecklaceHangsOnABust(): void
    {
        $piece = $this->layBare(
            'strung-beads',
            [
                'cords' => ['cord' => ['thickness' => '1 mm']],
                'beads.berry' => ['diameter' => '8 mm', 'hole' => '1.4 mm'],
                'pattern' => 'gap fit, 9 bead berry, gap fit',
                'closure.kind' => 'double-barrel',
                'wearer.place' => 'neck',
                'wearer.girth' => '34 cm',
                'wearer.hand' => null,
            ],
        );
        $page = $this->edit($piece, ['drop' => '12 cm', 'view' => 'worn']);

        self::assertCount(1, $page->filter('.worn-drawing .bust'));
        self::assertStringContainsString(
            'hangs 12 cm below the hollow of the throat',
            self::text($page, '[aria-labelledby=fit]'),
        );
        self::assertStringContainsString('A necklace can catch', self::text($page, '.checks'));
    }

    public function testSomebodysMeasuresAreTaken(): void
    {
        $this->browser->request(
            'POST',
            '/people',
            ['name' => 'Bram', 'wrist' => '18.1', 'hand' => '22.6', 'measured' => 'comfortable', 'unit' => 'cm'],
        );
        $piece = $this->lay();
        $take = $this->browser->request('GET', '/pieces/'.$piece->id())->filter('#put-person button')->attr('value');
        $page = $this->edit($piece, ['do' => $take]);

        self::assertSame(
            ['18.1 cm', '22.6 cm'],
            [$page->filter('#wearer-girth')->attr('value'), $page->filter('#wearer-hand')->attr('value')],
        );
        self::assertNotNull($page->filter('#wearer-measured-comfortable')->attr('checked'));
    }

    public function testDuplicateRenameArchiveAndUndo(): void
    {
        $piece = $this->lay();
        $this->browser->request('POST', '/pieces/'.$piece->id().'/duplicate');
        self::assertResponseStatusCodeSame(303);
        $copy = $this->browser->followRedirect();
        self::assertSame('Plain band 2', $copy->filter('#name')->attr('value'));

        $this->edit($piece, ['name' => 'Quay <b>band</b>']);
        $table = $this->browser->request('GET', '/');
        self::assertCount(2, $table->filter('.piece-row'));
        self::assertStringContainsString('Quay <b>band</b>', self::text($table, '.piece-name'));
        self::assertCount(0, $table->filter('.piece-name b'), 'escaped');

        $this->browser->request('POST', '/pieces/'.$piece->id().'/archive');
        $table = $this->browser->followRedirect();
        self::assertCount(1, $table->filter('.piece-row'));
        $this->browser->submit($table->filter('.notice form')->form());
        self::assertCount(2, $this->browser->followRedirect()->filter('.piece-row'));
    }

    public function testWhatIsNotThereIsSaidSo(): void
    {
        // What only takes a form is no page either: an address of one that was kept says nothing of a fault in Rinkel.
        foreach ([
            '/pieces/999999' => 404, '/pieces/999999999999999999' => 404, '/nowhere' => 404,
            '/makings/1/board' => 405,
        ] as $path => $status) {
            $page = $this->browser->request('GET', $path);
            self::assertResponseStatusCodeSame($status);
            self::assertStringContainsString(self::says('app.missing'), self::text($page, 'main'));
        }
    }

    private function export(int $id): string
    {
        $this->browser->request('GET', '/pieces/'.$id.'/piece.json');

        return (string) $this->browser->getResponse()->getContent();
    }

    private function shownWrist(int $id): ?string
    {
        return $this->browser->request('GET', '/pieces/'.$id)->filter('#wearer-girth')->attr('value');
    }
}
