<?php

declare(strict_types=1);

namespace Rinkel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Rinkel\App\Platform\Database\SqliteMigration;

final class Version20261201100000 extends SqliteMigration
{
    public function getDescription(): string
    {
        return 'Links by which customers see their orders.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE customer_link (
            id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, order_id INTEGER NOT NULL, proof VARCHAR(64) NOT NULL,
            expires BIGINT NOT NULL,
            CONSTRAINT FK_customer_link_order FOREIGN KEY (order_id) REFERENCES customer_order (id)
                ON DELETE CASCADE NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE UNIQUE INDEX customer_link_proof ON customer_link (proof)');
        $this->addSql('CREATE UNIQUE INDEX customer_link_order ON customer_link (order_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE customer_link');
    }
}
