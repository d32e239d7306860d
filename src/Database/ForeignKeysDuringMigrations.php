<?php

declare(strict_types=1);

namespace Rinkel\App\Database;

use Doctrine\DBAL\Connection;
use Symfony\Component\Console\ConsoleEvents;
use Symfony\Component\Console\Event\ConsoleCommandEvent;
use Symfony\Component\Console\Event\ConsoleTerminateEvent;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;

/**
 * Switches foreign keys off while migrations run: SQLite changes a column by making the table anew, which would delete the rows
 * that hang on it. Checks them afterwards.
 */
final readonly class ForeignKeysDuringMigrations
{
    private const COMMANDS = ['doctrine:migrations:migrate', 'doctrine:migrations:execute'];

    public function __construct(private Connection $connection) {}

    #[AsEventListener(ConsoleEvents::COMMAND)]
    public function before(ConsoleCommandEvent $event): void
    {
        if (\in_array($event->getCommand()?->getName(), self::COMMANDS, true)) {
            $this->connection->executeStatement('PRAGMA foreign_keys = OFF');
        }
    }

    #[AsEventListener(ConsoleEvents::TERMINATE)]
    public function after(ConsoleTerminateEvent $event): void
    {
        if (!\in_array($event->getCommand()?->getName(), self::COMMANDS, true)) {
            return;
        }
        $this->connection->executeStatement('PRAGMA foreign_keys = ON');
        $broken = $this->connection->fetchAllAssociative('PRAGMA foreign_key_check');
        if ([] !== $broken) {
            $event->getOutput()->writeln('<error>The migration left rows that point nowhere: '.json_encode($broken).'</error>');
            $event->setExitCode(1);
        }
    }
}
