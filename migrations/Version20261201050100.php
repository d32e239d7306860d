<?php

declare(strict_types=1);

namespace Rinkel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Rinkel\App\Platform\Database\SqliteMigration;

final class Version20261201050100 extends SqliteMigration
{
    private const COLUMNS = 'id, uid, moves, total, number, note, readings, clocks, detours, finished_at, touched_at';

    public function getDescription(): string
    {
        return 'A board is the board of a making, which has its piece and its plan.';
    }

    public function up(Schema $schema): void
    {
        $this->rebuild('making_id INTEGER NOT NULL REFERENCES making (id) ON DELETE CASCADE', 'making_id', 'making_id');
        $this->addSql('CREATE UNIQUE INDEX board_making ON board (making_id)');
    }

    public function down(Schema $schema): void
    {
        $this->rebuild(
            "piece_id INTEGER NOT NULL REFERENCES piece (id) ON DELETE CASCADE, document CLOB DEFAULT '[]' NOT NULL,
                making_id INTEGER DEFAULT NULL REFERENCES making (id) ON DELETE CASCADE",
            'piece_id, document, making_id',
            '(SELECT piece_id FROM making WHERE making.id = making_id),
                (SELECT document FROM making WHERE making.id = making_id), making_id',
        );
        $this->addSql('CREATE INDEX board_making ON board (making_id)');
    }

    public function isTransactional(): bool
    {
        return false; // what refers to the board must not go with it, which no transaction can say
    }

    private function rebuild(string $own, string $columns, string $values): void
    {
        $this->addSql('PRAGMA foreign_keys = OFF');
        $this->addSql("CREATE TABLE board_new (
            id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, uid VARCHAR(32) DEFAULT '' NOT NULL,
            moves INTEGER DEFAULT 0 NOT NULL, total INTEGER DEFAULT 0 NOT NULL, number INTEGER DEFAULT 0 NOT NULL,
            note VARCHAR(500) DEFAULT '' NOT NULL, readings CLOB NOT NULL, clocks CLOB NOT NULL,
            detours CLOB DEFAULT '[]' NOT NULL, finished_at DATETIME DEFAULT NULL, touched_at DATETIME NOT NULL,
            {$own}
        )");
        $this->addSql('INSERT INTO board_new ('.self::COLUMNS.', '.$columns.')
            SELECT '.self::COLUMNS.', '.$values.' FROM board');
        $this->addSql('DROP TABLE board');
        $this->addSql('ALTER TABLE board_new RENAME TO board');
        $this->addSql('CREATE UNIQUE INDEX board_uid ON board (uid)');
        $this->addSql('PRAGMA foreign_keys = ON');
    }
}
