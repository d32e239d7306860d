<?php

declare(strict_types=1);

namespace Rinkel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Rinkel\App\Platform\Database\SqliteMigration;

final class Version20261126190000 extends SqliteMigration
{
    public function getDescription(): string
    {
        return 'How well each exercise of the practice is known.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE practice_box (
            exercise VARCHAR(40) NOT NULL,
            box INTEGER NOT NULL,
            asked INTEGER DEFAULT 0 NOT NULL,
            due_at DATETIME NOT NULL,
            PRIMARY KEY(exercise)
        )');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE practice_box');
    }
}
