<?php

declare(strict_types=1);

namespace Rinkel\Tests\Served;

/**
 * A database of before there were makings: its boards and its log become makings, and nothing is lost.
 */
final class UpgradeTest extends ServedCase
{
    private const BEFORE = 'Rinkel\\Migrations\\Version20261130160000';

    public function testBoardsAndLogBecomeMakings(): void
    {
        [$code, $said] = $this->console(['doctrine:migrations:migrate', self::BEFORE, '--no-interaction', '--quiet']);
        self::assertSame(0, $code, $said);
        $piece = (string) file_get_contents(\dirname(__DIR__, 2).'/demo/pieces/harbour-rail.json');
        $database = new \SQLite3($this->database());
        $database->exec('PRAGMA foreign_keys = ON');
        $uid = static fn (string $of): string => md5($of);
        $add = static function (string $table, array $row) use ($database): void {
            $values = implode(', ', array_map(
                static fn (mixed $one): string => \is_int($one) ? (string) $one : (null === $one
                    ? 'NULL' : "'".\SQLite3::escapeString(\is_string($one) ? $one : '')."'"),
                $row,
            ));
            self::assertTrue($database->exec("INSERT INTO {$table} (".implode(', ', array_keys($row)).") VALUES ({$values})"));
        };
        $add('piece', [
            'id' => 1, 'uid' => $uid('piece'), 'document' => $piece, 'version' => 1, 'state' => 0, 'acts' => '[]',
            'changed_at' => '2026-11-01 08:00:00', 'whom' => 'Ottoline',
        ]);
        $board = [
            'piece_id' => 1, 'document' => $piece, 'total' => 142, 'readings' => '[]', 'clocks' => '[]', 'detours' => '[]',
        ];
        $add('board', ['id' => 1, 'uid' => $uid('running'), 'moves' => 60, 'touched_at' => '2026-11-20 08:00:00'] + $board);
        $add('board', [
            'id' => 2, 'uid' => $uid('finished'), 'moves' => 142, 'touched_at' => '2026-11-10 08:00:00',
            'finished_at' => '2026-11-10 09:00:01',
        ] + $board);
        $add('board_tap', ['board_id' => 1, 'uid' => 'aaaaaaaaaaaa', 'number' => 1, 'done' => 60, 'at' => 1, 'kind' => '']);
        $entry = json_encode([
            'name' => 'Harbour rail', 'pieceUid' => $uid('piece'), 'planned' => '150 mm', 'piece' => json_decode($piece, true),
            'cords' => [], 'observations' => [],
        ]);
        foreach (['one' => '2026-11-10 09:00:00', 'two' => '2026-11-12 09:00:00'] as $name => $at) {
            $add('log_entry', ['uid' => $uid($name), 'document' => $entry, 'finished_at' => $at]);
        }
        $database->close();

        [$code, $said] = $this->console(['doctrine:migrations:migrate', '--no-interaction', '--quiet']);
        self::assertSame(0, $code, $said);
        $database = new \SQLite3($this->database(), \SQLITE3_OPEN_READONLY);
        $rows = [];
        $result = $database->query('SELECT making.*, board.uid AS board, board.moves FROM making
            LEFT JOIN board ON board.making_id = making.id ORDER BY making.id');
        self::assertInstanceOf(\SQLite3Result::class, $result);
        while (false !== ($row = $result->fetchArray(\SQLITE3_ASSOC))) {
            $rows[] = $row;
        }
        self::assertCount(3, $rows, 'a running one, one that is in the log, and one that was never on a board');
        self::assertSame([$uid('running'), $uid('finished'), null], array_column($rows, 'board'));
        self::assertSame(['', $uid('one'), $uid('two')], array_column($rows, 'log'));
        self::assertSame([60, 142, null], array_column($rows, 'moves'));
        self::assertSame([1, 1, 1], array_column($rows, 'piece_id'));
        self::assertNotSame('', $rows[0]['design'], 'its piece is what it was: it asks nothing');
        self::assertSame(1, $database->querySingle('SELECT COUNT(*) FROM board_tap'), 'taps go along');
        $database->close();

        $this->serve();
        foreach (['/', '/makings/1', '/makings/2', '/makings/3', '/boards/1', '/log', '/pieces/1', '/pieces/1/makings'] as $page) {
            self::assertSame(200, $this->ask($page, headers: [])[0], $page);
        }
        self::assertStringNotContainsString('id="plan-changed"', $this->ask('/boards/1', headers: [])[1]);
        self::assertSame(0, $this->console(['doctrine:migrations:migrate', self::BEFORE, '--no-interaction', '--quiet'])[0], 'and back');
    }
}
