<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Backup;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Opis\JsonSchema\Validator;
use Rinkel\App\Board\Boards;
use Rinkel\App\People\People;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Stock\StockBox;
use Rinkel\Tests\App\WebCase;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/**
 * All of a maker's data as one archive, and read back.
 */
final class ArchiveTest extends WebCase
{
    public function testEverythingIsInTheArchiveByItsSchema(): void
    {
        $this->fill();
        $zip = new \ZipArchive();
        $zip->open($this->saved());
        $docs = \dirname(__DIR__, 3).'/docs/';
        foreach ([
            'archive.json' => 'archive',
            'people.json' => 'people',
            'samples.json' => 'samples',
            'log.json' => 'log',
            'stock.json' => 'stock',
            'boards.json' => 'boards',
        ] as $file => $schema) {
            self::assertTrue(
                (new Validator())->validate(
                    json_decode((string) $zip->getFromName($file)),
                    (string) file_get_contents($docs.$schema.'.schema.json'),
                )->isValid(),
                $file,
            );
        }
        $index = json_decode((string) $zip->getFromName('archive.json'), true);
        self::assertIsArray($index);
        self::assertIsArray($index['pieces']);
        self::assertCount(2, $index['pieces']);
        foreach ($index['pieces'] as $row) {
            self::assertIsArray($row);
            self::assertIsString($row['file']);
            self::assertTrue(
                (new Validator())->validate(
                    json_decode((string) $zip->getFromName($row['file'])),
                    (string) file_get_contents($docs.'piece.schema.json'),
                )->isValid(),
            );
        }
        self::assertStringContainsString(
            '"wearer.hand": "wide"',
            (string) $zip->getFromName('archive.json'),
            'what cannot be read yet goes along',
        );
        self::assertStringContainsString('Ottoline', (string) $zip->getFromName('people.json'));
    }

    public function testIntoAnEmptyRinkelAllComesBack(): void
    {
        $this->fill();
        $file = $this->saved();
        $before = $this->all();
        foreach (['piece', 'person'] as $table) {
            self::getContainer()->get(Connection::class)->executeStatement('DELETE FROM '.$table);
        }
        $page = $this->upload($file);
        self::assertSame(['new', 'new', 'new'], $page->filter('[data-standing]')->extract(['data-standing']));
        self::assertSame([], $this->all()['pieces'], 'nothing changes before it is said');
        $this->browser->submit($page->filter('form[action$=take]')->form());
        self::assertStringContainsString(
            '3 entries were taken',
            $this->browser->followRedirect()->filter('.notice')->text(),
        );

        self::assertEquals($before, $this->all());
        self::assertSame(
            ['same', 'same', 'same'],
            $this->upload($file)->filter('[data-standing]')->extract(['data-standing']),
        );
    }

    /**
     * What a maker's hand told comes back too, and with it the same plans.
     */
    public function testSamplesAndTheLogComeBack(): void
    {
        $piece = $this->lay(['name' => 'Pier']);
        $this->browser->request('POST', '/samples', ['s' => [
            'knot' => 'square', 'count' => '20', 'length' => '50 mm', 'before' => '80', 'after' => '46',
        ]]);
        $this->browser->request(
            'POST',
            '/pieces/'.$piece->id().'/finish',
            ['l' => ['body' => '150 mm', 'left.working' => '30']],
        );
        $cuts = fn (): string => $this->browser->request(
            'GET',
            '/pieces/'.$piece->id().'?stage=cut',
        )->filter('.cuts')->text();
        $before = $cuts();
        $file = $this->saved();
        foreach (['sample', 'log_entry'] as $table) {
            self::getContainer()->get(Connection::class)->executeStatement('DELETE FROM '.$table);
        }
        self::assertNotSame($before, $cuts());
        $page = $this->upload($file);
        self::assertEqualsCanonicalizing(
            ['same', 'new', 'new'],
            $page->filter('[data-standing]')->extract(['data-standing']),
        );
        $this->browser->submit($page->filter('form[action$=take]')->form());
        self::assertStringContainsString(
            '2 entries were taken',
            $this->browser->followRedirect()->filter('.notice')->text(),
        );
        self::assertSame($before, $cuts());
        self::assertCount(1, $this->browser->request('GET', '/log')->filter('.entry'));
    }

    /**
     * The stock box and what lies on boards come back: as much is made, at the same pace, and the same cut sheet is
     * cut.
     */
    public function testTheStockAndTheBoardsComeBack(): void
    {
        $piece = $this->lay(['name' => 'Pier']);
        $this->browser->request(
            'POST',
            '/stock',
            ['kind' => 'cord', 'c' => ['offcuts' => '3 m, 44 cm', 'name' => 'Ink']],
        );
        $this->browser->request('POST', '/stock', ['kind' => 'glue', 'c' => ['cure' => '12 h', 'bears' => ['water']]]);
        $boards = self::getContainer()->get(Boards::class);
        $board = $boards->of(self::getContainer()->get(Pieces::class)->find($piece->id()) ?? self::fail('It is gone.'));
        $boards->tapped($board, array_map(
            static fn (int $i): array => [
                'id' => \sprintf('%012x', $i + 1),
                'by' => 1,
                'at' => 1_700_000_000_000 + 9_000 * $i,
            ],
            range(0, 29),
        ));
        $boards->pause($board, 'At the second mark');
        $pace = $boards->pace();
        $stock = self::getContainer()->get(StockBox::class)->document();
        $file = $this->saved();
        foreach (['board_tap', 'board', 'stock_item'] as $table) {
            self::getContainer()->get(Connection::class)->executeStatement('DELETE FROM '.$table);
        }
        self::getContainer()->get(EntityManagerInterface::class)->clear();
        $page = $this->upload($file);
        self::assertSame(['same', 'new', 'new', 'new'], $page->filter('[data-standing]')->extract(['data-standing']));
        $this->browser->submit($page->filter('form[action$=take]')->form());
        self::assertStringContainsString(
            '3 entries were taken',
            $this->browser->followRedirect()->filter('.notice')->text(),
        );
        self::assertEquals($stock, self::getContainer()->get(StockBox::class)->document());
        $again = self::getContainer()->get(Boards::class)->inUse()[0];
        self::assertSame(
            [30, 'At the second mark', 'Pier'],
            [$again->moves(), $again->note(), $again->piece()->document()['name'] ?? ''],
        );
        self::assertEquals($pace, self::getContainer()->get(Boards::class)->pace());
        $states = $this->upload($file)->filter('[data-standing]')->extract(['data-standing']);
        self::assertSame(['same', 'same', 'same', 'same'], $states);
    }

    public function testWhatWasChangedHereSinceIsAConflictAndLeftUnlessTicked(): void
    {
        $this->fill();
        $file = $this->saved();
        $pieces = self::getContainer()->get(Pieces::class);
        $stored = $pieces->onTheTable()[0];
        $stored = $pieces->find($stored->id());
        self::assertNotNull($stored);
        sleep(1); // the archive tells times to the second
        $this->edit($stored, ['name' => 'Changed here']);
        $this->browser->request('POST', '/people', ['name' => 'New here', 'wrist' => '15', 'unit' => 'cm']);
        $page = $this->upload($file);

        self::assertSame(['conflict', 'same', 'same'], $page->filter('[data-standing]')->extract(['data-standing']));
        self::assertNull($page->filter('[data-standing] input')->first()->attr('checked'));
        $form = $page->filter('form[action$=take]')->form();
        $sent = $form->getPhpValues();
        self::assertArrayNotHasKey('take', $sent);
        $sent['take'] = [$stored->uid()];
        $this->browser->request('POST', '/data/take', $sent);
        self::assertSame(
            'Band one',
            $this->browser->request('GET', '/pieces/'.$stored->id())->filter('#name')->attr('value'),
        );
        self::assertSame(
            'Changed here',
            $this->edit($stored, ['do' => 'undo'])->filter('#name')->attr('value'),
            'and it can be undone',
        );
        self::assertCount(2, self::getContainer()->get(People::class)->all(), 'who is not in the archive stays');
    }

    public function testWhatIsNoArchiveChangesNothing(): void
    {
        foreach ([
            'no zip',
            (string) file_get_contents($this->zip(['archive.json' => '{}'])),
            (string) file_get_contents(
                $this->zip(
                    [
                        'archive.json' => '{"format":"rinkel-archive","version":9}',
                        'people.json' => '{"format":"rinkel-people","version":1}',
                    ],
                ),
            ),
        ] as $content) {
            $path = (string) tempnam(sys_get_temp_dir(), 'rinkel-no-');
            file_put_contents($path, $content);
            $page = $this->upload($path);
            self::assertResponseStatusCodeSame(422);
            self::assertMatchesRegularExpression('/[Nn]othing was changed/', $page->filter('#archive-fault')->text());
        }
        $this->browser->request('POST', '/data');
        self::assertResponseStatusCodeSame(422);
        foreach (['x', '../../.env', str_repeat('a', 32)] as $token) {
            $this->browser->request('POST', '/data/take', ['token' => $token]);
            self::assertResponseStatusCodeSame(422);
        }
    }

    public function testWhatCannotBeReadInAnArchiveIsToldAndTheRestTaken(): void
    {
        $uid = str_repeat('a', 32);
        $page = $this->upload($this->zip([
            'archive.json' => (string) json_encode(
                [
                    'format' => 'rinkel-archive',
                    'version' => 1,
                    'pieces' => [
                        ['uid' => $uid, 'file' => 'pieces/a.json', 'changed' => 'never'],
                        ['uid' => 'x', 'file' => 'nowhere'],
                        'x',
                    ],
                ],
            ),
            'pieces/a.json' => (string) file_get_contents(\dirname(__DIR__, 2).'/frozen/piece-1/tow-line.json'),
            'people.json' => (string) json_encode(
                [
                    'format' => 'rinkel-people',
                    'version' => 1,
                    'people' => [
                        [
                            'uid' => str_repeat('b', 32),
                            'name' => 'Too wide',
                            'measures' => [['lengths' => ['wrist' => '75 cm']]],
                        ],
                        ['name' => ' '],
                    ],
                ],
            ),
        ]));
        self::assertSame(
            ['new', 'unreadable', 'unreadable', 'unreadable'],
            $page->filter('[data-standing]')->extract(['data-standing']),
        );
        $this->browser->submit($page->filter('form[action$=take]')->form());
        self::assertStringContainsString(
            'One entry was taken',
            $this->browser->followRedirect()->filter('.notice')->text(),
        );
    }

    private function fill(): void
    {
        $this->lay(['name' => 'Band two', 'beads.dot' => ['diameter' => '4 mm']]);
        $two = $this->lay(['name' => 'Band one']);
        $this->acts($two, [['f' => ['wearer.hand' => 'wide']]]);
        $this->browser->request(
            'POST',
            '/people',
            ['name' => 'Ottoline', 'wrist' => '15.8', 'hand' => '19.6', 'unit' => 'cm'],
        );
    }

    private function saved(): string
    {
        $this->browser->request('GET', '/data/rinkel.zip');
        self::assertResponseIsSuccessful();
        $path = (string) tempnam(sys_get_temp_dir(), 'rinkel-test-');
        $response = $this->browser->getResponse();
        self::assertInstanceOf(BinaryFileResponse::class, $response);
        file_put_contents($path, $this->browser->getInternalResponse()->getContent());

        return $path;
    }

    /**
     * @return array{pieces: array<string, mixed>, people: array<string, mixed>}
     */
    private function all(): array
    {
        self::getContainer()->get(EntityManagerInterface::class)->clear();
        [$pieces, $people] = [[], []];
        foreach (self::getContainer()->get(Pieces::class)->onTheTable() as $stored) {
            $pieces[$stored->uid()] = [$stored->document(), $stored->draft()];
        }
        foreach (self::getContainer()->get(People::class)->all() as $person) {
            $people[$person->uid()] = [$person->name(), $person->latest()?->lengths()];
        }
        ksort($pieces);
        ksort($people);

        return ['pieces' => $pieces, 'people' => $people];
    }

    /**
     * @param array<string, string> $files
     */
    private function zip(array $files): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'rinkel-zip-');
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::OVERWRITE);
        foreach ($files as $name => $content) {
            $zip->addFromString($name, $content);
        }
        $zip->close();

        return $path;
    }

    private function upload(string $file): Crawler
    {
        $copy = (string) tempnam(sys_get_temp_dir(), 'rinkel-up-');
        copy($file, $copy);

        return $this->browser->request(
            'POST',
            '/data',
            [],
            ['archive' => new UploadedFile($copy, 'rinkel.zip', 'application/zip', null, true)],
        );
    }
}
