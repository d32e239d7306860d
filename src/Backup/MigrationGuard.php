<?php

declare(strict_types=1);

namespace Rinkel\App\Backup;

use Doctrine\DBAL\Connection;
use Rinkel\App\Platform\Database\Postgres;
use Symfony\Component\Console\ConsoleEvents;
use Symfony\Component\Console\Event\ConsoleCommandEvent;
use Symfony\Component\Console\Event\ConsoleTerminateEvent;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;

/**
 * Guards the maker's data while migrations run: copies the database before; refuses one that a newer Rinkel made;
 * switches foreign keys off, as SQLite changes a column by making the table again, which would delete the rows that
 * hang on it; checks them after.
 */
final class MigrationGuard
{
    private const COMMANDS = ['doctrine:migrations:migrate', 'doctrine:migrations:execute'];

    private bool $refused = false;

    public function __construct(
        private readonly Connection $connection,
        private readonly Backups $backups,
    ) {}

    #[AsEventListener(ConsoleEvents::COMMAND)]
    public function before(ConsoleCommandEvent $event): void
    {
        if (!\in_array($event->getCommand()?->getName(), self::COMMANDS, true)) {
            return;
        }
        if ([] !== $this->backups->unknownMigrations()) {
            $event->getOutput()->writeln(
                '<error>This database was made by a newer Rinkel than this one. It is left as it is; start the newer Rinkel, or restore an older backup.</error>',
            );
            $event->disableCommand();
            $this->refused = true;

            return;
        }
        if ($this->backups->isBehind()) {
            $this->backups->automatic('before-migration');
        }
        if (!Postgres::is($this->connection)) {
            $this->connection->executeStatement('PRAGMA foreign_keys = OFF');
        }
    }

    #[AsEventListener(ConsoleEvents::TERMINATE)]
    public function after(ConsoleTerminateEvent $event): void
    {
        if (!\in_array($event->getCommand()?->getName(), self::COMMANDS, true)) {
            return;
        }
        if ($this->refused) {
            $event->setExitCode(1);

            return;
        }
        if (Postgres::is($this->connection)) {
            return; // it keeps them while tables are changed
        }
        $this->connection->executeStatement('PRAGMA foreign_keys = ON');
        $broken = $this->connection->fetchAllAssociative('PRAGMA foreign_key_check');
        if ([] !== $broken) {
            $event->getOutput()->writeln(
                '<error>The migration left rows that point nowhere: '.json_encode($broken).'</error>',
            );
            $event->setExitCode(1);
        }
    }
}
