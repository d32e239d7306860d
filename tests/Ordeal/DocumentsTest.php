<?php

declare(strict_types=1);

namespace Rinkel\Tests\Ordeal;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Backup\ArchiveUnreadable;
use Rinkel\App\Backup\Import;
use Rinkel\App\Document\PieceFiles;
use Rinkel\App\Kept\Everything;
use Rinkel\App\Kept\Kept;
use Rinkel\App\Kept\Rows;
use Rinkel\App\Platform\Files\Json;
use Rinkel\App\Platform\Files\Tables;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Tests\App\WebCase;
use Rinkel\Tests\Core\Chance;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\ApplicationTester;

/**
 * Documents that were changed by chance come to every door: each is refused as a whole, or kept so that every page can
 * show it and a second archive says the same.
 */
final class DocumentsTest extends WebCase
{
    private const RUNS = 5000;
    private const LATE = 1.0;
    private const MOST_MEMORY = 128 * 1024 * 1024;

    private const PAGES = [
        '/', '/log', '/samples', '/people', '/stock', '/stock/takings', '/settings', '/practice', '/bin', '/new',
        '/cut',
    ];

    public function testNoDocumentTakesRinkelDown(): void
    {
        $runs = (int) (getenv('RUNS') ?: self::RUNS);
        $application = new Application(self::$kernel);
        $application->setAutoExit(false);
        (new ApplicationTester($application))->run(['command' => 'rinkel:demo']);
        $this->browser->disableReboot();
        $everything = self::getContainer()->get(Everything::class);
        $manager = self::getContainer()->get(EntityManagerInterface::class);
        $sound = [];
        foreach ($everything->all() as $word => $kind) {
            foreach ($kind->uids() as $uid) {
                $stored = $kind->find($uid);
                if (null !== $stored && \count($sound[$word] ?? []) < 12) {
                    $plain = json_decode((string) json_encode($kind->row($stored), \JSON_PRESERVE_ZERO_FRACTION), true);
                    self::assertIsArray($plain);
                    $sound[$word][] = $plain;
                }
            }
        }
        self::assertGreaterThan(5, \count($sound));
        $words = array_keys($sound);
        self::assertNotEmpty($words);
        $chance = new Chance(20_261_130);
        [$kept, $slowest] = [0, 0.0];
        for ($i = 0; $i < $runs; ++$i) {
            $word = $chance->of($words);
            $row = $this->mutated($chance->of($sound[$word]), $chance);
            $begun = hrtime(true);
            $isKept = $this->brought($everything->all()[$word], $row, 'run '.$i.' '.$word);
            $took = (hrtime(true) - $begun) / 1e9;
            $slowest = max($slowest, $took);
            self::assertLessThan(self::LATE, $took, 'run '.$i);
            $kept += $isKept ? 1 : 0;
            $this->toOtherDoors($row, $chance, $i);
            if (0 === $i % 250 || $i === $runs - 1) {
                $manager->clear();
                foreach (self::PAGES as $page) {
                    $this->browser->request('GET', $page);
                    self::assertSame(200, $this->browser->getResponse()->getStatusCode(), $page.' after run '.$i);
                }
            }
        }
        self::assertLessThan(self::MOST_MEMORY, memory_get_peak_usage(true));
        fwrite(\STDERR, \sprintf(
            "\n%d documents, %d kept, the slowest %.2f s, %d MB at most\n",
            $runs,
            $kept,
            $slowest,
            memory_get_peak_usage(true) / 1_048_576,
        ));
        self::assertGreaterThan($runs / 50, $kept, 'some are sound still');
    }

    /**
     * @param array<mixed> $row
     */
    private function brought(Kept $kind, array $row, string $what): bool
    {
        $manager = self::getContainer()->get(EntityManagerInterface::class);
        try {
            $read = $kind->read($row);
        } catch (PieceUnreadable $unreadable) {
            self::assertNotSame([], $unreadable->faults, $what);

            return false;
        }
        $kind->bring($read);
        $manager->flush();
        $manager->clear();
        $stored = $kind->find($read->uid);
        if (null !== $stored && !\in_array($kind->word(), ['person', 'piece', 'removed'], true)) {
            // What was there before is not taken away from these.
            // Nor does it come to belong to a thing that is not here.
            $of = 'making' === $kind->word() ? ['pieceUid' => '', 'orderUid' => ''] : [];
            self::assertTrue(
                Rows::equal(array_diff_key($read->data, $of), array_diff_key($kind->row($stored), $of)),
                $what.' is kept as it was read',
            );
        }
        if (null !== $stored) {
            $kind->read($kind->row($stored));
        }

        return true;
    }

    /**
     * @param array<mixed> $row
     */
    private function toOtherDoors(array $row, Chance $chance, int $run): void
    {
        $json = (string) json_encode($row, \JSON_INVALID_UTF8_SUBSTITUTE | \JSON_PARTIAL_OUTPUT_ON_ERROR);
        $cut = substr($json, 0, $chance->whole(0, \strlen($json)));
        try {
            Json::read($cut, 1_000_000);
        } catch (\JsonException) {
            // It says so.
        }
        try {
            self::getContainer()->get(PieceFiles::class)->parse(
                $chance->oneIn(3) ? '<svg><metadata id="rinkel">'.$json.'</metadata></svg>' : $json,
            );
        } catch (PieceUnreadable) {
            // It says so.
        }
        if (0 === $run % 10) {
            $file = (string) tempnam(sys_get_temp_dir(), 'rinkel-fuzz-');
            file_put_contents($file, $chance->oneIn(2) ? $cut : "kind,name\n".str_replace(['{', '}'], "\n", $json));
            Tables::read($file);
            $zip = new \ZipArchive();
            $zip->open($file, \ZipArchive::OVERWRITE | \ZipArchive::CREATE);
            $zip->addFromString(
                'archive.json',
                '{"format":"rinkel-archive","version":'.$chance->whole(1, 3).',"pieces":['.$json.']}',
            );
            foreach (['log', 'people', 'stock', 'pieces', 'boards', 'nowhere'] as $folder) {
                $zip->addFromString($folder.'/'.str_repeat('b', 32).'.json', $chance->oneIn(2) ? $json : $cut);
            }
            $zip->close();
            try {
                $import = self::getContainer()->get(Import::class);
                iterator_count((static fn (): \Generator => yield from $import->look($import->open($file)))());
            } catch (ArchiveUnreadable) {
                // It says so.
            }
            unlink($file);
        }
    }

    /**
     * @param array<mixed> $row
     *
     * @return array<mixed>
     */
    private function mutated(array $row, Chance $chance): array
    {
        for ($i = $chance->whole(0, 3); $i > 0; --$i) {
            $row = $this->changed($row, $chance);
        }

        return $row;
    }

    /**
     * @param array<mixed> $row
     *
     * @return array<mixed>
     */
    private function changed(array $row, Chance $chance): array
    {
        if ([] === $row) {
            return [$this->value($chance)];
        }
        $key = $chance->of(array_keys($row));
        if (\is_array($row[$key]) && [] !== $row[$key] && !$chance->oneIn(4)) {
            $row[$key] = $this->changed($row[$key], $chance);
        } elseif ($chance->oneIn(5)) {
            unset($row[$key]);
        } elseif ($chance->oneIn(8)) {
            $row[$chance->of(['x', 'uid', '#unreadable', '0', 'name', "\u{202e}"])] = $this->value($chance);
        } else {
            $row[$key] = $this->value($chance);
        }

        return $row;
    }

    private function value(Chance $chance): mixed
    {
        return $chance->of([
            null, true, false, 0, -1, 1, 7, 99_999_999_999, 1.5, 1e300, -1e-9, '', 'abc', '1.0e-7 mm', '0.0000001 mm',
            '-5 mm', '1e308 mm', '16 cm',
            '170 mm', '6 1/2 in', "\u{202e}\u{0}漢", str_repeat('x', 3000), str_repeat('9', 40), [], [[]],
            ['a' => 'b'], [1, 2, 3], str_repeat('a', 32),
            '2026-11-01T10:00:00+00:00', '9999-99-99', 'cord', 'square', 'working', '#112233', 'EUR', '0.30',
            '12 for 50 m', '24 h',
        ]);
    }
}
