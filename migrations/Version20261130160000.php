<?php

declare(strict_types=1);

namespace Rinkel\Migrations;

use Doctrine\DBAL\ParameterType;
use Doctrine\DBAL\Schema\Schema;
use Rinkel\App\Platform\Database\SqliteMigration;

final class Version20261130160000 extends SqliteMigration
{
    public function getDescription(): string
    {
        return 'What was done, photos, what was deleted, boards and takings by their own uid, plans last seen.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE request_done (
            id VARCHAR(32) NOT NULL, answer VARCHAR(500) NOT NULL, done_at DATETIME NOT NULL, PRIMARY KEY(id)
        )');
        $this->addSql('CREATE INDEX request_done_at ON request_done (done_at)');
        $this->addSql('CREATE TABLE photo (uid VARCHAR(32) NOT NULL, jpeg BLOB NOT NULL, PRIMARY KEY(uid))');
        $this->addSql('CREATE TABLE removed (
            id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, uid VARCHAR(32) NOT NULL, kind VARCHAR(20) NOT NULL,
            of VARCHAR(40) NOT NULL, name VARCHAR(200) NOT NULL, row CLOB NOT NULL, removed_at DATETIME NOT NULL
        )');
        $this->addSql('CREATE UNIQUE INDEX removed_uid ON removed (uid)');
        foreach (['board', 'stock_taking'] as $table) {
            $this->addSql("ALTER TABLE {$table} ADD COLUMN uid VARCHAR(32) DEFAULT '' NOT NULL");
            $this->addSql("UPDATE {$table} SET uid = lower(hex(randomblob(16)))");
            $this->addSql("CREATE UNIQUE INDEX {$table}_uid ON {$table} (uid)");
        }
        $this->addSql('ALTER TABLE piece ADD COLUMN seen CLOB DEFAULT NULL');
        $this->addSql("ALTER TABLE board ADD COLUMN detours CLOB DEFAULT '[]' NOT NULL");
    }

    /**
     * Photos were files beside the database; they are left where they are, and used no more.
     */
    public function postUp(Schema $schema): void
    {
        $path = $this->connection->getParams()['path'] ?? '';
        foreach (glob(\dirname($path).'/photos/*.jpg') ?: [] as $file) {
            $uid = basename($file, '.jpg');
            if (1 === preg_match('/^[0-9a-f]{32}$/D', $uid)) {
                $this->connection->executeStatement(
                    'INSERT OR IGNORE INTO photo (uid, jpeg)
                        SELECT ?, ? WHERE EXISTS (SELECT 1 FROM log_entry WHERE uid = ?)',
                    [$uid, (string) file_get_contents($file), $uid],
                    [ParameterType::STRING, ParameterType::BINARY, ParameterType::STRING],
                );
            }
        }
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE board DROP COLUMN detours');
        $this->addSql('ALTER TABLE piece DROP COLUMN seen');
        foreach (['board', 'stock_taking'] as $table) {
            $this->addSql("DROP INDEX {$table}_uid");
            $this->addSql("ALTER TABLE {$table} DROP COLUMN uid");
        }
        foreach (['removed', 'photo', 'request_done'] as $table) {
            $this->addSql('DROP TABLE '.$table);
        }
    }
}
