<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Backup;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Opis\JsonSchema\Validator;
use Rinkel\App\Backup\Archive;
use Rinkel\App\Board\Boards;
use Rinkel\App\Kept\Everything;
use Rinkel\App\Kept\Passing;
use Rinkel\App\Log\StoredPhoto;
use Rinkel\App\People\People;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Platform\Database\StoredRequest;
use Rinkel\App\Platform\Database\StoredStamp;
use Rinkel\Tests\App\WebCase;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\ApplicationTester;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/**
 * All of a maker's data as one archive, and read back.
 */
final class ArchiveTest extends WebCase
{
    private const TABLES = [
        'board', 'making', 'customer_order', 'day', 'example', 'stock_item', 'stock_tick', 'practice_box', 'photo',
        'removed', 'request_done', 'stock_taking',
        'piece', 'person', 'setting', 'sample', 'log_entry', 'member', 'deed',
    ];

    public function testEveryStoredThingHasAKind(): void
    {
        $everything = self::getContainer()->get(Everything::class);
        $stored = array_merge(
            ...array_map(static fn ($kind): array => $kind->stores(), array_values($everything->all())),
        );
        $classes = [];
        foreach (self::getContainer()->get(
            EntityManagerInterface::class,
        )->getMetadataFactory()->getAllMetadata() as $of) {
            $isPassing = [] !== $of->getReflectionClass()->getAttributes(Passing::class);
            $classes = $isPassing ? $classes : [...$classes, $of->getName()];
        }
        // Photos come and go with their entries; what was asked for is known for a week only; a stamp only counts.
        $beside = [StoredPhoto::class, StoredRequest::class, StoredStamp::class];
        self::assertEqualsCanonicalizing($classes, [...$stored, ...$beside]);
    }

    public function testEverythingIsInTheArchiveByItsSchema(): void
    {
        $this->fill();
        $zip = new \ZipArchive();
        $zip->open($this->saved());
        $folders = [];
        foreach (self::getContainer()->get(Everything::class)->all() as $word => $kind) {
            $folders[$kind->folder()] = $word;
        }
        $validator = new Validator();
        foreach (['kept', 'piece', 'archive'] as $schema) {
            $file = \dirname(__DIR__, 3).'/docs/'.$schema.'.schema.json';
            $validator->resolver()?->registerRaw(
                (string) file_get_contents($file),
                'urn:rinkel:test:'.$schema,
            );
        }
        $met = [];
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $name = (string) $zip->getNameIndex($i);
            $folder = strstr($name, '/', true);
            $met[(string) $folder] = true;
            if ('photos' === $folder) {
                continue;
            }
            $schema = match (true) {
                false === $folder => 'urn:rinkel:test:archive',
                'pieces' === $folder && !str_ends_with($name, '.kept.json') => 'urn:rinkel:test:piece',
                default => 'urn:rinkel:test:kept#/$defs/'.$folders[$folder],
            };
            $result = $validator->validate(json_decode((string) $zip->getFromIndex($i)), $schema);
            self::assertTrue($result->isValid(), $name.': '.$result);
        }
        self::assertEqualsCanonicalizing([...array_keys($folders), 'photos', ''], array_keys($met), 'all are met');
    }

    /**
     * Into an empty Rinkel all comes back; what is saved then is the same, byte by byte.
     */
    public function testTheSecondArchiveIsTheFirst(): void
    {
        $this->fill();
        $first = $this->saved();
        $before = [$this->rows('board_tap'), $this->rows('piece_state'), $this->rows('photo')];
        $this->clear();
        $page = $this->upload($first);
        self::assertCount(0, $page->filter('[data-standing]:not([data-standing=new])'));
        self::assertSame(
            [],
            self::getContainer()->get(Pieces::class)->onTheTable(),
            'nothing changes before it is said',
        );
        $this->browser->submit($page->filter('form[action$=take]')->form());
        self::assertStringContainsString(
            'entries imported.',
            $this->browser->followRedirect()->filter('.notice')->text(),
        );
        self::assertSame($before, [$this->rows('board_tap'), $this->rows('piece_state'), $this->rows('photo')]);

        self::assertSame(self::contents($first), self::contents($second = $this->saved()));
        self::assertFileEquals($first, $second);
        self::assertStringContainsString(
            'You already have everything in this file.',
            self::text($this->upload($first), 'main'),
        );
    }

    public function testTheConsoleSavesAndTakesTheSame(): void
    {
        $this->fill();
        $first = $this->saved();
        [$one, $two] = [$first.'-one.zip', $first.'-two.zip'];
        self::assertSame(0, $this->told('rinkel:export', $one));
        self::assertSame(1, $this->told('rinkel:export', $one), 'no file is written over');
        self::assertFileEquals($first, $one);
        $this->clear();
        self::assertSame(0, $this->told('rinkel:import', $one, ['--look' => true]));
        self::assertSame([], self::getContainer()->get(Pieces::class)->onTheTable());
        self::assertSame(0, $this->told('rinkel:import', $one));
        self::assertSame(0, $this->told('rinkel:export', $two));
        self::assertSame(self::contents($one), self::contents($two));
        self::assertSame(1, $this->told('rinkel:import', __FILE__), 'no archive');
        array_map(unlink(...), [$one, $two]);
    }

    /**
     * An archive of the first version, as the last release wrote it.
     */
    public function testAnArchiveOfTheFirstVersionIsTaken(): void
    {
        $file = \dirname(__DIR__, 2).'/frozen/archive-1/demo.zip';
        $page = $this->upload($file);
        $standing = array_count_values(array_filter(
            $page->filter('[data-standing]')->extract(['data-standing']),
            is_string(...),
        ));
        self::assertSame(['new'], array_keys($standing), $page->filter('main')->text());
        $this->browser->submit($page->filter('form[action$=take]')->form());
        $this->browser->followRedirect();
        self::assertSame(33, $this->counted('piece'));
        self::assertSame(3, $this->counted('person'));
        self::assertGreaterThan(1, $this->counted('board'));
        self::assertGreaterThan(1, $this->counted('log_entry'));
        self::assertGreaterThan(10, $this->counted('stock_item'));
        $this->browser->request('GET', '/');
        self::assertResponseIsSuccessful();
    }

    public function testWhatWasChangedHereSinceIsAConflictAndLeftUnlessTicked(): void
    {
        $stored = $this->lay(['name' => 'Band one']);
        $file = $this->saved();
        $pieces = self::getContainer()->get(Pieces::class);
        $stored = $pieces->find($stored->id()) ?? self::fail('It is gone.');
        sleep(1); // the archive tells times to the second
        $this->edit($stored, ['name' => 'Changed here']);
        $this->browser->request('POST', '/people', ['name' => 'New here', 'wrist' => '15', 'unit' => 'cm']);
        $page = $this->upload($file);

        self::assertSame(['conflict'], $page->filter('[data-standing]')->extract(['data-standing']));
        self::assertNull($page->filter('[data-standing] input')->first()->attr('checked'));
        $sent = $page->filter('form[action$=take]')->form()->getPhpValues();
        self::assertArrayNotHasKey('take', $sent);
        $sent['take'] = ['piece-'.$stored->uid()];
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
        self::assertCount(1, self::getContainer()->get(People::class)->all(), 'who is not in the archive stays');
    }

    /**
     * What an archive writes over can be had back.
     */
    public function testWhatIsWrittenOverLiesInTheBin(): void
    {
        $this->browser->request('POST', '/stock', ['kind' => 'glue', 'c' => ['name' => 'Paste', 'cure' => '12 h']]);
        $file = $this->saved();
        $connection = self::getContainer()->get(Connection::class);
        $connection->executeStatement("UPDATE stock_item SET document = REPLACE(document, '}', ',\"cure\":\"20 h\"}')");
        $page = $this->upload($file);
        self::assertSame(['changed'], $page->filter('[data-standing]')->extract(['data-standing']));
        $this->browser->submit($page->filter('form[action$=take]')->form());
        self::assertStringContainsString('12 h', (string) json_encode(self::stock()));
        $bin = $this->browser->request('GET', '/bin');
        $this->browser->submit($bin->selectButton('Restore')->form());
        self::assertStringContainsString('20 h', (string) json_encode(self::stock()));
    }

    public function testWhatIsNoArchiveChangesNothing(): void
    {
        foreach ([
            'no zip',
            (string) file_get_contents($this->zip(['archive.json' => '{}'])),
            (string) file_get_contents($this->zip(['archive.json' => '{"format":"rinkel-archive","version":9}'])),
            (string) file_get_contents($this->zip([
                'archive.json' => '{"format":"rinkel-archive","version":1}',
                'people.json' => '{"people":[{"uid":"'.str_repeat('x', 9_000_000).'"}]}',
            ])),
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
        $page = $this->upload($this->zip([
            'archive.json' => (string) json_encode(
                [
                    'format' => 'rinkel-archive',
                    'version' => 1,
                    'pieces' => [
                        [
                            'uid' => str_repeat('a', 32),
                            'file' => 'pieces/a.json',
                            'changed' => '2026-11-01T10:00:00+00:00',
                        ],
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
                            'measures' => [['taken' => '2026-11-01T10:00:00+00:00', 'lengths' => ['wrist' => '75 cm']]],
                        ],
                        ['name' => ' '],
                    ],
                ],
            ),
        ]));
        self::assertSame(
            ['unreadable', 'unreadable', 'new', 'unreadable'],
            $page->filter('[data-standing]')->extract(['data-standing']),
        );
        $this->browser->submit($page->filter('form[action$=take]')->form());
        self::assertStringContainsString(
            'One entry imported.',
            $this->browser->followRedirect()->filter('.notice')->text(),
        );
    }

    /**
     * Whatever stands in the rows of an archive, it is told or taken, and every page can be shown then.
     *
     * @param array<string, mixed> $change
     */
    #[\PHPUnit\Framework\Attributes\DataProvider('provideBadEntries')]
    public function testNoEntryTakesRinkelDown(array $change): void
    {
        $entry = $change + [
            'uid' => str_repeat('c', 32), 'finished' => '2026-11-01T10:00:00+00:00', 'name' => 'Pier',
            'piece' => ['name' => 'Pier'], 'planned' => '150 mm',
        ];
        $page = $this->upload($this->zip([
            'archive.json' => '{"format":"rinkel-archive","version":1,"pieces":[]}',
            'log.json' => (string) json_encode(['format' => 'rinkel-log', 'version' => 1, 'entries' => [$entry]]),
        ]));
        self::assertSame(['unreadable'], $page->filter('[data-standing]')->extract(['data-standing']));
    }

    /**
     * @return iterable<string, array{array<string, mixed>}>
     */
    public static function provideBadEntries(): iterable
    {
        yield 'no length' => [['planned' => 'abc']];
        yield 'below nothing' => [['planned' => '-5 mm']];
        yield 'beyond reason' => [['body' => '1e308 mm']];
        yield 'a power of ten' => [['body' => '1.0e-7 mm']];
        yield 'a list' => [['body' => ['1 mm']]];
        yield 'a pitch from nowhere' => [
            ['observations' => [['kind' => 'square', 'cord' => 'hemp 1', 'pitch' => 1e300]]],
        ];
        yield 'no observations' => [['observations' => 'many']];
        yield 'a role of many words' => [['cords' => ['the core' => ['count' => 1, 'length' => '3 cm']]]];
        yield 'more left than cut' => [['cords' => ['core' => ['count' => 1, 'length' => '3 cm', 'left' => '4 cm']]]];
        yield 'no time' => [['finished' => 'yesterday']];
        yield 'no piece' => [['piece' => 'Pier']];
        yield 'no money' => [['cost' => ['materials' => '1e9', 'currency' => 'EUR']]];
    }

    /**
     * Fills Rinkel with the demo and with all that only use brings.
     */
    private function fill(): void
    {
        $this->clear();
        self::assertSame(0, $this->told('rinkel:demo'));
        $two = $this->lay(['name' => 'Band one']);
        $this->acts($two, [['f' => ['wearer.hand' => 'wide']]]);
        $this->acts($two, [['f' => ['name' => 'Band uno']]]);
        $away = $this->lay(['name' => 'Band two']);
        $this->browser->request('POST', '/pieces/'.$away->id().'/discard');
        $this->browser->request('POST', '/pieces/'.$two->id().'/board');
        $board = (string) $this->browser->getResponse()->headers->get('Location');
        $this->browser->request('POST', $board.'/clock', ['id' => 'abcdefabcdef', 'step' => '1', 'minutes' => '90']);
        $photo = (string) tempnam(sys_get_temp_dir(), 'rinkel-photo-');
        $image = imagecreatetruecolor(640, 480);
        self::assertNotFalse($image);
        imagejpeg($image, $photo);
        $this->browser->request('POST', '/pieces/'.$two->id().'/finish', [
            'board' => basename($board), 'l' => ['left.working' => '30 cm', 'sure' => '1', 'stock' => '1'],
        ], ['photo' => new UploadedFile($photo, 'photo.jpg', 'image/jpeg', test: true)]);
        self::assertResponseStatusCodeSame(303);
        $this->browser->request('POST', '/pieces/'.$two->id().'/board'); // a second board of the same piece
        $this->browser->request('POST', '/orders', ['o' => ['for' => 'Somebody', 'due' => '2026-12-24'],
            'p' => [(string) $two->id()], 'n' => [$two->id() => '3']]);
        $this->browser->request('POST', '/settings', ['unit' => 'in', 'tension' => 'firm', 'gauge' => '26 mm']);
        $this->browser->request('POST', '/practice', ['of' => 'count-bumps', 'seed' => '5', 'answer' => '1']);
        $this->browser->request('POST', '/day', [
            'day' => '2026-12-20', 'begin' => '08:15', 'p' => [$two->id()], 'at' => [$two->id() => ['1' => '11:00']],
        ]);
        $this->browser->request('POST', '/cut/tick', ['cut' => str_repeat('d', 32), 'made' => '1']);
        $id = $this->browser->request('GET', '/samples')->filter('form[id^=delete-]')->first()->attr('action');
        $this->browser->request('POST', (string) $id);
        $sheet = $this->browser->request('GET', '/cut', ['p' => [(string) $two->id()]])->filter('#take')->form();
        $this->browser->submit($sheet);
        self::assertResponseStatusCodeSame(303);
        $this->browser->request('POST', '/workshop', [
            'own' => 'Ada', 'password' => 'three grey cords', 'name' => 'Bo', 'role' => 'helper',
        ]);
        $this->browser->request('POST', '/settings', ['unit' => 'cm', 'tension' => '']);
        $this->browser->request('POST', '/people', ['name' => 'Somebody else']);
        self::assertResponseStatusCodeSame(303);
        self::assertCount(1, array_filter(
            self::getContainer()->get(Boards::class)->inUse(),
            static fn ($one): bool => $one->piece()?->id() === $two->id(),
        ));
    }

    private function clear(): void
    {
        foreach (self::TABLES as $table) {
            self::getContainer()->get(Connection::class)->executeStatement('DELETE FROM '.$table);
        }
        self::getContainer()->get(EntityManagerInterface::class)->clear();
    }

    private function counted(string $table): int
    {
        $count = self::getContainer()->get(Connection::class)->fetchOne('SELECT COUNT(*) FROM '.$table);

        return is_numeric($count) ? (int) $count : 0;
    }

    /**
     * @return list<array<string, mixed>> without the numbers that a database gives
     */
    private function rows(string $table): array
    {
        $rows = self::getContainer()->get(Connection::class)->fetchAllAssociative(
            'SELECT * FROM '.$table.' ORDER BY 1',
        );

        return array_map(
            static fn (array $row): array => array_map(
                static fn (mixed $is): mixed => \is_resource($is) ? stream_get_contents($is) : $is,
                array_diff_key($row, ['id' => 0, 'piece_id' => 0, 'board_id' => 0]),
            ),
            $rows,
        );
    }

    /**
     * @param array<string, mixed> $more
     */
    private function told(string $command, string $file = '', array $more = []): int
    {
        $application = new Application(self::$kernel);
        $application->setAutoExit(false);

        return (new ApplicationTester($application))->run(
            ['command' => $command] + ('' === $file ? [] : ['file' => $file]) + $more,
        );
    }

    /**
     * @return array<string, string> each file of an archive, by name
     */
    private static function contents(string $file): array
    {
        $zip = new \ZipArchive();
        $zip->open($file);
        $contents = [];
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $contents[(string) $zip->getNameIndex($i)] = (string) $zip->getFromIndex($i);
        }

        return $contents;
    }

    private function saved(): string
    {
        self::getContainer()->get(EntityManagerInterface::class)->clear();

        return self::getContainer()->get(Archive::class)->temporary();
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

    /**
     * Sends an archive, and looks until all of it was looked at.
     */
    private function upload(string $file): Crawler
    {
        $copy = (string) tempnam(sys_get_temp_dir(), 'rinkel-up-');
        copy($file, $copy);
        $this->browser->request(
            'POST',
            '/data',
            [],
            ['archive' => new UploadedFile($copy, 'rinkel.zip', 'application/zip', null, true)],
        );
        $page = $this->browser->followRedirect();
        for ($i = 0; $i < 20 && $page->filter('#looking')->count() > 0; ++$i) {
            $page = $this->browser->request('GET', $this->browser->getRequest()->getUri());
        }

        return $page;
    }
}
