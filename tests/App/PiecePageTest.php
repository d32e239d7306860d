<?php

declare(strict_types=1);

namespace Rinkel\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;

final class PiecePageTest extends WebCase
{
    public function testShowsAWholePlan(): void
    {
        $page = $this->browser->request('GET', '/pieces/'.$this->lay()->id());

        self::assertResponseIsSuccessful();
        self::assertSame('16 cm', $page->filter('#wearer-girth')->attr('value'));
        self::assertSame(56, self::knots($page), 'every square knot is drawn');
        self::assertSame(['cm', 'in'], $page->filter('.board-drawing [data-unit]')->extract(['data-unit']));
        self::assertSame(['core', 'working', 'slider'], $page->filter('[data-cut]')->extract(['data-cut']));
        self::assertStringContainsString('2 × 43 cm', self::text($page, '[data-cut=core] .cut-length'));
        self::assertStringContainsString('6 times the band', self::text($page, '[data-figure=multiple]'));
        self::assertStringContainsString('Wrist 16 cm and ease 12.7 mm make 17.3 cm inside.', self::text($page, '#why-wished'));
        self::assertStringContainsString('Open flame', self::text($page, '.checks'));
    }

    public function testAnEditIsSavedAndRedrawn(): void
    {
        $piece = $this->lay();
        $partial = $this->edit($piece, ['wearer.girth' => '17,2']);

        self::assertResponseIsSuccessful();
        self::assertStringStartsWith('<div id="piece"', (string) $this->browser->getResponse()->getContent(), 'only the piece comes back');
        self::assertSame(61, self::knots($partial));
        self::assertStringStartsWith('Saved', self::text($partial, '#save-state .state-done'));
        self::assertSame('17.2 cm', $this->browser->request('GET', '/pieces/'.$piece->id())->filter('#wearer-girth')->attr('value'));
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
        self::assertStringContainsString('last plan that could be worked out', self::text($page, '.stale'));
        self::assertSame(56, self::knots($page), 'the last good plan');
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
        yield 'word' => ['abc', 'Could not read “abc”'];
        yield 'negative' => ['-3', 'below zero'];
        yield 'nought' => ['0', '0 cm is outside'];
        yield 'no fraction' => ['7 1/0', 'divides by nothing'];
        yield 'exponent' => ['1e9', 'Could not read “1e9”'];
        yield 'empty' => ['', 'Type a length here'];
        yield 'markup' => ['<script>alert(1)</script>', 'Could not read “<script>'];
        yield 'very long' => [str_repeat('7', 10_000), '…”'];
        yield 'unknown unit' => ['7 ells', 'The unit “ells”'];
    }

    public function testWhatIsNoTextIsNoHarm(): void
    {
        $this->edit($this->lay(), ['wearer.girth' => ['16'], 'set' => 'x', 'unit' => 'parsec', 'zoom' => ['a']]);

        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('Choose cm or in', (string) $this->browser->getResponse()->getContent());
    }

    public function testSwitchingTheUnitRewritesEveryLengthAndMovesNone(): void
    {
        $piece = $this->lay(['wearer.girth' => '163 mm', 'closure.tail' => '37 mm']);
        $inches = $this->edit($piece, ['unit' => 'in']);
        self::assertSame('6 7/16 in', $inches->filter('#wearer-girth')->attr('value'));
        self::assertSame('1 mm', $inches->filter('#cords-working-thickness')->attr('value'));
        self::assertStringContainsString('2 × 17 1/2 in', self::text($inches, '[data-cut=core] .cut-length'));

        $back = $this->edit($piece, ['unit' => 'cm']);
        self::assertSame('16.3 cm', $back->filter('#wearer-girth')->attr('value'));
        $stored = $this->export($piece->id());
        self::assertStringContainsString('"girth": "163 mm"', $stored);
        self::assertStringContainsString('"tail": "37 mm"', $stored);
    }

    public function testABareNumberIsInTheUnitThatWasShown(): void
    {
        $piece = $this->lay();
        $page = $this->edit($piece, ['unit' => 'in', 'wrist' => '17']);

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
        self::assertStringContainsString('Nothing stands in the way', self::text($after, '.check-fine'));
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
        self::assertSame(['Mine', 'Plain band', '18 cm', '17 cm'], $conflict->filter('.conflict td')->extract(['_text']));
        self::assertSame((string) $old, $conflict->filter('input[name=version]')->attr('value'), 'another key does not save over it');
        self::assertSame('17 cm', $this->shownWrist($piece->id()));

        $over = $conflict->filter('button[name=over]')->attr('value');
        $this->edit($piece, ['wearer.girth' => '18 cm', 'over' => $over], version: $old);
        self::assertResponseIsSuccessful();
        self::assertSame('18 cm', $this->shownWrist($piece->id()));
    }

    public function testDuplicateRenameArchiveAndUndo(): void
    {
        $piece = $this->lay();
        $this->browser->request('POST', '/pieces/'.$piece->id().'/duplicate');
        self::assertResponseStatusCodeSame(303);
        $copy = $this->browser->followRedirect();
        self::assertSame('Plain band (copy)', $copy->filter('#name')->attr('value'));

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
        foreach (['/pieces/999999', '/pieces/999999999999999999', '/nowhere'] as $path) {
            $page = $this->browser->request('GET', $path);
            self::assertResponseStatusCodeSame(404);
            self::assertStringContainsString('There is no such page', self::text($page, 'main'));
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
