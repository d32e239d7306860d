<?php

declare(strict_types=1);

namespace Rinkel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Rinkel\App\Platform\Database\SqliteMigration;

final class Version20261201060000 extends SqliteMigration
{
    public function getDescription(): string
    {
        return 'What is known of people besides their measures.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE person ADD COLUMN about CLOB DEFAULT '[]' NOT NULL");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE person DROP COLUMN about');
    }
}
