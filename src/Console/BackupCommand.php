<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Backup\BackupFailed;
use Rinkel\App\Backup\Backups;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Message;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Copies the whole database to a file, also while Rinkel runs.
 */
#[AsCommand('rinkel:backup', 'command.backup.does')]
final class BackupCommand extends Command
{
    public function __construct(
        private readonly Backups $backups,
        private readonly Wording $wording,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'command.backup.file');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        \assert(\is_string($file));
        try {
            $this->backups->write($file);
        } catch (BackupFailed $failed) {
            $output->writeln($this->wording->told($failed->said()), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }
        $output->writeln($this->wording->told(new Message('backup-made', ['file' => $file])), OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }
}
