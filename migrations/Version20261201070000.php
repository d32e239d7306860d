<?php

declare(strict_types=1);

namespace Rinkel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Rinkel\App\Platform\Database\SqliteMigration;

final class Version20261201070000 extends SqliteMigration
{
    public function getDescription(): string
    {
        return 'What belongs to the example data.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE example (what VARCHAR(120) NOT NULL, PRIMARY KEY(what))');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE example');
    }
}
