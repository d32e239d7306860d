<?php

declare(strict_types=1);

namespace Rinkel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Rinkel\App\Platform\Database\SqliteMigration;

/**
 * Boards and entries of the log become makings; nothing of either is lost.
 */
final class Version20261201050000 extends SqliteMigration
{
    /** A board is finished and its entry written within so many seconds. */
    private const TOGETHER = 3;

    public function getDescription(): string
    {
        return 'Orders, and what is made: each board and each entry of the log is one making.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE customer_order (
            id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, uid VARCHAR(32) NOT NULL, document CLOB NOT NULL,
            asked_at DATETIME NOT NULL, closed_at DATETIME DEFAULT NULL
        )');
        $this->addSql('CREATE UNIQUE INDEX customer_order_uid ON customer_order (uid)');
        $this->addSql("CREATE TABLE making (
            id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, uid VARCHAR(32) NOT NULL,
            piece_id INTEGER DEFAULT NULL REFERENCES piece (id) ON DELETE SET NULL,
            order_id INTEGER DEFAULT NULL REFERENCES customer_order (id) ON DELETE SET NULL,
            name VARCHAR(200) DEFAULT '' NOT NULL, document CLOB NOT NULL, hand CLOB DEFAULT NULL,
            design VARCHAR(16) DEFAULT '' NOT NULL, cords CLOB NOT NULL, changes CLOB NOT NULL,
            number INTEGER DEFAULT 1 NOT NULL, planned_at DATETIME NOT NULL, cut_at DATETIME DEFAULT NULL,
            board_at DATETIME DEFAULT NULL, made_at DATETIME DEFAULT NULL, delivered_at DATETIME DEFAULT NULL,
            things CLOB DEFAULT '[]' NOT NULL, leftovers CLOB DEFAULT '[]' NOT NULL, log VARCHAR(32) DEFAULT '' NOT NULL
        )");
        $this->addSql('CREATE UNIQUE INDEX making_uid ON making (uid)');
        $this->addSql('CREATE INDEX making_made ON making (made_at)');
        $this->addSql('CREATE INDEX making_piece ON making (piece_id)');
        $this->addSql('CREATE INDEX making_order ON making (order_id)');
        $this->addSql('ALTER TABLE board ADD COLUMN making_id INTEGER DEFAULT NULL
            REFERENCES making (id) ON DELETE CASCADE');
        $this->addSql('CREATE INDEX board_making ON board (making_id)');
    }

    public function postUp(Schema $schema): void
    {
        $entries = $this->connection->fetchAllAssociative('SELECT uid, document, finished_at FROM log_entry ORDER BY id');
        $taken = [];
        foreach ($this->connection->fetchAllAssociative('SELECT * FROM board ORDER BY id') as $board) {
            $finished = \is_string($board['finished_at'] ?? null) ? $board['finished_at'] : null;
            $entry = null === $finished ? null : $this->entryOf($board, $entries, $taken);
            $taken[$entry ?? ''] = true;
            $id = $this->add(
                $board['piece_id'],
                \is_string($board['document']) ? $board['document'] : '[]',
                ['board_at' => $board['touched_at'], 'made_at' => $finished, 'log' => $entry ?? ''],
            );
            $this->connection->update('board', ['making_id' => $id], ['id' => $board['id']]);
        }
        foreach ($entries as $entry) {
            if (!\is_string($entry['uid']) || isset($taken[$entry['uid']]) || !\is_string($entry['document'])) {
                continue;
            }
            $said = json_decode($entry['document'], true);
            $piece = \is_array($said) && \is_array($said['piece'] ?? null) ? $said['piece'] : [];
            $uid = \is_array($said) && \is_string($said['pieceUid'] ?? null) ? $said['pieceUid'] : '';
            $of = $this->connection->fetchOne('SELECT id FROM piece WHERE uid = ?', [$uid]);
            $this->add(
                false === $of ? null : $of,
                (string) json_encode($piece, \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE),
                ['made_at' => $entry['finished_at'], 'log' => $entry['uid']],
            );
        }
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX board_making');
        $this->addSql('ALTER TABLE board DROP COLUMN making_id');
        $this->addSql('DROP TABLE making');
        $this->addSql('DROP TABLE customer_order');
    }

    /**
     * @param array<string, mixed> $times
     */
    private function add(mixed $piece, string $document, array $times): int
    {
        $said = json_decode($document, true);
        $now = $this->connection->fetchOne('SELECT document FROM piece WHERE id = ?', [$piece]);
        $now = \is_string($now) ? json_decode($now, true) : null;
        $name = \is_array($said) && \is_string($said['name'] ?? null) ? mb_substr($said['name'], 0, 200) : '';
        $this->connection->insert('making', $times + [
            'uid' => bin2hex(random_bytes(16)),
            'piece_id' => $piece,
            'name' => $name,
            'design' => $now === $said ? hash('xxh3', serialize($now)) : '',
            'document' => $document,
            'cords' => '[]',
            'changes' => '[]',
            'planned_at' => $times['board_at'] ?? $times['made_at'],
        ]);

        return (int) $this->connection->lastInsertId();
    }

    /**
     * @param array<string, mixed>       $board
     * @param list<array<string, mixed>> $entries
     * @param array<string, true>        $taken
     */
    private function entryOf(array $board, array $entries, array $taken): ?string
    {
        $piece = $this->connection->fetchOne('SELECT uid FROM piece WHERE id = ?', [$board['piece_id']]);
        foreach ($entries as $entry) {
            $said = \is_string($entry['document']) ? json_decode($entry['document'], true) : null;
            $apart = \is_string($entry['finished_at']) && \is_string($board['finished_at'])
                ? abs((int) strtotime($entry['finished_at']) - (int) strtotime($board['finished_at'])) : \PHP_INT_MAX;
            if (
                \is_array($said) && ($said['pieceUid'] ?? null) === $piece && $apart <= self::TOGETHER
                && \is_string($entry['uid']) && !isset($taken[$entry['uid']])
            ) {
                return $entry['uid'];
            }
        }

        return null;
    }
}
