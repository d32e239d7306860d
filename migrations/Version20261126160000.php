<?php

declare(strict_types=1);

namespace Rinkel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Rinkel\App\Platform\Database\SqliteMigration;

final class Version20261126160000 extends SqliteMigration
{
    public function getDescription(): string
    {
        return 'What calliper, tape, scale and foot switch say is kept for the pages that listen.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE device_reading (
            id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL,
            line VARCHAR(40) NOT NULL,
            at DATETIME NOT NULL
        )');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE device_reading');
    }
}
