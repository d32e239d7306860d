<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Stock;

use Opis\JsonSchema\Validator;
use Rinkel\App\Stock\StockBox;
use Rinkel\App\Stock\StockMovements;
use Rinkel\Core\Stock\Kind;
use Rinkel\Tests\App\WebCase;
use Rinkel\Tests\Core\Examples;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\DomCrawler\Crawler;

final class StockControllerTest extends WebCase
{
    private const WORKING = [
        'name' => 'Inkwell', 'fibre' => 'polyester', 'thickness' => '1 mm', 'colour' => '#112233', 'spools' => '12 m',
        'offcuts' => '266 cm, 31,5 cm', 'low' => '3 m', 'place' => 'Box two',
    ];

    /**
     * What a cut sheet took while a cord's form was open does not come back by keeping that form.
     */
    public function testAFormThatWasOpenedEarlierDoesNotUndoWhatWasTaken(): void
    {
        $box = self::getContainer()->get(StockBox::class);
        $cord = ['name' => 'Quay', 'fibre' => 'hemp', 'thickness' => '1 mm', 'colour' => '#204060'];
        $id = $box->keep(null, Kind::Cord, $cord + ['offcuts' => ['90 cm', '60 cm']])->id();
        $page = $this->browser->request('GET', '/stock', ['edit' => (string) $id]);
        $form = $page->filter('form[method=post][action="/stock"]')
            ->form(['c[place]' => 'Left drawer']);
        $box = self::getContainer()->get(StockBox::class);
        $box->keep($box->find($id), Kind::Cord, $cord + ['offcuts' => ['60 cm']]);
        $page = $this->browser->submit($form);
        self::assertResponseStatusCodeSame(409);
        self::assertSelectorExists('#stock-changed[role=alert]');
        self::assertSame('Left drawer', $page->filter('#c-place')->attr('value'), 'what was typed stays');
        self::assertSame(['600 mm'], self::getContainer()->get(StockBox::class)->find($id)?->texts('offcuts'));

        // Having seen it, she keeps hers.
        $this->browser->submit($page->filter('form[method=post][action="/stock"]')->form(['c[offcuts]' => '55 cm']));
        self::assertResponseStatusCodeSame(303);
        $kept = self::getContainer()->get(StockBox::class)->find($id);
        self::assertSame(['Left drawer', ['550 mm']], [$kept?->text('place'), $kept?->texts('offcuts')]);
    }

    public function testWhatWasDeletedIsPutBack(): void
    {
        $box = self::getContainer()->get(StockBox::class);
        foreach ([
            [Kind::Glue, ['name' => 'Overnight', 'cure' => '30 h', 'bears' => ['bending']]],
            [Kind::Cord, ['fibre' => 'hemp', 'thickness' => '1 mm', 'colour' => '#204060', 'offcuts' => ['90 cm']]],
        ] as [$kind, $document]) {
            $stored = $box->keep(null, $kind, $document);
            $mark = $box->mark();
            $page = $this->browser->request('GET', '/stock', ['kind' => $kind->value]);
            $this->browser->submit($page->filter('#delete-'.$stored->id())->form());
            $page = $this->browser->followRedirect();
            $box = self::getContainer()->get(StockBox::class);
            self::assertNull($box->withUid($stored->uid()));
            self::assertStringStartsWith('Deleted.', $page->filter('.notice p')->text());
            $this->browser->submit($page->filter('.notice form')->form());
            self::assertSame($mark, self::getContainer()->get(StockBox::class)->mark());
            self::assertCount(
                0,
                $this->browser->request('GET', '/bin')->filter('.sample'),
                'it is back, and not twice',
            );
        }
    }

    public function testACordIsKeptChangedAndTold(): void
    {
        $page = $this->keep(self::WORKING);
        self::assertStringContainsString('Inkwell', $page->filter('#items')->text());
        self::assertStringContainsString('an offcut of 31.5 cm', $page->filter('#items')->text());
        self::assertCount(0, $page->filter('.low'));
        $page = $this->browser->click($page->filter('#items')->selectLink('Edit')->link());
        self::assertSame('2.66 m, 31.5 cm', $page->filter('#c-offcuts')->attr('value'));
        $form = $page->selectButton('Save')->form();
        $form['c[spools]'] = '';
        $form['c[offcuts]'] = '40 cm';
        $this->browser->submit($form);
        $page = $this->browser->followRedirect();
        self::assertCount(1, $page->filter('#items li'));
        self::assertCount(1, $page->filter('#items .low'), 'less than three metres are low');

        $this->browser->request('GET', '/stock/stock.json');
        $json = $this->browser->getInternalResponse()->getContent();
        $schema = (string) file_get_contents(\dirname(__DIR__, 4).'/docs/stock.schema.json');
        $result = (new Validator())->validate(json_decode($json), $schema);
        self::assertTrue($result->isValid(), (string) $result);
        $this->browser->submit($page->filter('#items')->selectButton('Delete')->form());
        self::assertCount(0, $this->browser->followRedirect()->filter('#items li'));
    }

    public function testWhatCannotBeIsSaidBesideItsField(): void
    {
        foreach ([
            'spools' => '9999 m', 'offcuts' => '12 parsec', 'thickness' => 'thin', 'low' => 'little',
            'width' => '0.5 mm', 'price' => 'dear',
        ] as $field => $text) {
            $this->browser->request('POST', '/stock', ['c' => [$field => $text] + self::WORKING]);
            self::assertResponseStatusCodeSame(422, $field);
            $page = $this->browser->getCrawler();
            self::assertCount(1, $page->filter('#c-'.$field.'-fault'), $field);
            self::assertSame($text, $page->filter('#c-'.$field)->attr('value'), 'what was typed stays');
        }
        self::assertSame([], self::getContainer()->get(StockBox::class)->all(), 'nothing was kept');
        // What is no form at all is a cord with nothing said of it, as an empty form is.
        foreach ([[], ['c' => 'x'], ['c' => ['fibre' => ['y']]]] as $sent) {
            $this->browser->request('POST', '/stock', $sent);
            self::assertResponseStatusCodeSame([] === $sent ? 303 : 409, 'the same again is asked about');
        }
        $this->browser->submit($this->browser->getCrawler()->filter('#twin button')->form());
        self::assertResponseStatusCodeSame(303);
        self::assertCount(2, self::getContainer()->get(StockBox::class)->all());
    }

    /**
     * Beads are counted by weight in the form; what was typed beside it stays, and nothing is kept before it is said.
     */
    public function testBeadsAreCountedByWeight(): void
    {
        $sent = [
            'kind' => 'bead',
            'weigh' => '1',
            'c' => ['name' => 'Dew', 'diameter' => '6 mm', 'colour' => '#334455'],
        ];
        $this->browser->request(
            'POST',
            '/stock',
            $sent + ['w' => ['counted' => '20', 'some' => '2,5 g', 'all' => '41.3']],
        );
        $page = $this->browser->getCrawler();
        self::assertResponseIsSuccessful();
        self::assertSame('330', $page->filter('#c-count')->attr('value'), '20 weigh 2.5 g, all 41.3 g');
        self::assertSame('Dew', $page->filter('#c-name')->attr('value'));
        self::assertStringContainsString(', 19 times in 20)', $page->filter('#weighed')->text());
        foreach ([['0', '2', '3'], ['5', '', '3'], ['5', '9', '3'], ['x', 'y', 'z']] as $typed) {
            $this->browser->request(
                'POST',
                '/stock',
                $sent + ['w' => array_combine(['counted', 'some', 'all'], $typed)],
            );
            self::assertResponseStatusCodeSame(422);
            self::assertCount(1, $this->browser->getCrawler()->filter('#weigh-fault'));
            self::assertSame($typed[2], $this->browser->getCrawler()->filter('#w-all')->attr('value'));
        }
        self::assertSame([], self::getContainer()->get(StockBox::class)->all());
    }

    public function testEachKindIsKeptAndToldWrong(): void
    {
        foreach ([
            'bead' => [
                ['shape' => 'cube', 'diameter' => '4 mm', 'count' => '12', 'low' => '20'],
                ['hole' => '9 mm', 'count' => '-1', 'letters' => '1"2', 'colour' => 'red', 'price' => '3 for ever'],
            ],
            'finding' => [
                ['kind' => 'magnet', 'inside' => '8 mm', 'count' => '2', 'nickel' => 'yes'],
                ['width' => 'wide', 'low' => 'few'],
            ],
            'glue' => [
                ['cure' => '12 h', 'bears' => ['water', 'knocks'], 'instant' => 'yes'],
                ['cure' => 'a while', 'bears' => ['rain'], 'count' => '1.5'],
            ],
        ] as $kind => [$good, $bad]) {
            $this->browser->request('POST', '/stock', ['kind' => $kind, 'c' => ['name' => 'A '.$kind] + $good]);
            self::assertResponseStatusCodeSame(303, $kind);
            $page = $this->browser->followRedirect();
            self::assertStringContainsString('A '.$kind, $page->filter('#items')->text());
            $page = $this->browser->click($page->filter('#items')->selectLink('Edit')->link());
            foreach ($bad as $field => $text) {
                $form = $page->filter('form[novalidate]')->form()->getPhpValues();
                self::assertIsArray($form['c']);
                $form['c'] = [$field => $text] + $form['c'];
                $this->browser->request('POST', '/stock', $form);
                self::assertResponseStatusCodeSame(422, $kind.' '.$field);
                self::assertGreaterThan(0, $this->browser->getCrawler()->filter('.fault')->count(), $kind.' '.$field);
            }
        }
        self::assertCount(3, self::getContainer()->get(StockBox::class)->all());
        self::assertStringContainsString(
            'Running low',
            $this->browser->request('GET', '/cut/buy')->filter('main')->text(),
        );
    }

    /**
     * The whole box is drawn at once: drums and offcuts, compartments, findings; a word or a hue leaves what is meant.
     */
    public function testTheBoxIsDrawn(): void
    {
        foreach ([
            [
                'cord',
                [
                    'name' => 'Moor', 'fibre' => 'polyester', 'thickness' => '1 mm', 'colour' => '#2f7d4f',
                    'spools' => '4 m', 'offcuts' => '30 cm',
                ],
            ],
            [
                'bead',
                [
                    'name' => 'Kiln', 'shape' => 'round', 'diameter' => '6 mm', 'colour' => '#c8281e',
                    'material' => 'glass', 'count' => '7',
                ],
            ],
            ['finding', ['name' => 'Hoop', 'kind' => 'ring']],
        ] as [$kind, $typed]) {
            $this->browser->request('POST', '/stock', ['kind' => $kind, 'c' => $typed]);
            self::assertResponseStatusCodeSame(303, $kind);
        }
        $page = $this->browser->request('GET', '/stock');
        self::assertCount(1, $page->filter('#found svg.stock-cord .drum-cord'));
        self::assertCount(1, $page->filter('#found svg.stock-cord .cord-lying'));
        self::assertCount(7, $page->filter('#found svg.stock-beads use'));
        self::assertCount(1, $page->filter('#found svg.stock-finding .wire'));
        self::assertCount(0, $page->filter('form[novalidate]'), 'nothing is asked at first sight');
        $names = fn (string $words): array => $this->browser->request('GET', '/stock', ['q' => $words])
            ->filter('#found li strong.font-tape:first-child')->extract(['_text']);
        self::assertSame(['Kiln'], $names('red'));
        self::assertSame(['Moor'], $names('green'));
        self::assertSame(['Hoop'], $names('hoo'));
        self::assertSame(
            [],
            $names('There’s no page here. If you’re looking for a piece, it may be archived: check Archived pieces.'),
        );
        $card = $this->browser->click($page->filter('#found a[href*="edit="]')->last()->link());
        self::assertSame('Hoop', $card->filter('#c-name')->attr('value'));
    }

    public function testACutSheetTakesFromOffcutsFirstAndIsUndone(): void
    {
        $piece = $this->lay();
        $this->keep(self::WORKING);
        $page = $this->browser->request('GET', '/cut', ['p' => [(string) $piece->id()]]);
        self::assertStringContainsString('From the offcut of 266 cm', $page->text());
        self::assertStringContainsString('No layout uses less new cord.', $page->text());
        self::assertStringContainsString('You have none of this cord in stock: buy', $page->text(), 'the core');
        self::assertGreaterThan(0, $page->filter('svg.stock-bar')->count());
        self::assertStringContainsString('working cord', $page->filter('.cut-list')->text());
        $before = $this->lengths();

        $this->browser->submit($page->filter('#take')->form());
        $page = $this->browser->followRedirect();
        self::assertStringContainsString(self::says('makings.taken'), $page->filter('#taking')->text());
        self::assertStringContainsString('from stock', $page->filter('.then')->text(), 'each cord is told');
        self::assertNotSame($before, $this->lengths());
        self::assertNotContains('2660 mm', $this->lengths());
        $this->browser->submit($page->filter('#taking form')->form());
        self::assertSame($before, $this->lengths(), 'as it was');
        self::assertCount(0, $this->browser->followRedirect()->filter('#taking'));
    }

    /**
     * A bolder cut says what it saves: 0.85 a metre, exact to the cent.
     */
    public function testABolderCutSaysWhatItSaves(): void
    {
        $piece = $this->lay();
        $risks = fn (): Crawler => $this->browser->request('GET', '/pieces/'.$piece->id().'?stage=cut')
            ->filter('[data-cut=working] .risks button');
        self::assertStringNotContainsString('saves', $risks()->text());
        $this->keep(['price' => '0,85'] + self::WORKING);
        $told = array_map(
            static fn (\DOMNode $button): string => trim((string) preg_replace('/\s+/u', ' ', $button->textContent)),
            iterator_to_array($risks(), false),
        );
        preg_match('/^(\d+) cm .* saves €(\d+\.\d\d)$/', $told[0] ?? '', $bold);
        preg_match('/^(\d+) cm /', $told[2] ?? '', $usual);
        self::assertSame(
            \sprintf('%.2F', round(0.85 * ((int) ($usual[1] ?? 0) - (int) ($bold[1] ?? 0)) / 100, 2)),
            $bold[2] ?? implode(' | ', $told),
        );
        self::assertStringNotContainsString('saves', $told[2] ?? 'saves', 'the chosen one saves nothing');
    }

    /**
     * Two tabs show the same sheet; the second is told that the offcut is gone, and takes nothing.
     */
    public function testTheSecondOfTwoTabsIsTold(): void
    {
        $piece = $this->lay();
        $this->keep(self::WORKING);
        $first = $this->browser->request('GET', '/cut', ['p' => [(string) $piece->id()]])->filter('#take')->form();
        $second = $this->browser->request('GET', '/cut', ['p' => [(string) $piece->id()]])->filter('#take')->form();
        $this->browser->submit($first);
        self::assertResponseStatusCodeSame(303);
        $after = $this->lengths();
        $page = $this->browser->submit($second);
        self::assertResponseStatusCodeSame(409);
        self::assertStringContainsString(self::says('cutting.late'), $page->filter('#late')->text());
        self::assertSame($after, $this->lengths());

        // What was changed by hand since stays when it is taken back; what was taken comes back beside it.
        $taking = self::getContainer()->get(StockMovements::class)->lastTaking() ?? self::fail('Nothing was taken.');
        $this->keep(['offcuts' => '1 m'] + self::WORKING, self::getContainer()->get(StockBox::class)->all()[0]->id());
        $this->browser->request('POST', '/stock/undo/'.$taking->id());
        self::assertContains('1000 mm', $this->lengths());
        self::assertContains('2660 mm', $this->lengths());
        $this->browser->request('POST', '/stock/undo/'.$taking->id());
        self::assertResponseRedirects('/stock/takings?late='.$taking->id());
        self::assertCount(1, $this->browser->followRedirect()->filter('.sample span.hint'), 'it is taken back already');
    }

    /**
     * What is left when a piece is finished comes back as an offcut of its kind; short rests are waste.
     */
    /**
     * What was cut from stands there in her unit, and says the same when it is kept again; yards are read.
     */
    public function testLengthsAreShownAsTheirMakerWritesThem(): void
    {
        self::getContainer()->get(StockBox::class)->keep(null, Kind::Cord, [
            'fibre' => 'hemp', 'thickness' => '1 mm', 'colour' => '#aabbcc', 'spools' => ['48234.5 mm', '?', '20 yd'],
            'offcuts' => ['2660 mm', '155 mm'],
        ]);
        $id = self::getContainer()->get(StockBox::class)->all()[0]->id();
        $page = $this->browser->request('GET', '/stock?edit='.$id);
        self::assertSame('48.2345 m, ?, 18.288 m', $page->filter('#c-spools')->attr('value'));
        self::assertSame('2.66 m, 15.5 cm', $page->filter('#c-offcuts')->attr('value'));
        $this->browser->submit($page->filter('form[action$="/stock"][method=post]')->form());
        self::assertResponseStatusCodeSame(303);
        self::assertEqualsWithDelta(
            48234.5,
            self::getContainer()->get(StockBox::class)->rows(Kind::Cord)[0]->cord()?->supplies[2]->length?->millimetres,
            1e-9,
        );
    }

    public function testLeftoversComeBackAsOffcuts(): void
    {
        $piece = $this->lay();
        $this->keep(self::WORKING);
        $this->browser->request('POST', '/pieces/'.$piece->id().'/finish', [
            'l' => ['left.working' => '44 cm', 'left.core' => '25 cm', 'stock' => '1'],
        ]);
        self::assertResponseStatusCodeSame(422, 'so much was left that it is asked about');
        $this->browser->request('POST', '/pieces/'.$piece->id().'/finish', ['l' => [
            'left.working' => '28 cm + 16 cm', 'left.core' => '9 cm; 8 cm', 'stock' => '1', 'sure' => '1',
        ]]);
        self::assertResponseStatusCodeSame(303);
        self::assertContains('280 mm', $this->lengths(), 'each end is an offcut by itself');
        self::assertContains('160 mm', $this->lengths());
        self::assertCount(1, self::getContainer()->get(StockBox::class)->all(), 'nine centimetres of core are waste');
        $this->browser->request('POST', '/pieces/'.$piece->id().'/finish', [
            'l' => ['left.core' => '21 cm', 'stock' => '1', 'sure' => '1'],
        ]);
        self::assertCount(2, self::getContainer()->get(StockBox::class)->all(), 'a kind of its own');
        $this->browser->request('POST', '/pieces/'.$piece->id().'/finish', ['l' => ['left.working' => '33 cm']]);
        self::assertNotContains('330 mm', $this->lengths(), 'only where it is wished');
    }

    public function testAnySheetOfAnyPiecesIsShown(): void
    {
        $ids = array_map(static fn ($piece): string => (string) $piece->id(), [
            $this->lay(), $this->layBare('multi-row'), $this->layBare('rope-knot'), $this->layBare('stretch'),
        ]);
        $this->keep(self::WORKING);
        $page = $this->browser->request('GET', '/cut', ['p' => [...$ids, 'x', '99999999']]);
        self::assertResponseIsSuccessful();
        self::assertGreaterThan(4, $page->filter('.cut-sheet')->count());
        $this->browser->request('GET', '/cut', ['p' => 'x']);
        self::assertResponseIsSuccessful();
    }

    public function testTheCommandPrintsBySchema(): void
    {
        $stock = \dirname(__DIR__, 4).'/demo/stock.json';
        $pieces = glob(\dirname(__DIR__, 4).'/demo/pieces/{harbour-rail,tassel,plumb}.json', \GLOB_BRACE) ?: [];
        $tester = new CommandTester((new Application(self::bootKernel()))->find('rinkel:cut'));
        self::assertSame(0, $tester->execute(['files' => $pieces, '--stock' => $stock]));
        $schema = (string) file_get_contents(\dirname(__DIR__, 4).'/docs/cutting.schema.json');
        $result = (new Validator())->validate(json_decode($tester->getDisplay()), $schema);
        self::assertTrue($result->isValid(), (string) $result);
        $schema = (string) file_get_contents(\dirname(__DIR__, 4).'/docs/stock.schema.json');
        $result = (new Validator())->validate(json_decode((string) file_get_contents($stock)), $schema);
        self::assertTrue($result->isValid(), (string) $result);

        $file = (string) tempnam(sys_get_temp_dir(), 'stock');
        file_put_contents($file, json_encode(['format' => 'rinkel-stock', 'cords' => [['spools' => ['12 parsec']]]]));
        self::assertSame(1, $tester->execute(['files' => $pieces, '--stock' => $file]));
        self::assertStringContainsString('spools.0: ', $tester->getDisplay());
        file_put_contents($file, '{}');
        self::assertSame(1, $tester->execute(['files' => $pieces, '--stock' => $file]));
        file_put_contents($file, json_encode(Examples::document(['pattern' => '1 nothing'])));
        self::assertSame(1, $tester->execute(['files' => [$file]]));
        unlink($file);
    }

    /**
     * @param array<string, string> $typed
     */
    private function keep(array $typed, ?int $id = null): Crawler
    {
        $this->browser->request('POST', '/stock', ['c' => $typed] + (null === $id ? [] : [
            'id' => (string) $id,
            'was' => self::getContainer()->get(StockBox::class)->find($id)?->mark() ?? '',
        ]));
        self::assertResponseStatusCodeSame(303);

        return $this->browser->followRedirect();
    }

    /**
     * @return list<string>
     */
    private function lengths(): array
    {
        $stored = self::getContainer()->get(StockBox::class)->all()[0];

        return [...$stored->texts('spools'), ...$stored->texts('offcuts')];
    }
}
