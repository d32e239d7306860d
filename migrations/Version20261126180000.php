<?php

declare(strict_types=1);

namespace Rinkel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Rinkel\App\Platform\Database\SqliteMigration;

final class Version20261126180000 extends SqliteMigration
{
    public function getDescription(): string
    {
        return 'Beads, findings and glues in stock beside cords, and which cuts are made.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE stock_item (
            id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL,
            kind VARCHAR(10) NOT NULL,
            likeness VARCHAR(120) NOT NULL,
            document CLOB NOT NULL,
            uid VARCHAR(32) NOT NULL
        )');
        $this->addSql('CREATE UNIQUE INDEX stock_item_uid ON stock_item (uid)');
        $this->addSql('CREATE INDEX stock_item_likeness ON stock_item (likeness)');
        $this->addSql("INSERT INTO stock_item (id, kind, likeness, document, uid)
            SELECT id, 'cord', '', document, uid FROM stock_cord");
        $this->addSql('DROP TABLE stock_cord');
        $this->addSql("ALTER TABLE stock_taking ADD COLUMN turn VARCHAR(10) DEFAULT 'taken' NOT NULL");
        $this->addSql('CREATE TABLE stock_tick (cut VARCHAR(32) NOT NULL, PRIMARY KEY(cut))');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('CREATE TABLE stock_cord (
            id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL,
            uid VARCHAR(32) NOT NULL,
            document CLOB NOT NULL
        )');
        $this->addSql('CREATE UNIQUE INDEX stock_cord_uid ON stock_cord (uid)');
        $this->addSql("INSERT INTO stock_cord (id, uid, document)
            SELECT id, uid, document FROM stock_item WHERE kind = 'cord'");
        $this->addSql('DROP TABLE stock_tick');
        $this->addSql('ALTER TABLE stock_taking DROP COLUMN turn');
        $this->addSql('DROP TABLE stock_item');
    }
}
