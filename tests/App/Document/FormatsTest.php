<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Document;

use PHPUnit\Framework\Attributes\TestWith;
use Rinkel\Tests\App\WebCase;
use Symfony\Bundle\FrameworkBundle\Console\Application;

/**
 * docs/formats.md says of every format and table what it really is.
 *
 * @phpstan-type Rule array{const?: int|string, enum?: non-empty-list<int>}
 * @phpstan-type Schema array{'$id'?: string, properties?: array<string, Rule>}
 */
final class FormatsTest extends WebCase
{
    /**
     * Every schema has its row, with the version that it asks for and the address that it goes by.
     */
    public function testEverySchemaStandsInTheTable(): void
    {
        preg_match_all(
            '/^\| `([a-z-]+)` \| (\d+|any) \| (.*?) \| .*? \| (.*?) \|$/m',
            self::page(),
            $rows,
            \PREG_SET_ORDER,
        );
        $linked = [];
        foreach ($rows as [, $format, $version, $schemas]) {
            preg_match_all('/\(([a-z]+)\.schema\.json\)/', $schemas, $files);
            array_push($linked, ...$files[1]);
            $schema = self::schema($files[1][0] ?? '');
            self::assertSame($format, $schema['properties']['format']['const'] ?? null);
            $known = $schema['properties']['version'] ?? [];
            if ('any' !== $version) {
                self::assertSame((int) $version, $known['const'] ?? max($known['enum'] ?? [0]), $format);
                self::assertSame('urn:rinkel:'.$files[1][0].':'.$version, $schema['$id'] ?? null);
            }
        }
        $all = array_map(
            static fn (string $file): string => basename($file, '.schema.json'),
            glob(\dirname(__DIR__, 3).'/docs/*.schema.json') ?: [],
        );
        self::assertEqualsCanonicalizing($all, $linked);
    }

    /**
     * Every command that is named there is one.
     */
    public function testEveryCommandIsThere(): void
    {
        $commands = (new Application(self::bootKernel()))->all('rinkel');
        preg_match_all('/rinkel:[a-z-]+/', self::page(), $named);
        self::assertGreaterThan(8, \count($named[0]));
        foreach ($named[0] as $name) {
            self::assertArrayHasKey($name, $commands);
        }
    }

    /**
     * Each table has just the columns that stand there, in that order.
     */
    #[TestWith(['log', '/log.csv'])]
    #[TestWith(['orders', '/orders.csv'])]
    #[TestWith(['cuts', '/cut/cuts.csv'])]
    #[TestWith(['buy', '/cut/buy.csv'])]
    #[TestWith(['stock', '/stock/stock.csv'])]
    #[TestWith(['record', '/workshop/record.csv'])]
    public function testEveryColumnIsSaid(string $table, string $path): void
    {
        $piece = $this->lay();
        $this->browser->request('GET', $path, ['p' => [(string) $piece->id()]]);
        self::assertResponseIsSuccessful();
        $head = strtok($this->browser->getInternalResponse()->getContent(), "\r\n");
        preg_match('/^### rinkel-'.$table.'\.csv\n(.*?)(?=^### |\z)/ms', self::page(), $section);
        preg_match_all('/^\| `([^`]+)` \| (.+) \|$/m', $section[1] ?? '', $columns);
        self::assertIsString($head);
        self::assertSame(str_getcsv($head), $columns[1]);
    }

    private static function page(): string
    {
        return (string) file_get_contents(\dirname(__DIR__, 3).'/docs/formats.md');
    }

    /**
     * @return Schema
     */
    private static function schema(string $name): array
    {
        $schema = json_decode((string) file_get_contents(\dirname(__DIR__, 3).'/docs/'.$name.'.schema.json'), true);
        \assert(\is_array($schema));

        /** @var Schema */
        return $schema;
    }
}
