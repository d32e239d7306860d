<?php

declare(strict_types=1);

namespace Rinkel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Rinkel\App\Platform\Database\SqliteMigration;

final class Version20261201110000 extends SqliteMigration
{
    public function getDescription(): string
    {
        return 'A workshop: who works there, what they set, measured and made, and what they did.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE member (
            id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, uid VARCHAR(32) NOT NULL, name VARCHAR(60) NOT NULL,
            folded VARCHAR(120) NOT NULL, password VARCHAR(255) NOT NULL, word VARCHAR(64) NOT NULL,
            word_until BIGINT NOT NULL, role VARCHAR(10) NOT NULL, since BIGINT NOT NULL)');
        $this->addSql('CREATE UNIQUE INDEX member_uid ON member (uid)');
        $this->addSql('CREATE UNIQUE INDEX member_folded ON member (folded)');
        $this->addSql('CREATE TABLE sign_in (
            id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, member_id INTEGER NOT NULL, proof VARCHAR(64) NOT NULL,
            seen BIGINT NOT NULL,
            CONSTRAINT FK_sign_in_member FOREIGN KEY (member_id) REFERENCES member (id)
                ON DELETE CASCADE NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE UNIQUE INDEX sign_in_proof ON sign_in (proof)');
        $this->addSql('CREATE INDEX sign_in_member ON sign_in (member_id)');
        $this->addSql('CREATE TABLE deed (
            id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, at BIGINT NOT NULL, uid VARCHAR(32) NOT NULL,
            who VARCHAR(60) NOT NULL, what VARCHAR(30) NOT NULL, thing VARCHAR(60) NOT NULL, name VARCHAR(120) NOT NULL,
            times INTEGER NOT NULL)');
        $this->addSql('CREATE INDEX deed_at ON deed (at)');
        $this->addSql('CREATE INDEX deed_thing ON deed (thing)');
        $this->addSql("ALTER TABLE sample ADD COLUMN made_by VARCHAR(32) DEFAULT '' NOT NULL");
        $this->addSql("ALTER TABLE log_entry ADD COLUMN made_by VARCHAR(32) DEFAULT '' NOT NULL");
        $this->addSql("CREATE TABLE settings (
            name VARCHAR(40) NOT NULL, member VARCHAR(32) DEFAULT '' NOT NULL, text VARCHAR(200) NOT NULL,
            PRIMARY KEY (name, member))");
        $this->addSql('INSERT INTO settings (name, text) SELECT name, text FROM setting');
        $this->addSql('DROP TABLE setting');
        $this->addSql('ALTER TABLE settings RENAME TO setting');
        $this->addSql('CREATE TABLE messenger_messages (
            id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, body CLOB NOT NULL, headers CLOB NOT NULL,
            queue_name VARCHAR(190) NOT NULL, created_at DATETIME NOT NULL, available_at DATETIME NOT NULL,
            delivered_at DATETIME DEFAULT NULL)');
        $this->addSql('CREATE INDEX messenger_next ON messenger_messages (queue_name, available_at, delivered_at, id)');
        $this->addSql('CREATE TABLE cache_items (
            item_id CLOB NOT NULL PRIMARY KEY, item_data BLOB NOT NULL,
            item_lifetime INTEGER UNSIGNED DEFAULT NULL, item_time INTEGER UNSIGNED NOT NULL)');
    }

    public function down(Schema $schema): void
    {
        foreach (['cache_items', 'messenger_messages', 'deed', 'sign_in', 'member'] as $table) {
            $this->addSql('DROP TABLE '.$table);
        }
        $this->addSql("DELETE FROM setting WHERE member <> ''");
        $this->addSql('CREATE TABLE settings (
            name VARCHAR(40) NOT NULL, text VARCHAR(200) NOT NULL, PRIMARY KEY (name))');
        $this->addSql('INSERT INTO settings (name, text) SELECT name, text FROM setting');
        $this->addSql('DROP TABLE setting');
        $this->addSql('ALTER TABLE settings RENAME TO setting');
        $this->addSql('ALTER TABLE sample DROP COLUMN made_by');
        $this->addSql('ALTER TABLE log_entry DROP COLUMN made_by');
    }
}
