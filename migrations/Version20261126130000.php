<?php

declare(strict_types=1);

namespace Rinkel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Rinkel\App\Platform\Database\SqliteMigration;

final class Version20261126130000 extends SqliteMigration
{
    public function getDescription(): string
    {
        return 'Samples of the maker\'s own knots are kept.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE sample (
            id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL,
            uid VARCHAR(32) NOT NULL,
            document CLOB NOT NULL,
            taken_at DATETIME NOT NULL,
            aside BOOLEAN DEFAULT 0 NOT NULL
        )');
        $this->addSql('CREATE UNIQUE INDEX sample_uid ON sample (uid)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE sample');
    }
}
