<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Stock;

use Rinkel\App\Platform\Files\Tables;
use Rinkel\App\Stock\KeptStock;
use Rinkel\App\Stock\StockBox;
use Rinkel\App\Stock\StockTables;
use Rinkel\App\Stock\StoredItem;
use Rinkel\Core\Stock\Kind;
use Rinkel\Tests\App\WebCase;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\HttpFoundation\File\UploadedFile;

final class StockTablesTest extends WebCase
{
    /**
     * What is saved is read back as the same, as CSV and as XLSX; into an empty box it comes whole.
     */
    public function testWhatIsSavedComesBack(): void
    {
        $this->demo();
        $document = self::stock();
        foreach (['csv', 'xlsx'] as $as) {
            $this->browser->request('GET', '/stock/stock.'.$as);
            self::assertResponseIsSuccessful();
            $saved = (string) $this->browser->getResponse()->getContent();
            $page = $this->upload($saved);
            self::assertCount(22, $page->filter('[data-standing=same]'), $as.' '.$page->filter('main')->text());
            self::assertCount(0, $page->filter('[data-standing=bad]'));
            self::emptyStock();
            $page = $this->upload($saved);
            self::assertCount(22, $page->filter('[data-standing=new]'));
            self::assertSame([], $this->box()->all(), 'nothing is taken before it is confirmed');
            $this->browser->submit($page->filter('#preview')->form());
            self::assertResponseStatusCodeSame(303);
            self::assertSame(self::without($document), self::without(self::stock()), $as);
        }
    }

    /**
     * As spreadsheets write them elsewhere: semicolons, a byte order mark, decimal commas, another encoding.
     */
    public function testTablesFromElsewhereAreRead(): void
    {
        $this->demo();
        $table = "\xEF\xBB\xBFKind;Name;Fibre;Thickness;Colour;Offcuts;Price;Shelf\r\n"
            ."cord;Förde;polyester;0,8 mm;#112233;\"12,5 cm; 30 cm\";0,85;top\r\n\r\n"
            ."bead;=SUM(A1);;;;;;\r\n";
        foreach ([
            $table,
            (string) iconv('UTF-8', 'Windows-1252', substr($table, 3)),
            str_replace(';', "\t", str_replace('; 30 cm', '', $table)),
        ] as $i => $sent) {
            $page = $this->upload($sent);
            self::assertCount(2, $page->filter('[data-standing=new]'), $page->filter('main')->text());
            self::assertStringContainsString('One column isn’t recognised and will be skipped: shelf', $page->text());
            if (1 === $i) {
                $this->browser->submit($page->filter('#preview')->form());
                $kept = array_values(array_filter(
                    $this->box()->all(),
                    static fn ($stored): bool => 'Förde' === $stored->text('name'),
                ))[0] ?? self::fail('It was not kept.');
                self::assertSame(['125 mm', '300 mm'], $kept->texts('offcuts'));
                self::assertSame('0.85', $kept->text('price'));
                $this->dropped($kept);
            }
            foreach ($this->box()->all() as $stored) {
                if ('=SUM(A1)' === $stored->text('name')) {
                    $this->dropped($stored);
                }
            }
        }
    }

    /**
     * Bad rows are told by line and reason, good ones are taken alone, one changes what is there, and all is undone.
     */
    public function testBadRowsAreToldAndGoodOnesTakenAlone(): void
    {
        $this->demo();
        $before = self::stock();
        $page = $this->upload(implode("\n", [
            'kind,name,count,offcuts,price,letters,cure,thickness', 'bead,Sand,99,,,,,', 'bead,Pearl,-3,,,,,',
            'cord,Twine,,12 parsec,,,,1 mm', 'ribbon,Red,,,,,,', 'glue,Paste,,,dear,,for ever,',
            'cord,Twine,,44 cm,0.40,,,9999 mm', 'cord,Twine,,44 cm,0.40,,,1.5 mm',
        ]));
        $bad = $page->filter('[data-standing=bad]')->each(
            static fn (Crawler $row): string => $row->filter('td')->eq(1)->text().': '.implode(
                ', ',
                array_filter($row->filter('code')->extract(['_text']), is_string(...)),
            ),
        );
        self::assertSame(['3: count', '4: offcuts.0', '5: kind', '6: cure, price', '7: thickness'], $bad);
        self::assertStringContainsString('22 → 99', $page->filter('[data-standing=changed]')->text());
        self::assertSame($before, self::stock());

        $this->browser->submit($page->filter('#preview')->form());
        $page = $this->browser->followRedirect();
        self::assertStringContainsString('Imported 2 rows', $page->filter('#taking')->text());
        $names = array_map(
            static fn ($stored): string => $stored->text('name').$stored->text('count'),
            $this->box()->all(),
        );
        self::assertContains('Sand99', $names);
        self::assertContains('Twine', $names);
        self::assertSame('Tray one', $this->named('Sand')->text('place'), 'a column that is not there changes nothing');
        $this->browser->submit($page->filter('#taking form')->form());
        self::assertSame($before, self::stock(), 'as it was');
    }

    public function testAStockThatChangedMeanwhileIsLookedAtAgain(): void
    {
        $this->demo();
        $page = $this->upload("kind,name,count\nbead,Sand,99\n");
        $sand = $this->named('Sand');
        $this->box()->keep($sand, Kind::Bead, ['count' => 5] + $sand->document());
        $page = $this->browser->submit($page->filter('#preview')->form());
        self::assertResponseStatusCodeSame(409);
        self::assertStringContainsString('5 → 99', $page->filter('[data-standing=changed]')->text());
        self::assertSame('5', $this->named('Sand')->text('count'));
        $this->browser->submit($page->filter('#preview')->form());
        self::assertResponseStatusCodeSame(303);
        self::assertSame('99', $this->named('Sand')->text('count'));
    }

    public function testWhatIsNoTableIsRefused(): void
    {
        $broken = "PK\x03\x04 but no more";
        foreach (['', "\0\1\2", $broken, 'name,count', "a;b\n1;2", '{"format":"rinkel-stock"}'] as $sent) {
            $page = $this->upload($sent);
            self::assertResponseStatusCodeSame(422, $sent);
            self::assertCount(1, $page->filter('#table-fault'));
        }
        $this->upload("kind,name\n".str_repeat("glue,Paste\n", Tables::MOST + 1));
        self::assertResponseStatusCodeSame(422, 'more than it takes is not taken in part');
        $this->browser->request('POST', '/stock/tables');
        self::assertResponseStatusCodeSame(422);
        $this->browser->request('POST', '/stock/tables/take', ['token' => '../../.env', 'take' => 'x']);
        self::assertResponseStatusCodeSame(422);
        // Formulas are texts, and come back as what they were.
        $rows = [['name'], ['=1+1'], ['-x'], ['-5'], ["'quoted'"]];
        $file = (string) tempnam(sys_get_temp_dir(), 'table');
        foreach ([Tables::csv($rows), Tables::xlsx($rows)] as $table) {
            file_put_contents($file, $table);
            self::assertSame($rows, array_values(Tables::read($file) ?? []));
        }
        self::assertStringContainsString("\"'=1+1\"", Tables::csv($rows));
        unlink($file);
        self::assertContains('finding', StockTables::columns());
    }

    private function dropped(StoredItem $stored): void
    {
        self::getContainer()->get(KeptStock::class)->remove($stored);
    }

    private function box(): StockBox
    {
        return self::getContainer()->get(StockBox::class);
    }

    private function named(string $name): StoredItem
    {
        foreach ($this->box()->all() as $stored) {
            if ($name === $stored->text('name')) {
                return $stored;
            }
        }
        self::fail('There is no '.$name);
    }

    private function demo(): void
    {
        $stock = json_decode((string) file_get_contents(\dirname(__DIR__, 3).'/demo/stock.json'), true);
        self::assertIsArray($stock);
        foreach (Kind::cases() as $kind) {
            self::assertIsArray($stock[$kind->all()]);
            foreach ($stock[$kind->all()] as $thing) {
                self::assertIsArray($thing);
                $this->box()->keep(null, $kind, $thing);
            }
        }
    }

    /**
     * @param array<string, mixed> $document
     */
    private static function without(array $document): string
    {
        return (string) preg_replace('/"uid":"[0-9a-f]{32}",?/', '', (string) json_encode(array_map(
            static function (mixed $things): mixed {
                if (\is_array($things)) {
                    foreach ($things as $i => $thing) {
                        if (\is_array($thing)) {
                            ksort($thing);
                            $things[$i] = $thing;
                        }
                    }
                }

                return $things;
            },
            $document,
        )));
    }

    private function upload(string $content): Crawler
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'stock');
        file_put_contents($file, $content);
        $this->browser->request('POST', '/stock/tables', files: [
            'table' => new UploadedFile($file, 'stock.csv', test: true),
        ]);

        return 303 === $this->browser->getResponse()->getStatusCode()
            ? $this->browser->followRedirect()
            : $this->browser->getCrawler();
    }
}
