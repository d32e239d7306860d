<?php

declare(strict_types=1);

namespace Rinkel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Rinkel\App\Platform\Database\SqliteMigration;

final class Version20261126140000 extends SqliteMigration
{
    public function getDescription(): string
    {
        return 'Finished pieces are kept in a log.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE log_entry (
            id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL,
            uid VARCHAR(32) NOT NULL,
            document CLOB NOT NULL,
            finished_at DATETIME NOT NULL
        )');
        $this->addSql('CREATE UNIQUE INDEX log_entry_uid ON log_entry (uid)');
        $this->addSql('CREATE INDEX log_entry_finished ON log_entry (finished_at)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE log_entry');
    }
}
