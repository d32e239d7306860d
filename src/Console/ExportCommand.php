<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Backup\Archive;
use Rinkel\App\Backup\BackupFailed;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Message;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Writes all data as one archive of open files, of any size.
 */
#[AsCommand('rinkel:export', 'command.export.does')]
final class ExportCommand extends Command
{
    public function __construct(
        private readonly Archive $archive,
        private readonly Wording $wording,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'command.export.file');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        \assert(\is_string($file));
        try {
            if (file_exists($file)) {
                throw BackupFailed::exists($file);
            }
            $this->archive->write($file);
        } catch (BackupFailed $failed) {
            $output->writeln($this->wording->told($failed->said()), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }
        $output->writeln(
            $this->wording->told(new Message('archive-made', ['file' => $file])),
            OutputInterface::OUTPUT_RAW,
        );

        return Command::SUCCESS;
    }
}
