<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Files;

use OpenSpout\Common\Entity\Row;
use OpenSpout\Common\Exception\SpoutException;
use OpenSpout\Reader\Common\Creator\ReaderEntityFactory;
use OpenSpout\Reader\CSV\Reader as CSVReader;
use OpenSpout\Reader\SheetInterface;
use OpenSpout\Writer\Common\Creator\WriterEntityFactory;

/**
 * Reads and writes tables of texts: CSV (RFC 4180) and XLSX (ECMA-376).
 */
final class Tables
{
    /** Rows of one table. */
    public const MOST = 6000;

    /** Lines of it, empty ones too: a spreadsheet may say that it has a million. */
    private const MOST_LINES = 20_000;

    /** Bytes of a table as text, and of one part of a packed one, unpacked. */
    private const LARGEST = 8_000_000;

    /** Cells of one row that are looked at. */
    private const MOST_CELLS = 60;

    /** Bytes of one cell. */
    private const LONGEST = 20_000;

    /** Parts of a packed table. */
    private const MOST_PARTS = 200;

    /** What may stand between cells. */
    private const BETWEEN = [',', ';', "\t"];

    /**
     * Returns the rows of a table, by the number of their line; empty ones are left out. A comma, a semicolon or a tab
     * may stand between cells, a byte order mark before the first; other than UTF-8 is taken for Windows-1252.
     *
     * @return array<int, list<string>>|null null when it cannot be read, or has more than MOST rows beside its head
     */
    public static function read(string $file): ?array
    {
        $isPacked = str_starts_with((string) file_get_contents($file, length: 4), "PK\x03\x04");
        if ($isPacked ? !self::isPlain($file) : filesize($file) > self::LARGEST) {
            return null;
        }
        try {
            $reader = $isPacked ? ReaderEntityFactory::createXLSXReader() : self::ofText($file);
            if (null === $reader) {
                return null;
            }
            $reader->setShouldPreserveEmptyRows(true);
            $reader->open($file);
            $rows = [];
            /** @var SheetInterface $sheet */
            foreach ($reader->getSheetIterator() as $sheet) {
                $rows = self::rows($sheet);
                break;
            }
            $reader->close();

            return $rows;
        } catch (SpoutException|\ValueError) {
            return null;
        }
    }

    /**
     * Returns a reader of separated values; null for what is no text.
     */
    private static function ofText(string $file): ?CSVReader
    {
        $text = (string) file_get_contents($file);
        if (str_contains($text, "\0")) {
            return null;
        }
        $reader = ReaderEntityFactory::createCSVReader();
        $reader->setFieldDelimiter(self::between($text));
        $reader->setEncoding(mb_check_encoding($text, 'UTF-8') ? 'UTF-8' : 'Windows-1252');

        return $reader;
    }

    /**
     * @return array<int, list<string>>|null null when there are too many, or too long ones
     */
    private static function rows(SheetInterface $sheet): ?array
    {
        [$rows, $line] = [[], 0];
        /** @var Row $row */
        foreach ($sheet->getRowIterator() as $row) {
            ++$line;
            $cells = array_map(self::text(...), \array_slice(array_values($row->toArray()), 0, self::MOST_CELLS));
            if (max([0, ...array_map(strlen(...), $cells)]) > self::LONGEST || $line > self::MOST_LINES) {
                return null;
            }
            if ('' !== implode('', $cells)) {
                $rows[$line] = $cells;
            }
            if (\count($rows) > self::MOST + 1) {
                return null; // with its head
            }
        }

        return $rows;
    }

    /**
     * @param list<list<string>> $rows
     */
    public static function csv(array $rows): string
    {
        return implode('', array_map(static fn (array $cells): string => implode(',', array_map(
            static fn (string $cell): string => '"'.str_replace('"', '""', self::harmless($cell)).'"',
            $cells,
        ))."\r\n", $rows));
    }

    /**
     * @param list<list<string>> $rows
     */
    public static function xlsx(array $rows): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'rinkel-table-');
        $writer = WriterEntityFactory::createXLSXWriter();
        $writer->openToFile($file);
        foreach ($rows as $cells) {
            $writer->addRow(WriterEntityFactory::createRowFromArray(array_map(self::harmless(...), $cells)));
        }
        $writer->close();
        $written = (string) file_get_contents($file);
        unlink($file);

        return $written;
    }

    /**
     * Returns a cell so that no spreadsheet takes it for a formula.
     */
    private static function harmless(string $cell): string
    {
        return 1 === preg_match('/^[=+@\t\r]|^-(?!\d)/', $cell) ? "'".$cell : $cell;
    }

    private static function text(mixed $cell): string
    {
        $text = match (true) {
            $cell instanceof \DateTimeInterface => $cell->format('Y-m-d'),
            \is_bool($cell) => $cell ? 'yes' : '',
            \is_float($cell) => rtrim(rtrim(\sprintf('%.6F', $cell), '0'), '.'),
            \is_scalar($cell) => (string) $cell,
            default => '',
        };
        $text = trim(mb_scrub($text));

        return 1 === preg_match("/^'[=+@-]/", $text) ? substr($text, 1) : $text;
    }

    /**
     * Returns what stands between the cells of a table: what its first line has most of.
     */
    private static function between(string $text): string
    {
        $head = (string) strtok($text, "\r\n");
        $counts = array_map(static fn (string $one): int => substr_count($head, $one), self::BETWEEN);

        return self::BETWEEN[(int) array_search(max($counts), $counts, true)] ?? ',';
    }

    /**
     * Returns whether a packed table is within bounds, and its parts are plain XML.
     */
    private static function isPlain(string $file): bool
    {
        $zip = new \ZipArchive();
        if (true !== $zip->open($file, \ZipArchive::RDONLY)) {
            return false;
        }
        $isPlain = $zip->numFiles <= self::MOST_PARTS;
        for ($i = 0; $isPlain && $i < $zip->numFiles; ++$i) {
            $stat = $zip->statIndex($i);
            $isXml = 1 === preg_match('/\.(?:xml|rels)$/Di', (string) ($stat['name'] ?? ''));
            $isPlain = ($stat['size'] ?? \PHP_INT_MAX) <= self::LARGEST
                && (!$isXml || PlainXml::is((string) $zip->getFromIndex($i)));
        }
        $zip->close();

        return $isPlain;
    }
}
