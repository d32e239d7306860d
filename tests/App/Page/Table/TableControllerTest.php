<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Table;

use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\DataProvider;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Stock\StockBox;
use Rinkel\App\Table\Family;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Stock\Kind;
use Rinkel\Tests\App\WebCase;
use Symfony\Component\DomCrawler\Crawler;

final class TableControllerTest extends WebCase
{
    /**
     * Typing that goes on is one step, and a step taken back makes room for another: whatever a row remembers, it shows
     * what the piece is now.
     */
    public function testARowIsWhatItsPieceIsNow(): void
    {
        $id = $this->lay(['name' => 'Mole'])->id();
        $pieces = self::getContainer()->get(Pieces::class);
        $now = static fn (): StoredPiece => $pieces->find($id) ?? self::fail();
        $save = static fn (string $girth, string $stroke) => $pieces->save(
            $now(),
            self::around($pieces->piece($now()), $girth),
            $stroke,
        );
        $seen = [];
        $row = function () use (&$seen): string {
            $row = $this->browser->request('GET', '/')->filter('.piece-row');
            $seen[] = (string) $row->filter('.small-drawing')->attr('src');

            return $row->text();
        };
        $save('20 cm', 'girth');
        self::assertStringContainsString('Wrist20 cm', $row());
        $save('21 cm', 'girth');
        self::assertStringContainsString('Wrist21 cm', $row());
        self::assertTrue($pieces->step($now(), -1));
        self::assertStringContainsString('Wrist16', $row());
        $save('23 cm', '');
        self::assertStringContainsString('Wrist23 cm', $row());
        self::assertCount(4, array_unique($seen), 'each is drawn anew');
    }

    private static function around(PieceSpec $piece, string $girth): PieceSpec
    {
        $measured = $piece->wearing->wearer->measured;

        return $piece->withWearer(new Wearer(Length::parse($girth, Unit::Centimetre), $measured));
    }

    public function testAnEmptyTableHasAWayOn(): void
    {
        $page = $this->browser->request('GET', '/');

        self::assertResponseIsSuccessful();
        self::assertStringContainsString('all you need is a wrist measurement', self::text($page, '#found'));
        self::assertCount(1, $page->filter('svg .how-tape'), 'how a wrist is measured is drawn');
        $this->browser->submit($page->filter('button[value=stretch]')->form(['girth' => '16']));
        self::assertResponseStatusCodeSame(303);
        self::assertCount(0, $this->browser->request('GET', '/')->filter('#look-around'), 'she has begun');
    }

    public function testAWristAloneMakesAPieceOfEveryConstruction(): void
    {
        $ids = Constructions::all()->ids();
        $page = $this->browser->request('GET', '/new');
        $offered = static fn (string $group): array => array_values(array_filter(
            $page->filter('#families li.is-'.$group.' [name=construction]')->extract(['value']),
            is_string(...),
        ));
        $around = $offered('around');
        $necks = $offered('neck');
        self::assertSame([], array_diff($ids, $around, $necks));
        self::assertNotContains('netted-pouch', $around, 'nobody is asked for a wrist to hang a pouch from a neck');
        foreach ([
            ...array_map(static fn (string $id): array => [$id, 'wrist', '6 1/4 in'], $around),
            ...array_map(static fn (string $id): array => [$id, 'neck', '13 1/2 in'], $necks),
        ] as [$id, $place, $girth]) {
            $this->browser->request(
                'POST',
                '/pieces',
                ['place' => $place, 'girth' => rtrim($girth, ' in'), 'unit' => 'in', 'construction' => $id],
            );
            self::assertResponseStatusCodeSame(303, $id.' '.$place);
            $piece = $this->browser->followRedirect();
            self::assertSame($girth, $piece->filter('#wearer-girth')->attr('value'), $place);
            self::assertNotSame('', $piece->filter('#pattern')->text());
            self::assertGreaterThan(0, $piece->filter('[data-cut]')->count());
            self::assertGreaterThan(0, $piece->filter('#board svg')->count());
        }
    }

    public function testSomebodyMeasuredBeforeIsEnough(): void
    {
        $this->browser->request(
            'POST',
            '/people',
            ['name' => 'Ottoline', 'wrist' => '15.8', 'hand' => '19.6', 'unit' => 'cm'],
        );
        $page = $this->browser->request('GET', '/new');
        $id = $page->filter('#new-person option')->last()->attr('value');
        $this->browser->request(
            'POST',
            '/pieces',
            ['girth' => '', 'person' => $id, 'unit' => 'cm', 'construction' => 'stretch'],
        );
        $piece = $this->browser->followRedirect();

        self::assertSame(
            ['15.8 cm', '19.6 cm'],
            [$piece->filter('#wearer-girth')->attr('value'), $piece->filter('#wearer-hand')->attr('value')],
        );
    }

    public function testANecklaceTakesTheNeckThatWasMeasuredAndNoOther(): void
    {
        $made = function (string $name, array $measures): Crawler {
            $this->browser->request('POST', '/people', ['name' => $name, 'unit' => 'cm'] + $measures);
            $id = $this->browser->request('GET', '/new')->filter('#new-person option')->last()->attr('value');

            return $this->browser->request(
                'POST',
                '/pieces',
                ['place' => 'neck', 'girth' => '', 'person' => $id, 'unit' => 'cm', 'construction' => 'netted-pouch'],
            );
        };

        $page = $made('Ada', ['wrist' => '16.2', 'hand' => '20']);
        self::assertResponseStatusCodeSame(422);
        self::assertSame('You haven’t measured Ada’s neck yet. Enter it here.', self::text($page, '#new-girth-fault'));
        $made('Bea', ['neck' => '34', 'head' => '56.5']);
        $piece = $this->browser->followRedirect();
        self::assertSame(
            ['34 cm', '56.5 cm', '60 cm'],
            [
                $piece->filter('#wearer-girth')->attr('value'),
                $piece->filter('#wearer-hand')->attr('value'),
                $piece->filter('#length')->attr('value'),
            ],
        );

        $page = $this->browser->request(
            'POST',
            '/pieces',
            ['place' => 'neck', 'girth' => '72', 'unit' => 'cm', 'construction' => 'netted-pouch'],
        );
        self::assertSame('A neck of 72 cm? Enter 20 cm to 65 cm.', self::text($page, '#new-girth-fault'));
        self::assertSame(
            ['72', 1],
            [$page->filter('#new-girth')->attr('value'), $page->filter('#new-place-neck[checked]')->count()],
        );
        $page = $this->browser->request(
            'POST',
            '/pieces',
            ['place' => 'wrist', 'girth' => '16', 'unit' => 'cm', 'construction' => 'netted-pouch'],
        );
        self::assertStringContainsString(
            'You can’t wear this one there. Choose it from the other list.',
            self::text($page, '.fault'),
        );
    }

    public function testABadWristIsToldAndKept(): void
    {
        $page = $this->browser->request(
            'POST',
            '/pieces',
            ['girth' => '"><i>', 'construction' => 'stretch', 'unit' => 'cm'],
        );

        self::assertResponseStatusCodeSame(422);
        self::assertSame('"><i>', $page->filter('#new-girth')->attr('value'));
        self::assertStringContainsString('I don’t know this', self::text($page, '#new-girth-fault'));
        $this->browser->request('POST', '/pieces', ['girth' => '16', 'construction' => 'origami', 'unit' => 'cm']);
        self::assertResponseStatusCodeSame(422);
        $this->browser->request('POST', '/pieces', ['girth' => ['16'], 'construction' => ['stretch']]);
        self::assertResponseStatusCodeSame(422);
    }

    public function testListsEachPieceWithItsNextStep(): void
    {
        $this->lay(['name' => 'Fine']);
        $this->lay(['name' => 'Too short', 'closure.tail' => '12 mm']);
        $this->lay(['name' => 'Slips', 'closure.knots' => 1]);
        $page = $this->browser->request('GET', '/');

        self::assertSame(['Slips', 'Too short', 'Fine'], $page->filter('.piece-name')->extract(['_text']));
        self::assertSame(
            ['Has a warning', 'Needs your decision', 'Ready to cut'],
            $page->filter('.next')->extract(['_text']),
        );
        self::assertCount(3, $page->filter('.small-drawing'));
    }

    public function testPiecesAreFoundByAnyWord(): void
    {
        $this->lay(['name' => 'Harbour rail, for Ottoline', 'beads.größe-rot' => ['diameter' => '6 mm']]);
        $this->lay(
            [
                'name' => 'Pond 100 %',
                'cords' => [
                    'core' => ['fibre' => 'leather', 'thickness' => '1 mm'],
                    'working' => ['fibre' => 'leather', 'thickness' => '1 mm'],
                ],
            ],
        );
        $this->layBare('stretch', ['name' => 'Rowan']);
        $names = function (string $query): array {
            $page = $this->browser->request('GET', '/?'.$query);
            self::assertResponseIsSuccessful($query);

            return $page->filter('.piece-name')->extract(['_text']);
        };

        self::assertSame(['Harbour rail, for Ottoline'], $names('q=ottoline'));
        self::assertSame(['Harbour rail, for Ottoline'], $names('q='.urlencode('größe')), 'a bead');
        self::assertSame(['Pond 100 %'], $names('q=leather'), 'a fibre');
        self::assertSame(['Pond 100 %'], $names('q='.urlencode('100 %')), 'what searching itself uses');
        self::assertSame(['Rowan'], $names('q=elastic'), 'how it is made, as the page calls it');
        self::assertSame(['Rowan'], $names('kind=stretch'));
        self::assertSame([], $names('kind=stretch&q=ottoline'));
        self::assertSame(['Harbour rail, for Ottoline', 'Pond 100 %', 'Rowan'], $names('sort=name'));
        self::assertSame(
            ['Rowan', 'Pond 100 %', 'Harbour rail, for Ottoline'],
            $names('sort=x&page=-1&kind=%00&archive[]=1'),
        );
        self::assertSame([], $names('q='.urlencode('"\\')));
        self::assertSame([], $names('page=9'));
    }

    /**
     * Whom a piece is for is a word like any other, a way to group, and comes along with her measures.
     */
    public function testPiecesAreGroupedByWhomTheyAreFor(): void
    {
        $this->lay(['name' => 'For the stall']);
        $this->lay(['name' => 'Second', 'for' => 'Ottoline']);
        $this->lay(['name' => 'First', 'for' => 'ottoline ']);
        $this->lay(['name' => 'Boy', 'for' => 'Ivo']);
        $page = $this->browser->request('GET', '/?sort=whom');
        self::assertSame(
            ['Ivo', 'ottoline', 'Not for anyone yet'],
            $page->filter('.piece-group h2')->extract(['_text']),
        );
        self::assertSame(
            ['Boy', 'First', 'Second', 'For the stall'],
            $page->filter('.piece-name')->extract(['_text']),
        );
        $page = $this->browser->request('GET', '/?q=ottoline');
        self::assertCount(2, $page->filter('.piece-row'));

        $this->browser->request(
            'POST',
            '/people',
            ['name' => 'Bram', 'measured' => 'snug', 'unit' => 'cm', 'wrist' => '18'],
        );
        $people = $this->browser->request('GET', '/people');
        self::assertSame('Pieces for Bram', $people->filter('.person a:last-of-type')->text());
        $id = (int) preg_replace('/\D/', '', (string) $people->filter('.person')->attr('id'));
        $this->browser->request('POST', '/pieces', ['person' => (string) $id, 'construction' => 'square-knot-band']);
        self::assertSame('Bram', $this->browser->followRedirect()->filter('#for')->attr('value'));
    }

    /**
     * An edit changes how a piece stands, and the Table finds it so with the next look.
     */
    public function testPiecesAreFoundByHowTheyStand(): void
    {
        $this->lay(['name' => 'Sound', 'tension' => 'even', 'wearer' => ['girth' => '160 mm', 'hand' => '195 mm']]);
        $tight = $this->lay(
            ['name' => 'Tight', 'tension' => 'even', 'wearer' => ['girth' => '160 mm', 'hand' => '195 mm']],
        );
        $found = fn (string $stands): array => $this->browser->request('GET', '/?stands='.$stands)
            ->filter('.piece-name')->extract(['_text']);
        self::assertEqualsCanonicalizing(['Sound', 'Tight'], $found('cut'));
        self::assertSame([], $found('stop'));
        $this->edit($tight, ['closure.tail' => '20 mm']);
        self::assertSame(['Tight'], $found('stop'));
        self::assertSame(['Sound'], $found('cut'));
        $this->edit($tight, ['wearer.girth' => 'about so']);
        self::assertSame(['Tight'], $found('draft'));
        self::assertCount(2, $this->browser->request('GET', '/?stands=none-such')->filter('.piece-row'));
    }

    public function testAFullTableComesByPages(): void
    {
        for ($i = 0; $i < 30; ++$i) {
            $this->lay(['name' => 'Piece '.$i]);
        }
        $first = $this->browser->request('GET', '/');
        $second = $this->browser->click($first->filter('[rel=next]')->link());
        self::assertCount(24, $first->filter('.piece-row'));
        self::assertCount(6, $second->filter('.piece-row'));
        self::assertSame('Piece 0', $second->filter('.piece-name')->last()->text());
        self::assertStringContainsString('30 pieces', self::text($second, '#found [role=status]'));
        self::assertCount(0, $second->filter('[rel=next]'));
        self::assertLessThan(150_000, \strlen((string) $this->browser->getResponse()->getContent()));
    }

    public function testADrawingIsAFileThatBrowsersKeep(): void
    {
        $piece = $this->lay();
        $page = $this->browser->request('GET', '/');
        $address = (string) $page->filter('.small-drawing')->attr('src');
        $this->browser->request('GET', $address);
        $response = $this->browser->getResponse();
        self::assertResponseIsSuccessful();
        self::assertSame('image/svg+xml', $response->headers->get('Content-Type'));
        self::assertStringContainsString('immutable', (string) $response->headers->get('Cache-Control'));
        self::assertStringNotContainsString('script-src', (string) $response->headers->get('Content-Security-Policy'));
        $svg = new \DOMDocument();
        self::assertTrue($svg->loadXML((string) $response->getContent()));
        self::assertStringContainsString(
            '.cord-body',
            (string) $svg->getElementsByTagName('style')->item(0)?->textContent,
        );
        $this->edit($piece, ['wearer.girth' => '18']);
        $changed = $this->browser->request('GET', '/')->filter('.small-drawing')->attr('src');
        self::assertNotSame($address, $changed, 'another state is another drawing');

        $new = $this->browser->request('GET', '/new');
        self::assertLessThan(150_000, \strlen((string) $this->browser->getResponse()->getContent()));
        $sources = $new->filter('.sample-drawing')->each(
            static fn (Crawler $image): string => (string) $image->attr('src'),
        );
        self::assertGreaterThan(30, \count($sources));
        foreach ($sources as $source) {
            self::assertIsString($source);
            $this->browser->request('GET', $source);
            self::assertResponseIsSuccessful($source);
        }
        foreach (['/pieces/9999/small.svg', '/new/around/nothing.svg', '/new/design/nothing.svg'] as $missing) {
            $this->browser->request('GET', $missing);
            self::assertResponseStatusCodeSame(404);
        }
    }

    public function testNamesAreNumberedByThemselves(): void
    {
        $piece = $this->lay(['name' => 'Harbour rail, for Ottoline']);
        foreach (['Harbour rail 2, for Ottoline', 'Harbour rail 3, for Ottoline'] as $name) {
            $this->browser->request('POST', '/pieces/'.$piece->id().'/duplicate');
            self::assertSame($name, $this->browser->followRedirect()->filter('#name')->attr('value'));
        }
        foreach (['Flat band', 'Flat band 2'] as $i => $name) {
            $this->browser->request('POST', '/pieces', ['girth' => '16', 'construction' => 'square-knot-band']);
            $called = (string) $this->browser->followRedirect()->filter('#name')->attr('value');
            self::assertSame(1 === $i, str_ends_with($called, ' 2'), $name);
        }
    }

    public function testArchivedPiecesAreFoundAgain(): void
    {
        $piece = $this->lay(['name' => 'Old']);
        $this->browser->request('POST', '/pieces/'.$piece->id().'/archive');
        $page = $this->browser->request('GET', '/?archive=1');

        self::assertSame('Old', self::text($page, '.piece-name'));
        $this->browser->submit($page->filter('form[action$=restore]')->form());
        self::assertSame('Old', self::text($this->browser->followRedirect(), '.piece-name'));
    }

    public function testWhatIsDeletedForGoodCanBeHadBackForAWhile(): void
    {
        $pieces = self::getContainer()->get(Pieces::class);
        self::assertInstanceOf(Pieces::class, $pieces);
        [$kept, $gone] = [$this->lay(['name' => 'Kept']), $this->lay(['name' => 'Gone'])];
        foreach ([$kept, $gone] as $piece) {
            $this->edit($piece, ['wearer.girth' => '17']);
            $this->browser->request('POST', '/pieces/'.$piece->id().'/archive');
            $page = $this->browser->request('GET', '/?archive=1');
            $this->browser->submit($page->filter('#discard-'.$piece->id())->form());
        }
        $page = $this->browser->followRedirect();
        self::assertCount(2, $page->filter('.next-stop'));
        self::assertCount(0, $page->filter('button[form^=discard]'));
        $this->browser->submit($page->filter('#restore-'.$kept->id())->form());
        self::assertSame(0, $pieces->purge(), 'not yet');
        $manager = self::getContainer()->get(EntityManagerInterface::class);
        self::assertInstanceOf(EntityManagerInterface::class, $manager);
        $manager->getConnection()->executeStatement(
            'UPDATE piece SET discarded_at = ? WHERE discarded_at IS NOT NULL',
            ['2026-01-01 00:00:00'],
        );
        $manager->clear();
        self::assertSame(1, $pieces->purge());
        self::assertNull($pieces->find($gone->id()));
        self::assertNotNull($pieces->find($kept->id()));
        self::assertSame(
            0,
            $manager->getConnection()->fetchOne('SELECT COUNT(*) FROM piece_state WHERE piece_id = ?', [$gone->id()]),
        );
    }

    /**
     * A name, a stone, a tray: each with a girth is a piece.
     *
     * @param array<string, string> $typed
     */
    #[DataProvider('provideStarts')]
    public function testWhatIsAtHandMakesAPiece(array $typed, string $construction, string $pattern): void
    {
        $this->browser->request('POST', '/pieces', $typed + ['unit' => 'cm']);
        self::assertResponseStatusCodeSame(303);
        $page = $this->browser->followRedirect();

        self::assertStringContainsString($construction, self::text($page, '#board-sum'));
        self::assertMatchesRegularExpression($pattern, $page->filter('#pattern')->text());
        self::assertGreaterThan(0, $page->filter('[data-cut]')->count());
        self::assertCount(0, $page->filter('.check.stop'), self::text($page, '.checks'));
    }

    /**
     * @return iterable<string, array{array<string, string>, string, string}>
     */
    public static function provideStarts(): iterable
    {
        yield 'a name' => [
            ['place' => 'wrist', 'girth' => '15', 'from' => 'spell', 'spell' => 'Mirabel'],
            'Beads on elastic',
            '/^1 bead dot x fit, word "MIRABEL" of cube, mirror$/',
        ];
        yield 'a stone' => [
            ['place' => 'neck', 'girth' => '34', 'from' => 'stone', 'stone_length' => '31', 'stone_width' => '2 cm'],
            'Netted pouch',
            '/net \d+ every 12\.5 mm/',
        ];
        yield 'a tray for a wrist' => [
            ['place' => 'wrist', 'girth' => '15', 'from' => 'tray', 'tray' => '40 amber 6 mm, 40 sky 6 mm #6fa3c4'],
            'Beads on elastic',
            '/^3\d bead /',
        ];
        yield 'a tray too small' => [
            ['place' => 'neck', 'girth' => '34', 'from' => 'tray', 'tray' => "3 amber\n4 sky"],
            'Strung beads',
            '/^1 barrel 3, 7 bead /',
        ];
    }

    /**
     * What cannot be read is told beside its field, and all that was typed is kept.
     */
    public function testWhatAPieceIsToBeginWithCanBeWrong(): void
    {
        foreach ([
            ['place' => 'wrist', 'from' => 'spell', 'spell' => ' '],
            ['place' => 'neck', 'from' => 'stone', 'stone_length' => 'large', 'stone_width' => '20 mm'],
            ['place' => 'neck', 'from' => 'stone', 'stone_length' => '30 mm', 'stone_width' => '2 m'],
            ['place' => 'wrist', 'from' => 'tray', 'tray' => 'some amber'],
            ['place' => 'wrist', 'from' => 'tray', 'tray' => '0 amber, 0 sky'],
        ] as $typed) {
            $page = $this->browser->request(
                'POST',
                '/pieces',
                $typed + ['girth' => 'neck' === $typed['place'] ? '33' : '15', 'unit' => 'cm'],
            );
            self::assertResponseStatusCodeSame(422);
            self::assertCount(1, $page->filter('.new-start.faulty .fault'), (string) json_encode($typed));
            self::assertStringNotContainsString('said.', self::text($page, '.new-start.faulty .fault'));
            foreach (array_diff_key($typed, ['place' => 0, 'from' => 0, 'spell' => 0]) as $field => $value) {
                $there = $page->filter('.new-start [name='.$field.']');
                self::assertContains($value, [...$there->extract(['value']), ...$there->extract(['_text'])], $field);
            }
        }
    }

    /**
     * Every design of the shelf becomes a piece of another size, called as it is there, its beads and cords with it.
     */
    public function testEveryReadyDesignFollowsTheMeasure(): void
    {
        $page = $this->browser->request('GET', '/new');
        foreach (['around' => '17.5', 'neck' => '36'] as $group => $girth) {
            $designs = array_values(array_filter(
                $page->filter('#designs .is-'.$group.' [name=design]')->extract(['value']),
                is_string(...),
            ));
            self::assertGreaterThan(2, \count($designs));
            foreach ($designs as $design) {
                $this->browser->request('POST', '/pieces', [
                    'place' => 'neck' === $group
                        ? 'neck'
                        : 'wrist', 'girth' => $girth, 'unit' => 'cm', 'design' => $design, 'sit' => 'loose',
                ]);
                self::assertResponseStatusCodeSame(303, $design);
                $piece = $this->browser->followRedirect();
                self::assertSame($girth.' cm', $piece->filter('#wearer-girth')->attr('value'));
                self::assertSame('2.5 cm', $piece->filter('#ease')->attr('value'), 'loose is an inch over');
                self::assertStringContainsString(
                    self::text($piece, 'h1'),
                    self::text($page, '[name=design][value="'.$design.'"]'),
                );
                self::assertCount(0, $piece->filter('.check.stop'), $design.': '.self::text($piece, '.checks'));
            }
        }
    }

    /**
     * What a ready design needs is said for whom it is made, in her unit; nothing of a girth that is none.
     */
    public function testADesignSaysWhatItNeedsForAMeasure(): void
    {
        $metres = function (string $girth, string $unit = 'cm'): string {
            $page = $this->browser->request(
                'GET',
                '/new/designs',
                ['girth' => $girth, 'unit' => $unit, 'place' => 'wrist'],
            );
            self::assertResponseIsSuccessful();

            return $page->filter('.is-around .hint')->first()->text('');
        };
        self::assertMatchesRegularExpression('/Needs [\\d.]+.c?m of/u', $metres('14'));
        self::assertNotSame($metres('14'), $metres('19'));
        self::assertStringContainsString(' ft', $metres('7', 'in'));
        self::assertSame('', $metres(''));
        self::assertSame('', $metres('a lot'));
    }

    /**
     * Families stand by what was worked on last, and each construction is in one of them.
     */
    public function testWhatWasMadeLastComesFirst(): void
    {
        $this->layBare('laced-chain');
        $page = $this->browser->request('GET', '/new');
        self::assertSame('around-chain', $page->filter('#families details')->first()->attr('id'));
        self::assertSame('laced-chain', $page->filter('#quick button')->first()->attr('value'));
        $kinds = array_merge(...array_values(Family::sorted(Constructions::all()->ids(), [])));
        self::assertEqualsCanonicalizing(Constructions::all()->ids(), $kinds);
        self::assertContains('mine', array_merge(...array_values(Family::sorted(['mine', 'stretch'], ['mine']))));
    }

    /**
     * A colour is found by its hue, and by what something of it is called in stock, with what looks like it.
     */
    public function testAColourIsFoundByItsWord(): void
    {
        $this->lay(['name' => 'Meadow', 'cords.working.colour' => '#7d9a76']);
        $this->lay(['name' => 'Poppy', 'cords.working.colour' => '#c8281e']);
        $found = fn (string $word): array => $this->browser->request('GET', '/', ['q' => $word])
            ->filter('#found .piece-name')->extract(['_text']);
        self::assertSame(['Meadow'], $found('green'));
        self::assertSame(['Poppy'], $found('red'));
        self::assertSame([], $found('purple'));
        self::assertSame([], $found('sage'));
        self::getContainer()->get(StockBox::class)->keep(null, Kind::Cord, [
            'name' => 'Sage', 'fibre' => 'polyester', 'thickness' => '1 mm', 'colour' => '#7f9c78', 'spools' => ['5 m'],
        ]);
        self::assertSame(['Meadow'], $found('sage'), 'it looks like the cord of that name');
    }

    public function testTheWorkIsNarrowedByStateAndPerson(): void
    {
        $for = $this->lay(['name' => 'Hers', 'for' => 'Nel', 'pattern' => '12 square']);
        $other = $this->lay(['name' => 'Other', 'pattern' => '12 square']);
        $this->browser->request('POST', '/pieces/'.$for->id().'/board');
        $this->browser->request('POST', '/pieces/'.$other->id().'/makings');
        $shown = fn (array $query): array => $this->browser->request('GET', '/', $query)
            ->filter('#in-work li strong.font-tape')->extract(['_text']);
        self::assertEqualsCanonicalizing(['Hers', 'Other'], $shown([]));
        self::assertSame(['Hers'], $shown(['state' => 'board']));
        self::assertSame(['Hers'], $shown(['for' => 'Nel']));
        self::assertSame([], $shown(['for' => 'Nel', 'state' => 'planned']));
        self::assertSame(['Other'], $shown(['state' => 'planned']));
    }
}
