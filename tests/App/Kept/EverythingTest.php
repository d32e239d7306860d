<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Kept;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rinkel\App\Backup\Archive;
use Rinkel\App\Backup\ArchiveEntry;
use Rinkel\App\Backup\ArchiveFile;
use Rinkel\App\Backup\Import;
use Rinkel\App\Backup\Standing;
use Rinkel\App\Kept\AllDerived;
use Rinkel\App\Kept\Bin;
use Rinkel\App\Kept\Door;
use Rinkel\App\Kept\Everything;
use Rinkel\App\Kept\Kept;
use Rinkel\App\Log\Photos;
use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Rinkel\App\Samples\Samples;
use Rinkel\Tests\App\Toy\Note;
use Rinkel\Tests\App\Toy\Notes;
use Rinkel\Tests\App\WebCase;

/**
 * Stored data of a page from outside is archived, read back, deleted and had back like all other: it only says what it is.
 */
final class EverythingTest extends WebCase
{
    private Notes $notes;
    private Everything $everything;
    private string $file;

    protected function setUp(): void
    {
        parent::setUp();
        $this->notes = new Notes();
        $this->notes->all = ['one' => new Note('one', 'Ask for wider beads'), 'two' => new Note('two', 'Buy wax')];
        $this->everything = new Everything([$this->notes, ...self::getContainer()->get(Everything::class)->all()]);
        $this->file = (string) tempnam(sys_get_temp_dir(), 'rinkel-toy-');
    }

    protected function tearDown(): void
    {
        @unlink($this->file);
        parent::tearDown();
    }

    public function testAKindFromOutsideIsFoundByWhatItKeeps(): void
    {
        self::assertSame($this->notes, $this->everything->of($this->notes->all['one']));
        self::assertSame($this->notes, $this->everything->named('note'));
        self::assertSame('piece', $this->everything->of($this->lay())?->word());
        self::assertNull($this->everything->of(new \stdClass()));
        $ranks = array_map(static fn ($kind): int => $kind->rank(), array_values($this->everything->all()));
        $sorted = $ranks;
        sort($sorted);
        self::assertSame($sorted, $ranks, 'what hangs on something comes after it');
    }

    public function testItGoesIntoAnArchiveAndComesBack(): void
    {
        $container = self::getContainer();
        (new Archive($this->everything, $container->get(Photos::class), $container->get(EntityManagerInterface::class)))
            ->write($this->file);
        $zip = new \ZipArchive();
        $zip->open($this->file);
        self::assertJsonStringEqualsJsonString(
            '{"uid": "one", "text": "Ask for wider beads"}',
            (string) $zip->getFromName('notes/one.json'),
        );
        self::assertStringContainsString('"notes": 2', (string) $zip->getFromName('archive.json'));

        $this->notes->all = ['two' => new Note('two', 'Buy glue')];
        $archive = new ArchiveFile($this->file, $this->everything);
        $entries = array_values(array_filter(
            [...$this->import()->look($archive)],
            static fn (ArchiveEntry $entry): bool => 'note' === $entry->kind,
        ));
        self::assertSame(
            [[Standing::New, 'Ask for wider beads'], [Standing::Changed, 'Buy wax']],
            array_map(static fn (ArchiveEntry $entry): array => [$entry->standing, $entry->name], $entries),
        );
        self::assertSame(2, $this->import()->take($archive, $entries));
        self::assertEquals(new Note('one', 'Ask for wider beads'), $this->notes->find('one'));
        self::assertEquals(new Note('two', 'Buy wax'), $this->notes->find('two'));
        self::assertSame('Buy glue', $this->bin()->page(1)[0]->row['text'], 'what it was lies in the bin');
    }

    public function testItIsDeletedAndHadBack(): void
    {
        $removal = $this->bin()->put($this->notes, $this->notes->all['one']);
        self::assertSame(['two'], [...$this->notes->uids()]);
        self::assertSame('Ask for wider beads', $removal->name);
        $alone = self::getContainer()->get(ExclusiveTransaction::class);
        self::assertSame($this->notes, $alone->run(fn (): Kept => $this->bin()->restore($this->bin()->page(1)[0])));
        self::assertEquals(new Note('one', 'Ask for wider beads'), $this->notes->find('one'));
    }

    private function bin(): Bin
    {
        $container = self::getContainer();

        return new Bin(
            $container->get(EntityManagerInterface::class),
            $container->get(ClockInterface::class),
            new \Random\Randomizer(new \Random\Engine\Mt19937(3)),
            $this->everything,
            $container->get(ExclusiveTransaction::class),
            new AllDerived([]),
        );
    }

    private function import(): Import
    {
        $container = self::getContainer();

        return new Import(
            $this->everything,
            $container->get(EntityManagerInterface::class),
            $this->bin(),
            $container->get(Photos::class),
            $container->get(ExclusiveTransaction::class),
            $container->get(Door::class),
            $container->get(Samples::class),
        );
    }
}
