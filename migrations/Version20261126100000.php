<?php

declare(strict_types=1);

namespace Rinkel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Rinkel\App\Platform\Database\SqliteMigration;

final class Version20261126100000 extends SqliteMigration
{
    public function getDescription(): string
    {
        return 'Pieces that are put away can be deleted for good; until that happens they can be kept.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE piece ADD COLUMN discarded_at DATETIME DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE piece DROP COLUMN discarded_at');
    }
}
