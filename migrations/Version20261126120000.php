<?php

declare(strict_types=1);

namespace Rinkel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Rinkel\App\Platform\Database\SqliteMigration;

final class Version20261126120000 extends SqliteMigration
{
    public function getDescription(): string
    {
        return 'The Table finds pieces by whom they are for and by how they stand.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE piece ADD whom VARCHAR(80) DEFAULT '' NOT NULL");
        $this->addSql('ALTER TABLE piece ADD stands VARCHAR(10) DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE piece DROP whom');
        $this->addSql('ALTER TABLE piece DROP stands');
    }
}
