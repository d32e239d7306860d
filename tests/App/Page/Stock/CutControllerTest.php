<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Stock;

use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Stock\StockBox;
use Rinkel\Core\Stock\Kind;
use Rinkel\Tests\App\WebCase;
use Symfony\Component\DomCrawler\Crawler;

final class CutControllerTest extends WebCase
{
    public function testATickStaysAndGoesWithTheSheet(): void
    {
        $piece = $this->beaded();
        $this->put(['offcuts' => ['2800 mm', '400 mm', '390 mm'], 'spools' => ['9 m']]);
        $page = $this->sheet($piece);
        $cuts = array_values(array_filter($page->filter('input[name=cut]')->extract(['value']), is_string(...)));
        self::assertGreaterThan(1, \count($cuts));
        $this->browser->request('POST', '/cut/tick', ['cut' => $cuts[0], 'made' => 'on']);
        self::assertResponseStatusCodeSame(204);
        self::assertSame(['tick-'.$cuts[0]], $this->sheet($piece)->filter('.cut-list input[checked]')->extract(['id']));
        $this->browser->request('POST', '/cut/tick', ['cut' => $cuts[0]]);
        self::assertCount(0, $this->sheet($piece)->filter('.cut-list input[checked]'), 'unticked');
        $this->browser->request('POST', '/cut/tick', ['cut' => $cuts[0], 'made' => 'on']);
        foreach ([[], ['cut' => 'x'], ['cut' => ['y']]] as $sent) {
            $this->browser->request('POST', '/cut/tick', $sent);
            self::assertResponseStatusCodeSame(422);
        }
        $this->browser->submit($this->sheet($piece)->filter('#take')->form());
        $this->browser->submit($this->browser->followRedirect()->filter('#taking form')->form());
        self::assertCount(0, $this->sheet($piece)->filter('.cut-list input[checked]'), 'nothing of it is cut');
    }

    /**
     * Three of a kind take three times as much, each by its own name; beads are taken with the sheet.
     */
    public function testManyOfAKindAndTheirBeads(): void
    {
        $piece = $this->beaded();
        $this->put(['spools' => ['40 m']]);
        $bead = $this->putBeads(20);
        $one = $this->sheet($piece)->filter('.cut-list li')->count();
        $page = $this->sheet($piece, 3);
        self::assertCount(3 * $one, $page->filter('.cut-list li'));
        self::assertStringContainsString('Beaded (3) · working', $page->filter('.cut-list')->text());
        self::assertStringContainsString('15 × round 6 mm, glass', $page->filter('#need-list')->text());
        self::assertCount(0, $page->filter('#need-list .fault'));
        self::assertStringContainsString(
            '10 short',
            $this->sheet($piece, 6)->filter('#need-list')->text(),
        );
        $this->browser->submit($page->filter('#take')->form());
        self::assertSame(5, $this->box()->find($bead)?->document()['count']);
        self::assertStringContainsString('Beaded × 3', $this->browser->followRedirect()->filter('#taking')->text());
    }

    public function testWhatIsMissingIsBoughtAndPutIn(): void
    {
        $piece = $this->beaded();
        $this->put(['offcuts' => ['400 mm'], 'price' => '12 for 50 m', 'supplier' => 'Rope yard']);
        $this->putBeads(2, ['price' => '4,20 for 100', 'supplier' => 'Bead yard']);
        $query = ['p' => [(string) $piece->id()]];
        $page = $this->browser->request('GET', '/cut/buy', $query);
        self::assertSame(['Bead yard', 'Rope yard'], $page->filter('#bought h2')->extract(['_text']));
        self::assertStringContainsString('3 ×', $page->filter('#bought section')->text());
        self::assertStringContainsString('1 × 100', $page->filter('#bought section')->text(), 'they are sold so');
        self::assertStringContainsString('97 left over', $page->filter('#bought section')->text());
        self::assertStringContainsString('€4.20', $page->filter('#bought section')->text());
        self::assertStringContainsString('for Beaded', $page->filter('#bought section')->text());
        $this->browser->request('GET', '/cut/buy.csv', $query);
        $lines = explode("\r\n", trim($this->browser->getInternalResponse()->getContent()));
        self::assertSame('3', str_getcsv($lines[1], escape: '')[4]);
        self::assertSame('4.20', str_getcsv($lines[1], escape: '')[8]);

        $form = $page->filter('#bought')->form();
        $sent = $form->getPhpValues();
        $sent['got'] = $page->filter('#bought input[type=checkbox]')->extract(['value']);
        // A list that was made for another stock puts nothing in; the one that comes back does.
        $this->box()->keep(null, Kind::Glue, ['name' => 'Brought meanwhile', 'cure' => '1 h']);
        $page = $this->browser->request('POST', '/cut/bought', $sent);
        self::assertResponseStatusCodeSame(409);
        self::assertCount(1, $page->filter('#buy-late'));
        self::assertSame(2, $this->box()->rows(Kind::Bead)[0]->stored->document()['count']);
        $sent['mark'] = $page->filter('#bought [name=mark]')->attr('value');
        $this->browser->request('POST', '/cut/bought', $sent);
        self::assertCount(1, $this->browser->followRedirect()->filter('#all-there'), 'all of it is there now');
        $page = $this->browser->request('GET', '/stock');
        self::assertStringContainsString('Bought for Beaded', $page->filter('#taking')->text());
        self::assertSame(102, $this->box()->rows(Kind::Bead)[0]->stored->document()['count'], 'a whole pack came');
        $this->browser->submit($page->filter('#taking form')->form());
        self::assertSame(2, $this->box()->rows(Kind::Bead)[0]->stored->document()['count']);
        $this->browser->request('POST', '/cut/bought', ['p' => 'x', 'got' => 'y']);
        self::assertResponseStatusCodeSame(303);
    }

    /**
     * What is glued has to bear something: glues in the box that do are named with their cure, others are not.
     */
    public function testGluesThatBearItAreNamed(): void
    {
        $piece = $this->lay(
            ['cords' => array_fill_keys(['core', 'working', 'slider'], ['fibre' => 'leather', 'thickness' => '1 mm'])],
        );
        $page = $this->sheet($piece);
        self::assertStringContainsString(self::says('cutting.no-glue'), $page->filter('#glue-list')->text());
        $this->box()->keep(null, Kind::Glue, ['name' => 'Brittle', 'cure' => '5 min', 'bears' => ['water']]);
        $this->box()->keep(null, Kind::Glue, ['name' => 'Supple', 'cure' => '12 h', 'bears' => ['bending']]);
        $list = $this->sheet($piece)->filter('#glue-list')->text();
        self::assertStringContainsString('Supple Dries in 12 h', $list);
        self::assertStringNotContainsString('Brittle', $list);
        self::assertCount(
            0,
            $this->sheet($this->beaded())->filter('#glue-list'),
            'nothing is glued on cord that melts',
        );
    }

    /**
     * Against a sum done by hand, in cents: cord by the metre, beads by the piece, time by the hour, times the factor.
     */
    public function testThePriceAddsUp(): void
    {
        $piece = $this->beaded();
        $query = ['p' => [(string) $piece->id()], 'n' => [(string) $piece->id() => '4']];
        $page = $this->browser->request('GET', '/cut/price', $query);
        self::assertStringContainsString('no price', $page->filter('#unpriced')->text());
        $this->put(['offcuts' => ['400 mm', '390 mm'], 'price' => '0.85']);
        $this->putBeads(2, ['price' => '0.333']);
        $this->browser->request('POST', '/settings', ['rate' => '18.50', 'factor' => '2.2']);
        $page = $this->browser->request('GET', '/cut/price', $query);
        self::assertCount(0, $page->filter('#unpriced'));
        $cells = [];
        foreach ($page->filter('#cost tbody tr') as $row) {
            $cells[] = array_map(
                static fn (\DOMNode $cell): string => trim($cell->textContent),
                iterator_to_array((new Crawler($row))->filter('td, th'), false),
            );
        }
        $cents = static fn (string $money): int => (int) round(
            100 * (float) ltrim(str_replace(',', '', $money), '€'),
        );
        $metres = array_sum(array_map(static fn (string $text): float => str_ends_with($text, ' m')
            ? (float) $text
            : (float) $text / 100, array_column(\array_slice($cells, 0, -5), 0)));
        self::assertEqualsWithDelta(85 * $metres, $cents($cells[0][2]), 1, 'cord');
        self::assertSame((int) round(20 * 33.3), $cents($cells[1][2]), 'twenty beads');
        [$materials, $time, $sum, $total] = array_map($cents, array_column(\array_slice($cells, -4), 2));
        self::assertSame($cents($cells[0][2]) + $cents($cells[1][2]), $materials);
        self::assertSame((int) round(1850 * (int) $cells[3][0] / 60), $time);
        self::assertSame($materials + $time, $sum);
        self::assertSame((int) round(2.2 * $sum), $total);
        self::assertStringContainsString('comes from offcuts', $page->filter('#price-offcuts')->text());
        self::assertCount(1, $page->filter('#each tr'));
        $this->browser->request('POST', '/settings', ['rate' => '', 'factor' => '']);
    }

    public function testTheCutListGoesToOtherPrograms(): void
    {
        $piece = $this->beaded();
        $this->put(['offcuts' => ['2800 mm']]);
        $this->browser->request('GET', '/cut/cuts.csv', [
            'p' => [(string) $piece->id()], 'n' => [(string) $piece->id() => '3'],
        ]);
        $rows = array_map(
            static fn (string $line): array => str_getcsv($line, escape: ''),
            explode("\r\n", trim($this->browser->getInternalResponse()->getContent())),
        );
        self::assertSame('cut mm', $rows[0][4]);
        self::assertSame('offcut', $rows[1][2]);
        self::assertSame('2800', $rows[1][3]);
        self::assertContains('to buy', array_column($rows, 2));
        self::assertSame('Beaded', $rows[1][5]);
        self::assertEqualsWithDelta((float) $rows[1][4] / 2, (float) $rows[1][8], 0.1, 'folded at its middle');
    }

    /**
     * A piece says what of it is in the box, takes a material from there, and is finished with what that cost.
     */
    public function testAPieceIsMadeOfStock(): void
    {
        $piece = $this->beaded();
        $path = '/pieces/'.$piece->id();
        self::assertCount(
            0,
            $this->browser->request('GET', $path.'?stage=cut')->filter('#missing'),
            'an empty box says nothing',
        );
        $this->put(['spools' => ['40 m'], 'price' => '1']);
        $bead = $this->putBeads(3, ['price' => '0.10']);
        $page = $this->browser->request('GET', $path.'?stage=materials');
        self::assertStringContainsString('2 short', $page->filter('#stuff-bead-1')->text());
        self::assertStringContainsString(
            'Missing: 2 × b',
            $this->browser->request('GET', $path.'?stage=cut')->filter('#missing')->text(),
        );
        $other = $this->box()->keep(null, Kind::Bead, [
            'name' => 'Walnut', 'shape' => 'rondelle', 'diameter' => '9 mm', 'hole' => '3 mm', 'material' => 'wood',
            'colour' => '#553311', 'count' => 40,
        ])->id();
        $offer = $this->browser->request('GET', '/stock/offer/beads/b');
        self::assertSame(
            ['from-stock beads b '.$bead, 'from-stock beads b '.$other],
            $offer->filter('button')->extract(['value']),
        );
        foreach ([
            'from-stock beads b 999999',
            'from-stock cords core '.$other,
            'from-stock beads none '.$other,
            'from-stock',
            'from-stock beads b '.$other,
        ] as $do) {
            $page = $this->browser->request('GET', $path.'?stage=materials');
            $form = $page->filter('#edit')->form();
            $sent = $form->getPhpValues();
            $sent['do'] = $do;
            $this->browser->request('POST', $path, $sent);
            self::assertResponseStatusCodeSame(303, $do);
        }
        $page = $this->browser->request('GET', $path.'?stage=materials');
        self::assertSame('9 mm', $page->filter('#bead-1-diameter')->attr('value'));
        self::assertStringContainsString('in stock', $page->filter('#stuff-bead-1')->text());

        $this->browser->request('POST', $path.'/finish', ['l' => ['body' => '15 cm', 'sure' => '1']]);
        self::assertResponseStatusCodeSame(303);
        $this->browser->request('GET', '/log.json');
        $log = json_decode($this->browser->getInternalResponse()->getContent(), true);
        self::assertIsArray($log);
        self::assertIsArray($log['entries']);
        self::assertIsArray($log['entries'][0]);
        self::assertIsArray($log['entries'][0]['cost']);
        self::assertSame('EUR', $log['entries'][0]['cost']['currency']);
        self::assertMatchesRegularExpression(
            '/^\d+\.\d\d$/',
            \is_string($log['entries'][0]['cost']['materials']) ? $log['entries'][0]['cost']['materials'] : '',
        );
        self::assertStringContainsString('Materials', $this->browser->request('GET', '/log')->filter('.entry')->text());
    }

    private function beaded(): StoredPiece
    {
        return $this->lay([
            'name' => 'Beaded',
            'beads' => ['b' => ['diameter' => '6 mm', 'hole' => '3 mm', 'colour' => '#123456']],
            'pattern' => '(2 square, 1 bead b) x 5, 2 square',
            'cords' => array_fill_keys(['core', 'working', 'slider'], [
                'fibre' => 'polyester', 'thickness' => '1 mm', 'colour' => '#112233',
            ]),
        ]);
    }

    /**
     * @param array<string, mixed> $more
     */
    private function put(array $more): void
    {
        $this->box()->keep(
            null,
            Kind::Cord,
            $more + ['fibre' => 'polyester', 'thickness' => '1 mm', 'colour' => '#112233'],
        );
    }

    /**
     * @param array<string, mixed> $more
     */
    private function putBeads(int $count, array $more = []): int
    {
        return $this->box()->keep(null, Kind::Bead, $more + [
            'diameter' => '6 mm', 'hole' => '3 mm', 'colour' => '#123456', 'count' => $count,
        ])->id();
    }

    private function box(): StockBox
    {
        return self::getContainer()->get(StockBox::class);
    }

    private function sheet(StoredPiece $piece, int $times = 1): Crawler
    {
        return $this->browser->request('GET', '/cut', [
            'p' => [(string) $piece->id()], 'n' => [(string) $piece->id() => (string) $times],
        ]);
    }
}
