<?php

declare(strict_types=1);

namespace Rinkel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Rinkel\App\Platform\Database\SqliteMigration;

final class Version20261201090000 extends SqliteMigration
{
    public function getDescription(): string
    {
        return 'Devices that were paired, each by itself; a number that grows with every change.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE paired_device (
            id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, uid VARCHAR(32) NOT NULL, name VARCHAR(80) NOT NULL,
            proof VARCHAR(64) NOT NULL, paired BIGINT NOT NULL, seen BIGINT NOT NULL)');
        $this->addSql('CREATE UNIQUE INDEX paired_device_uid ON paired_device (uid)');
        $this->addSql('CREATE UNIQUE INDEX paired_device_proof ON paired_device (proof)');
        $this->addSql(
            'CREATE TABLE change_stamp (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, number INTEGER NOT NULL)',
        );
        $this->addSql('INSERT INTO change_stamp (id, number) VALUES (1, 0)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE change_stamp');
        $this->addSql('DROP TABLE paired_device');
    }
}
