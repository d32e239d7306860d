<?php

declare(strict_types=1);

namespace Rinkel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Rinkel\App\Platform\Database\SqliteMigration;

final class Version20261126150000 extends SqliteMigration
{
    public function getDescription(): string
    {
        return 'Pieces in the making lie on boards, tap by tap.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("CREATE TABLE board (
            id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL,
            piece_id INTEGER NOT NULL,
            moves INTEGER DEFAULT 0 NOT NULL,
            total INTEGER DEFAULT 0 NOT NULL,
            number INTEGER DEFAULT 0 NOT NULL,
            note VARCHAR(500) DEFAULT '' NOT NULL,
            readings CLOB NOT NULL,
            clocks CLOB NOT NULL,
            finished_at DATETIME DEFAULT NULL,
            document CLOB NOT NULL,
            touched_at DATETIME NOT NULL,
            CONSTRAINT FK_board_piece FOREIGN KEY (piece_id) REFERENCES piece (id) ON DELETE CASCADE
                NOT DEFERRABLE INITIALLY IMMEDIATE
        )");
        $this->addSql('CREATE INDEX IDX_58562B47C40FCFA8 ON board (piece_id)');
        $this->addSql("CREATE TABLE board_tap (
            id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL,
            board_id INTEGER NOT NULL,
            uid VARCHAR(24) NOT NULL,
            number INTEGER NOT NULL,
            done INTEGER NOT NULL,
            at BIGINT NOT NULL,
            kind VARCHAR(32) DEFAULT '' NOT NULL,
            CONSTRAINT FK_tap_board FOREIGN KEY (board_id) REFERENCES board (id) ON DELETE CASCADE
                NOT DEFERRABLE INITIALLY IMMEDIATE
        )");
        $this->addSql('CREATE UNIQUE INDEX board_tap_uid ON board_tap (board_id, uid)');
        $this->addSql('CREATE INDEX board_tap_kind ON board_tap (kind)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE board_tap');
        $this->addSql('DROP TABLE board');
    }
}
