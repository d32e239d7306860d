<?php

declare(strict_types=1);

namespace Rinkel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Rinkel\App\Platform\Database\SqliteMigration;

final class Version20261125001000 extends SqliteMigration
{
    public function getDescription(): string
    {
        return 'What a piece was before, for undo; people and their measures.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE piece ADD COLUMN state INTEGER DEFAULT 0 NOT NULL');
        $this->addSql('CREATE TABLE piece_state (
            id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL,
            piece_id INTEGER NOT NULL REFERENCES piece (id) ON DELETE CASCADE,
            number INTEGER NOT NULL,
            document CLOB NOT NULL,
            what VARCHAR(255) NOT NULL,
            at DATETIME NOT NULL
        )');
        $this->addSql('CREATE UNIQUE INDEX piece_state_number ON piece_state (piece_id, number)');
        $this->addSql('CREATE TABLE person (
            id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL,
            name VARCHAR(80) NOT NULL,
            archived_at DATETIME DEFAULT NULL
        )');
        $this->addSql('CREATE TABLE measure (
            id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL,
            person_id INTEGER NOT NULL REFERENCES person (id) ON DELETE CASCADE,
            taken_at DATETIME NOT NULL,
            lengths CLOB NOT NULL,
            measured VARCHAR(20) NOT NULL
        )');
        $this->addSql('CREATE INDEX measure_person ON measure (person_id, taken_at)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE measure');
        $this->addSql('DROP TABLE person');
        $this->addSql('DROP TABLE piece_state');
        $this->addSql('ALTER TABLE piece DROP COLUMN state');
    }
}
