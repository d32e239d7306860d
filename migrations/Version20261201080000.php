<?php

declare(strict_types=1);

namespace Rinkel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Rinkel\App\Platform\Database\SqliteMigration;

final class Version20261201080000 extends SqliteMigration
{
    public function getDescription(): string
    {
        return 'Days at the bench, as they were planned.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE day (
            id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, uid VARCHAR(32) NOT NULL,
            day VARCHAR(10) NOT NULL, document CLOB NOT NULL)');
        $this->addSql('CREATE UNIQUE INDEX day_uid ON day (uid)');
        $this->addSql('CREATE UNIQUE INDEX day_on ON day (day)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE day');
    }
}
