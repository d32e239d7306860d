<?php

declare(strict_types=1);

namespace Rinkel\Tests\Served;

use Symfony\Component\Process\Process;

/**
 * What goes wrong with the database is told truly, keeps what was typed, and is over once its cause is.
 */
final class StorageTest extends ServedCase
{
    public function testAFullDisk(): void
    {
        $mount = new Process(['mount', '-t', 'tmpfs', '-o', 'size=2m', 'tmpfs', $this->folder]);
        if (0 !== $mount->run()) {
            $this->addToAssertionCount(1); // only root can make a small disk

            return;
        }
        try {
            $this->migrate();
            $this->serve();
            $path = $this->lay();
            $version = $this->version($path);
            $never = $this->lay();
            $pages = [
                $never, '/?stands=cut', '/', '/stock', '/log', '/people', '/samples', '/data', '/settings', '/bin',
                '/cut',
            ];
            file_put_contents($this->folder.'/ballast', str_repeat('x', 3_000_000));
            [$status, $said, $headers] = $this->act(
                $path,
                [['id' => 'full', 'f' => ['name' => str_repeat('A long name ', 6)]]],
                $version,
            );
            for ($i = 0; 200 === $status && $i < 40; ++$i) {
                [$status, $said, $headers] = $this->act($path, [['f' => ['name' => 'Filling up '.$i]]]);
            }
            self::assertSame(503, $status);
            self::assertStringContainsString('the disk is full', $said);
            foreach ([...$pages, $path] as $page) {
                self::assertSame(200, $this->ask($page, headers: [])[0], $page.' is read on a full disk');
            }
            self::assertSame('yes', $headers['x-rinkel-says'] ?? null);
            [$status, $page] = $this->ask($path, ['version' => $version, 'f' => ['name' => 'Typed "here"']], []);
            self::assertContains($status, [503, 409]);
            if (503 === $status) {
                self::assertStringContainsString(
                    'value="Typed &quot;here&quot;"',
                    $page,
                    'a plain form comes back with what was typed',
                );
            }
            unlink($this->folder.'/ballast');
            [$status] = $this->act($path, [['f' => ['name' => 'Room again']]]);
            self::assertSame(200, $status, 'without a restart');
        } finally {
            $this->stop();
            (new Process(['umount', '-l', $this->folder]))->run();
        }
    }

    public function testADatabaseThatIsNoneAndIsRestored(): void
    {
        $this->migrate();
        $this->serve();
        $path = $this->lay();
        [$code, $said] = $this->console(['rinkel:backup', $this->folder.'/copy.sqlite']);
        self::assertSame(0, $code, $said);
        self::assertSame('0600', substr(\sprintf('%o', fileperms($this->folder.'/copy.sqlite')), -4));
        self::assertSame('0600', substr(\sprintf('%o', fileperms($this->database())), -4));
        self::assertSame(
            1,
            $this->console(['rinkel:backup', $this->folder.'/copy.sqlite'])[0],
            'no file is written over',
        );

        $this->act($path, [['f' => ['name' => 'After the copy']]]);
        foreach (['-wal', '-shm'] as $end) {
            @unlink($this->database().$end);
        }
        file_put_contents($this->database(), str_repeat('This is no database. ', 5000));
        foreach (['/', $path, '/people'] as $page) {
            [$status, $body] = $this->ask($page, headers: []);
            self::assertSame(503, $status, $page);
            self::assertStringContainsString('database is damaged', $body);
            self::assertStringNotContainsString('is safe', $body);
        }
        [$status, $said] = $this->act($path, [['f' => ['name' => 'Typed meanwhile']]], '1');
        self::assertSame(503, $status);
        self::assertStringContainsString('damaged', $said);

        self::assertSame(1, $this->console(['rinkel:restore', $this->database()])[0], 'what is damaged is no copy');
        [$code, $said] = $this->console(['rinkel:restore', $this->folder.'/copy.sqlite']);
        self::assertSame(0, $code, $said);
        self::assertStringContainsString('before-restore-', $said);
        [$status, $body] = $this->ask($path);
        self::assertSame(200, $status, 'without a restart');
        self::assertStringContainsString('Square-knot band', $body);
        self::assertStringNotContainsString('After the copy', $body);
    }

    public function testADatabaseThatMustNotBeWrittenTo(): void
    {
        $this->migrate();
        $this->serve();
        $path = $this->lay();
        $version = $this->version($path);
        $this->stop();
        $database = new \SQLite3($this->database());
        self::assertTrue(
            $database->exec(
                "CREATE TRIGGER no_writing BEFORE UPDATE ON piece BEGIN SELECT RAISE(ABORT, 'attempt to write a readonly database'); END",
            ),
        );
        $database->close();
        $this->serve();
        [$status, $said] = $this->act($path, [['f' => ['name' => 'Other']]], $version);
        self::assertSame(503, $status);
        self::assertStringContainsString('isn’t allowed to write', $said);
    }

    public function testADatabaseThatIsHeldOnToIsWaitedForAndThenTold(): void
    {
        $this->migrate();
        $this->serve();
        $path = $this->lay();
        $version = $this->version($path);
        $other = new \SQLite3($this->database());
        $other->exec('BEGIN IMMEDIATE');
        [$status, $said] = $this->act($path, [['f' => ['name' => 'Patient']]], $version);
        self::assertSame(503, $status);
        self::assertStringContainsString('something else is using the database', $said);
        $other->exec('ROLLBACK');
        self::assertSame(200, $this->act($path, [['f' => ['name' => 'Patient']]], $version)[0]);
    }

    public function testADatabaseOfANewerRinkelIsRefused(): void
    {
        $this->migrate();
        $database = new \SQLite3($this->database());
        $database->exec(
            "INSERT INTO doctrine_migration_versions (version) VALUES ('Rinkel\\Migrations\\Version29990101000000')",
        );
        $database->close();
        [$code, $said] = $this->console(['doctrine:migrations:migrate', '--no-interaction']);

        self::assertNotSame(0, $code);
        self::assertStringContainsString('made by a newer Rinkel', preg_replace('/\s+/', ' ', $said) ?? '');
        self::assertSame(1, $this->console(['rinkel:restore', $this->database()])[0]);
    }

    /**
     * The database as it was after the first two migrations, with a piece that never had a history and a draft of the
     * old kind.
     */
    public function testAnOldDatabaseIsCopiedLiftedAndItsFirstEditCanBeUndone(): void
    {
        $this->migrate();
        self::assertSame(
            0,
            $this->console(
                [
                    'doctrine:migrations:migrate', 'Rinkel\Migrations\Version20261125001000', '--no-interaction',
                    '--quiet',
                ],
            )[0],
        );
        $database = new \SQLite3($this->database());
        $document = (string) file_get_contents(\dirname(__DIR__).'/frozen/piece-1/harbour-rail.json');
        $draft = (string) json_encode(
            [
                'shown_in' => 'cm', 'word' => '', 'word_at' => '', 'name' => 'Harbour rail',
                'wearer.girth' => 'abc', 'hand' => 'even', 'nonsense' => 'x',
            ],
        );
        $insert = $database->prepare(
            "INSERT INTO piece (version, document, draft, changed_at, state) VALUES (3, :document, :draft, '2026-11-25 10:00:00', 0)",
        );
        \assert(false !== $insert);
        $insert->bindValue(':document', $document);
        $insert->bindValue(':draft', $draft);
        $insert->execute();
        $database->exec(
            "INSERT INTO piece (version, document, changed_at, state) VALUES (1, '{\"format\":\"rinkel-piece\",\"version\":1,\"name\":\"Nobody can read this\"}', '2026-11-25 09:00:00', 0)",
        );
        $database->exec("INSERT INTO person (name) VALUES ('Ottoline')");
        $database->close();
        array_map(unlink(...), glob($this->folder.'/backups/*') ?: []);
        $this->migrate();
        self::assertCount(1, glob($this->folder.'/backups/*-before-migration.sqlite') ?: [], 'copied before');

        $this->serve();
        [$status, $table] = $this->ask('/', headers: []);
        self::assertSame(200, $status);
        self::assertStringContainsString('Harbour rail', $table);
        self::assertStringContainsString('Nobody can read this', $table, 'one that cannot be read has its row');
        self::assertStringContainsString('Rinkel can’t plan this piece yet', $table);
        [$status, $broken] = $this->ask('/pieces/2', headers: []);
        self::assertSame(200, $status);
        self::assertStringContainsString('construction', $broken);
        [$status, $page] = $this->ask('/pieces/1');
        self::assertSame(200, $status);
        self::assertStringContainsString('value="abc"', $page, 'what could not be read is still there');
        self::assertStringContainsString('One field below can’t be read; the plan ignores it.', $page);
        self::assertSame(200, $this->act('/pieces/1', [['f' => ['wearer.girth' => '17']]])[0]);
        [, $undone] = $this->act('/pieces/1', [['do' => 'undo']]);
        self::assertStringContainsString('value="15.8 cm"', $undone);
    }

    public function testTheCopyOfTheDayIsMadeOnceAndTheLastTenAreKept(): void
    {
        $this->migrate();
        array_map(unlink(...), glob($this->folder.'/backups/*') ?: []);
        $this->serve();
        $this->ask('/', headers: []);
        $this->ask('/', headers: []);
        for ($i = 0; $i < 40 && [] === glob($this->folder.'/backups/*-daily.sqlite'); ++$i) {
            usleep(50_000);
        }
        self::assertCount(1, glob($this->folder.'/backups/*-daily.sqlite') ?: []);
        for ($i = 0; $i < 12; ++$i) {
            copy(
                (glob($this->folder.'/backups/*-daily.sqlite') ?: [''])[0],
                \sprintf('%s/backups/20200101-0000%02d-000-daily.sqlite', $this->folder, $i),
            );
        }
        touch(
            (glob(
                $this->folder.'/backups/2026*-daily.sqlite',
            ) ?: glob($this->folder.'/backups/*-daily.sqlite') ?: [''])[0],
            time() - 90_000,
        );
        foreach (glob($this->folder.'/backups/*.sqlite') ?: [] as $file) {
            touch($file, time() - 90_000);
        }
        $this->ask('/people', headers: []);
        for ($i = 0; $i < 40 && \count(glob($this->folder.'/backups/*.sqlite') ?: []) > 10; ++$i) {
            usleep(50_000);
        }
        self::assertCount(10, glob($this->folder.'/backups/*.sqlite') ?: []);
    }
}
