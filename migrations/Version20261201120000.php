<?php

declare(strict_types=1);

namespace Rinkel\Migrations;

use Doctrine\DBAL\Platforms\PostgreSQLPlatform;
use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261201120000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'All tables, where the database is PostgreSQL.';
    }

    public function up(Schema $schema): void
    {
        if (!$this->platform instanceof PostgreSQLPlatform) {
            $this->addSql('SELECT 1'); // SQLite has them all by now

            return;
        }
        // Statements end a line; those of a function do not, up to the end of its body.
        $sql = preg_replace('/^--.*\n/m', '', (string) file_get_contents(__DIR__.'/postgresql.sql'));
        preg_match_all('/\S(?:[^$;]|\$\$.*?\$\$|\$)*;/s', (string) $sql, $statements);
        foreach ($statements[0] as $statement) {
            $this->addSql($statement);
        }
        // Those before it changed what SQLite had; here they are done with it.
        foreach (glob(__DIR__.'/Version*.php') ?: [] as $file) {
            if (basename($file, '.php') < 'Version20261201120000') {
                $this->addSql(
                    'INSERT INTO doctrine_migration_versions (version, executed_at, execution_time)
                        VALUES (?, NOW(), 0)',
                    ['Rinkel\\Migrations\\'.basename($file, '.php')],
                );
            }
        }
    }

    public function down(Schema $schema): void
    {
        $this->abortIf($this->platform instanceof PostgreSQLPlatform, 'Drop the database instead.');
        $this->addSql('SELECT 1');
    }
}
