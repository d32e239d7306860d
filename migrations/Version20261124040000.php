<?php

declare(strict_types=1);

namespace Rinkel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Rinkel\App\Platform\Database\SqliteMigration;

final class Version20261124040000 extends SqliteMigration
{
    public function getDescription(): string
    {
        return 'Pieces: what the maker decided, in the open format.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE piece (
            id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL,
            version INTEGER DEFAULT 1 NOT NULL,
            document CLOB NOT NULL,
            draft CLOB DEFAULT NULL,
            changed_at DATETIME NOT NULL,
            archived_at DATETIME DEFAULT NULL
        )');
        $this->addSql('CREATE INDEX IDX_44CA0B2342C5213452042E1 ON piece (archived_at, changed_at)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE piece');
    }
}
