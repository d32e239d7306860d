<?php

declare(strict_types=1);

namespace Rinkel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Rinkel\App\Platform\Database\SqliteMigration;

final class Version20261126170000 extends SqliteMigration
{
    public function getDescription(): string
    {
        return 'Cords in stock, and what was taken of them.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE stock_cord (
            id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL,
            uid VARCHAR(32) NOT NULL,
            document CLOB NOT NULL
        )');
        $this->addSql('CREATE UNIQUE INDEX stock_cord_uid ON stock_cord (uid)');
        $this->addSql('CREATE TABLE stock_taking (
            id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL,
            undone BOOLEAN DEFAULT 0 NOT NULL,
            changes CLOB NOT NULL,
            at DATETIME NOT NULL,
            what VARCHAR(200) NOT NULL
        )');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE stock_taking');
        $this->addSql('DROP TABLE stock_cord');
    }
}
