<?php

declare(strict_types=1);

namespace Rinkel\Tests\App;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;
use Rinkel\App\Examples\ExampleData;

/**
 * What pages ask of the database does not grow with what is in it.
 */
final class GrowthTest extends WebCase
{
    /** What there can be many of. */
    private const TABLES = [
        'piece', 'customer_order', 'making', 'stock_item', 'person', 'sample', 'log_entry', 'removed',
    ];

    private int $copied = 0;

    public function testEachPageAsksAsOftenHoweverMuchThereIs(): void
    {
        self::getContainer()->get(ExampleData::class)->lay();
        $connection = self::getContainer()->get(Connection::class);
        $piece = '/pieces/'.self::first('piece');
        $pages = [
            '/', '/?show=all', '/new', '/library', '/library/pass-on', '/stock', '/stock?kind=bead', '/stock/takings',
            '/cut', '/orders', '/bench', '/day', '/people', '/log', '/bin', '/knots', '/samples', '/settings', '/data',
            $piece, $piece.'/makings',
            '/boards/'.self::first('board'), '/makings/'.self::first('making'),
            '/api/v1/pieces?per=4', '/api/v1/stock?per=4', '/api/v1/makings?per=4', '/api/v1/orders?per=3',
        ];
        $before = $this->asked($pages);
        for ($i = 0; $i < 3; ++$i) {
            $this->double($connection);
        }
        $grown = [];
        foreach ($this->asked($pages) as $page => $asked) {
            foreach (array_count_values($asked) as $statement => $times) {
                if ($times > max(1, array_count_values($before[$page] ?? [])[$statement] ?? 0)) {
                    $grown[$page][$statement] = $times;
                }
            }
        }
        self::assertSame([], $grown);
    }

    /**
     * @param list<string> $pages
     *
     * @return array<string, list<string>> what is asked for each, when its caches are warm
     */
    private function asked(array $pages): array
    {
        $asked = [];
        foreach ($pages as $page) {
            $this->browser->request('GET', $page);
            self::assertLessThan(300, $this->browser->getInternalResponse()->getStatusCode(), $page);
            CountedStatements::taken();
            $this->browser->request('GET', $page);
            $asked[$page] = CountedStatements::taken();
            self::assertNotEmpty($asked[$page], $page);
        }

        return $asked;
    }

    /**
     * Has all of it twice, each by a name of its own, and a making with its board.
     */
    private function double(Connection $connection): void
    {
        foreach (self::TABLES as $table) {
            foreach ($connection->fetchAllAssociative('SELECT * FROM '.$table) as $row) {
                $copy = $this->copy($connection, $table, $row);
                $boards = 'making' !== $table ? [] : $connection->fetchAllAssociative(
                    'SELECT * FROM board WHERE making_id = ?',
                    [$row['id']],
                );
                foreach ($boards as $board) {
                    $this->copy($connection, 'board', ['making_id' => $copy] + $board);
                }
            }
        }
    }

    /**
     * @param array<string, mixed> $row
     */
    private function copy(Connection $connection, string $table, array $row): int|string
    {
        $own = isset($row['uid']) ? ['uid' => md5($table.++$this->copied)] : [];
        $copy = $own + array_diff_key($row, ['id' => 0]);
        $connection->insert($table, $copy, array_map(
            static fn (mixed $value): ParameterType => \is_bool($value)
                ? ParameterType::BOOLEAN
                : ParameterType::STRING,
            $copy,
        ));

        return $connection->lastInsertId();
    }
}
