<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Database;

use Doctrine\DBAL\Platforms\SQLitePlatform;
use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * A change to the tables in SQLite's own SQL, from before Rinkel could have another database: such a one begins with
 * all tables as they are by then.
 */
abstract class SqliteMigration extends AbstractMigration
{
    public function preUp(Schema $schema): void
    {
        $this->skipIf(!$this->platform instanceof SQLitePlatform, 'It is of SQLite only.');
    }
}
