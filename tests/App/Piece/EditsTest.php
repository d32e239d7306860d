<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Piece;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Tests\App\WebCase;
use Rinkel\Tests\Whole;
use Twig\Environment;
use Twig\Loader\ArrayLoader;
use Twig\Loader\ChainLoader;

/**
 * Ways in which a piece, or what was typed, once came to harm: each as a maker comes to it.
 */
final class EditsTest extends WebCase
{
    #[Group('whole')]
    public function testANewBeadGoesOnTheCordsThatAreThere(): void
    {
        foreach (Whole::of(Constructions::all()->ids(), 3) as $construction) {
            $piece = $this->layBare($construction);
            $page = $this->edit($piece, ['do' => 'bead-add']);
            self::assertResponseIsSuccessful($construction);
            $name = (string) $page->filter('[id^=bead-][id$=-called]')->last()->attr('value');
            $this->edit($piece, ['do' => 'put @ bead '.$name]);
            $page = $this->browser->request('GET', '/pieces/'.$piece->id());
            self::assertResponseIsSuccessful();
            self::assertStringNotContainsString(
                ' '.$name.':',
                self::text($page, '[data-check=cord-does-not-pass]'),
                $construction,
            );
        }
        $thick = $this->lay(['cords.core' => ['thickness' => '2 mm', 'count' => 8]]);
        $this->edit($thick, ['do' => 'bead-add']);
        $page = $this->edit($thick, ['do' => 'put @ bead bead-1']);
        self::assertCount(0, $page->filter('[data-check=cord-does-not-pass]'));
    }

    public function testACordThatDoesNotPassABeadIsTold(): void
    {
        $piece = $this->lay(['beads.tight' => ['diameter' => '6 mm', 'hole' => '0.4 mm']]);
        foreach (['1 bead tight, 4 square', '1 bead tight on left, 1 bead tight on right, 4 square'] as $pattern) {
            $page = $this->edit($piece, ['pattern' => $pattern]);
            self::assertResponseIsSuccessful();
            self::assertStringContainsString(
                'doesn’t fit tight',
                $page->filter('[data-check=cord-does-not-pass]')->text(),
            );
            self::assertStringNotContainsString('check.', $page->filter('.checks')->text());
        }
    }

    public function testWhatCannotBeShownIsNotSavedAndThePieceStaysInReach(): void
    {
        $piece = $this->lay();
        $this->edit($piece, ['wearer.girth' => '17']);
        $before = $piece->document();
        $this->breakPage();
        $page = $this->browser->request('GET', '/pieces/'.$piece->id());
        self::assertResponseIsSuccessful();
        self::assertStringContainsString('Something went wrong in Rinkel', $page->filter('.piece-broken')->text());
        self::assertNull($page->filter('.piece-broken #undo')->attr('disabled'));

        $this->breakPage();
        $version = (string) $page->filter('#piece')->attr('data-version');
        $this->browser->request(
            'POST',
            '/pieces/'.$piece->id(),
            ['acts' => '[{"id":"a","f":{"name":"Never seen"}}]', 'version' => $version],
            [],
            ['HTTP_HX_REQUEST' => 'true'],
        );
        self::assertLessThan(500, $this->browser->getResponse()->getStatusCode());
        self::assertSame($before['name'] ?? null, $this->stored($piece)->document()['name'] ?? null);
    }

    public function testAPieceThatTheReaderNoLongerTakesOpensAndIsMended(): void
    {
        $piece = $this->lay(['name' => 'Damaged']);
        $this->lay(['name' => 'Sound']);
        $document = array_replace_recursive(
            $piece->document(),
            ['wearer' => ['girth' => '75 cm'], 'cords' => ['workng' => ['thickness' => '1 mm']]],
        );
        $this->rewrite($piece, $document);
        $table = $this->browser->request('GET', '/');
        self::assertResponseIsSuccessful();
        self::assertSame(['Sound', 'Damaged'], $table->filter('.piece-name')->extract(['_text']));
        self::assertStringContainsString('A wrist of 75 cm?', $table->filter('.piece-row-broken')->text());

        $page = $this->browser->request('GET', '/pieces/'.$piece->id());
        self::assertSame('75 cm', $page->filter('.piece-broken [name="f[wearer.girth]"]')->attr('value'));
        $this->browser->request('GET', '/pieces/'.$piece->id().'/piece.json');
        self::assertStringContainsString(
            '75 cm',
            (string) $this->browser->getResponse()->getContent(),
            'it can be saved as it is',
        );
        $this->browser->submit($page->filter('#edit')->form(['f[wearer.girth]' => '17.5 cm']));
        $page = $this->browser->request('GET', '/pieces/'.$piece->id());
        self::assertStringContainsString('workng', $page->filter('.piece-broken')->text(), 'one after the other');
        $this->edit($piece, ['do' => 'undo']);
    }

    #[Group('whole')]
    public function testEmptyingThePatternAndPressingAnyButton(): void
    {
        foreach (Whole::of(Constructions::all()->ids(), 5) as $i => $construction) {
            $piece = $this->layBare($construction);
            $this->edit($piece, ['pattern' => '']);
            self::assertResponseIsSuccessful();
            // Each button on every other kind.
            foreach ([
                ['mirror', 'put @ gap', 'more 0', 'fit 0'],
                ['cord-add', 'slider-add', 'bead-add', 'finding-add ring', 'cord-drop slider'],
            ][$i % 2] as $deed) {
                $this->edit($piece, ['do' => $deed]);
                self::assertLessThan(500, $this->browser->getResponse()->getStatusCode(), $construction.' '.$deed);
            }
            $this->browser->request('GET', '/pieces/'.$piece->id());
            self::assertResponseIsSuccessful();
        }
    }

    public function testANeighbourGoesWithItsWearer(): void
    {
        $piece = $this->lay();
        $page = $this->browser->request('GET', '/pieces/'.$piece->id());
        $pattern = (string) $page->filter('.neighbours button')->last()->attr('value');
        self::assertSame('1 square x fit more 2', $pattern);
        $page = $this->edit($piece, ['set' => ['pattern' => $pattern]]);
        self::assertSame(59, self::knots($page));
        $page = $this->edit($piece, ['wearer.girth' => '20 cm']);
        self::assertSame(73, self::knots($page), 'two more than the 71 that fit');
        self::assertStringContainsString(
            '1 square x fit more 1',
            (string) json_encode($page->filter('.neighbours button')->extract(['value'])),
            'and back again',
        );
        // A count that is fixed by its maker is told when it no longer fits, with a way back.
        $page = $this->edit($piece, ['pattern' => '56 square']);
        $check = $page->filter('[data-check=counts-are-fixed]');
        self::assertStringContainsString('Try about 71 instead of 56', $check->text());
        $page = $this->edit($piece, ['set' => ['pattern' => (string) $check->filter('button')->attr('value')]]);
        self::assertSame('1 square x fit', $page->filter('#pattern')->text());
        self::assertSame(71, self::knots($page));
    }

    public function testADisplayUnitChangesNoData(): void
    {
        $piece = $this->lay(['pattern' => '6 square, gap 2, 6 square']);
        $this->acts($piece, [['f' => ['wearer.hand' => '6']]]); // not a hand in cm; one in inches it would be
        $page = $this->edit($piece, ['unit' => 'in']);
        self::assertSame('6 square, gap 2 cm, 6 square', $page->filter('#pattern')->text());
        self::assertSame('6 cm', $page->filter('#wearer-hand')->attr('value'), 'also what cannot be read yet');
        $page = $this->edit($piece, ['unit' => 'cm', 'pattern' => '6 square, gap 1, 6 square']);
        self::assertSame(
            '6 square, gap 1 in, 6 square',
            $page->filter('#pattern')->text(),
            'typed while inches were shown',
        );
    }

    /**
     * @param array<string, mixed> $edit
     */
    #[DataProvider('provideRefused')]
    public function testWhatCouldNotBeReadBackIsNotSaved(array $edit, string $sentence): void
    {
        $piece = $this->lay(
            [
                'beads' => array_fill_keys(
                    array_map(static fn (int $i): string => 'b'.$i, range(1, 60)),
                    ['diameter' => '4 mm'],
                ),
                'closure' => ['kind' => 'clasp'],
            ],
        );
        $page = $this->edit($piece, $edit);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString($sentence, $page->filter('#piece')->text());
        $this->browser->request('GET', '/pieces/'.$piece->id());
        self::assertResponseIsSuccessful();
        self::assertSame($piece->document(), $this->stored($piece)->document());
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string}>
     */
    public static function provideRefused(): iterable
    {
        yield 'a sixty-first bead' => [['do' => 'bead-add'], 'Expected at most 60 entries'];
        yield 'a name that cannot be seen' => [['name' => "\u{a0}"], 'Give it a name'];
        yield 'a bead called like a cord' => [['beads.b1.called' => 'working'], 'won’t work as a short name'];
        yield 'a name of 41 letters' => [['beads.b1.called' => str_repeat('a', 41)], 'won’t work as a short name'];
        yield 'fits without end' => [
            ['pattern' => implode(', ', array_fill(0, 30, '1 square x fit'))],
            'At most 24 parts can have',
        ];
        yield 'a pattern that explodes' => [
            ['pattern' => '((1 square x fit) x 2000) x 2000'],
            'has more than 6000 parts',
        ];
        yield 'repeats of repeats' => [
            ['pattern' => '(((1 square) x 2000) x 2000) x 2000'],
            'has more than 6000 parts',
        ];
        yield 'beads in the closure' => [
            ['closure.findings' => 'nothing-like-it'],
            'There’s no finding called “nothing-like-it”',
        ];
    }

    public function testAPersonsMeasuresAreHeldToTheSameLimits(): void
    {
        $this->browser->request('POST', '/people', ['name' => 'Nobody', 'wrist' => '75', 'unit' => 'cm']);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('A wrist of 75 cm?', (string) $this->browser->getResponse()->getContent());
        $this->browser->request('POST', '/people', ['name' => "\u{a0} \u{200b}", 'wrist' => '16', 'unit' => 'cm']);
        self::assertResponseStatusCodeSame(422);
    }

    public function testLengthsInFilesAreFreeOfBinaryDust(): void
    {
        $piece = $this->lay(
            ['wearer.girth' => '7.1 in', 'closure.tail' => '1/3 in', 'cords.core.thickness' => '10 turns over 12.3 mm'],
        );
        $this->edit($piece, ['ease' => '0.3 in', 'pattern' => 'gap 0.7 in, 4 square']);
        $this->browser->request('GET', '/pieces/'.$piece->id().'/piece.json');
        preg_match_all('/(\d+\.\d+) mm/', (string) $this->browser->getResponse()->getContent(), $lengths);
        self::assertNotSame([], $lengths[1]);
        foreach ($lengths[1] as $length) {
            self::assertLessThan(14, \strlen($length), $length);
        }
    }

    public function testAFieldThatCannotBeReadDoesNotHoldUpTheOthers(): void
    {
        $piece = $this->lay();
        $page = $this->acts(
            $piece,
            [['f' => ['wearer.hand' => 'wide']], ['f' => ['wearer.girth' => '17']], ['do' => 'bead-add']],
        );
        self::assertResponseStatusCodeSame(422);
        self::assertSame(
            ['17 cm', 'wide', '60'],
            [
                $page->filter('#wearer-girth')->attr('value'),
                $page->filter('#wearer-hand')->attr('value'),
                (string) self::knots($page),
            ],
        );
        $page = $this->edit($piece, ['do' => 'undo']);
        self::assertSame('wide', $page->filter('#wearer-hand')->attr('value'), 'undo does not take a draft away');
        self::assertCount(0, $page->filter('#stuff-bead-1'));
        $page = $this->edit($piece, ['wearer.hand' => '21']);
        self::assertResponseIsSuccessful();
        self::assertCount(0, $page->filter('.stale'));
        self::assertSame([], $this->stored($piece)->draft());
    }

    private function stored(StoredPiece $piece): StoredPiece
    {
        self::getContainer()->get(\Doctrine\ORM\EntityManagerInterface::class)->clear();

        return self::getContainer()->get(Pieces::class)->find($piece->id()) ?? throw new \LogicException('It is gone.');
    }

    /**
     * @param array<mixed> $document
     */
    private function rewrite(StoredPiece $piece, array $document): void
    {
        self::getContainer()->get(\Doctrine\DBAL\Connection::class)->executeStatement(
            'UPDATE piece SET document = ? WHERE id = ?',
            [json_encode($document), $piece->id()],
        );
        self::getContainer()->get(\Doctrine\ORM\EntityManagerInterface::class)->clear();
        try {
            self::getContainer()->get(Pieces::class)->piece($this->stored($piece));
            self::fail('It can be read.');
        } catch (PieceUnreadable) {
            $this->browser->enableReboot();
        }
    }

    /**
     * Lets the next showing of a piece's plan fail, as a fault in a template would.
     */
    private function breakPage(): void
    {
        $this->browser->disableReboot();
        $twig = self::getContainer()->get(Environment::class);
        $twig->setLoader(
            new ChainLoader([new ArrayLoader(['piece/_piece.html.twig' => '{{ 1 // 0 }}']), $twig->getLoader()]),
        );
    }

    /**
     * Two tabs that change different fields are both done; only the same field is asked about.
     */
    public function testDifferentFieldsOfTwoTabsAreBothKept(): void
    {
        $piece = $this->lay(['pattern' => '1 square x fit']);
        $old = (int) $this->browser->request('GET', '/pieces/'.$piece->id())->filter('#piece')->attr('data-version');
        $this->acts($piece, [['f' => ['wearer.girth' => '17 cm'], 'was' => ['wearer.girth' => '16 cm']]]);
        $page = $this->acts(
            $piece,
            [['f' => ['name' => 'Pier'], 'was' => ['name' => 'Plain band']]],
            version: $old,
        );
        self::assertResponseIsSuccessful();
        self::assertSame(
            ['17 cm', 'Pier'],
            [$page->filter('#wearer-girth')->attr('value'), $page->filter('#name')->attr('value')],
        );
        // However it was written, it was the same.
        $this->acts($piece, [['f' => ['name' => 'Pier two'], 'was' => ['name' => ' Pier ']]], version: $old);
        self::assertResponseIsSuccessful();
        // A button that changes the pattern, where the pattern is what it was.
        $page = $this->acts($piece, [['do' => 'more 0', 'was' => ['pattern' => '1 square x fit']]], version: $old);
        self::assertResponseIsSuccessful();
        self::assertNotSame('1 square x fit', $page->filter('#pattern')->text());
        $refused = [
            'the same field' => ['f' => ['wearer.girth' => '18 cm'], 'was' => ['wearer.girth' => '16 cm']],
            'a field of which nothing is said' => ['f' => ['wearer.girth' => '18 cm']],
            'a button over another pattern' => ['do' => 'more 0', 'was' => ['pattern' => '1 square x fit']],
            'undo' => ['do' => 'undo', 'was' => ['pattern' => '1 square x fit']],
        ];
        foreach ($refused as $what => $act) {
            $this->acts($piece, [$act], version: $old);
            self::assertResponseStatusCodeSame(409, $what);
        }
        // Who typed the same as the other is asked nothing.
        $this->acts(
            $piece,
            [['f' => ['wearer.girth' => '17 cm'], 'was' => ['wearer.girth' => '16 cm']]],
            version: $old,
        );
        self::assertResponseIsSuccessful();
    }
}
