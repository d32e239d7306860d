<?php

declare(strict_types=1);

namespace Rinkel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Rinkel\App\Platform\Database\SqliteMigration;

final class Version20261126020000 extends SqliteMigration
{
    public function getDescription(): string
    {
        return 'Acts that were taken are known again; pieces and people have names of their own in every copy; changes go by strokes.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE piece ADD COLUMN acts CLOB DEFAULT '[]' NOT NULL");
        $this->addSql("ALTER TABLE piece ADD COLUMN uid VARCHAR(32) DEFAULT '' NOT NULL");
        $this->addSql('UPDATE piece SET uid = lower(hex(randomblob(16)))');
        $this->addSql('CREATE UNIQUE INDEX piece_uid ON piece (uid)');
        $this->addSql("ALTER TABLE person ADD COLUMN uid VARCHAR(32) DEFAULT '' NOT NULL");
        $this->addSql('UPDATE person SET uid = lower(hex(randomblob(16)))');
        $this->addSql('CREATE UNIQUE INDEX person_uid ON person (uid)');
        $this->addSql('ALTER TABLE piece_state RENAME COLUMN what TO stroke');
        // The first change of a piece that is older than the history can be undone, too.
        $this->addSql("INSERT INTO piece_state (piece_id, number, document, stroke, at)
            SELECT id, state, document, '', changed_at FROM piece
            WHERE NOT EXISTS (SELECT 1 FROM piece_state WHERE piece_state.piece_id = piece.id AND piece_state.number = piece.state)");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE piece_state RENAME COLUMN stroke TO what');
        $this->addSql('DROP INDEX person_uid');
        $this->addSql('ALTER TABLE person DROP COLUMN uid');
        $this->addSql('DROP INDEX piece_uid');
        $this->addSql('ALTER TABLE piece DROP COLUMN uid');
        $this->addSql('ALTER TABLE piece DROP COLUMN acts');
    }
}
