<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Backup\BackupFailed;
use Rinkel\App\Backup\Backups;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Message;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Puts a copy in the place of the database, once it is checked; the old one is kept aside.
 */
#[AsCommand('rinkel:restore', 'command.restore.does')]
final class RestoreCommand extends Command
{
    public function __construct(
        private readonly Backups $backups,
        private readonly Wording $wording,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument(
            'file',
            InputArgument::REQUIRED,
            'command.restore.file',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        \assert(\is_string($file));
        try {
            $aside = $this->backups->restore($file);
        } catch (BackupFailed $failed) {
            $output->writeln($this->wording->told($failed->said()), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }
        $output->writeln(
            $this->wording->told(new Message('backup-restored', ['file' => $file, 'aside' => $aside])),
            OutputInterface::OUTPUT_RAW,
        );

        // A copy of an older Rinkel is brought up to this one.
        $application = $this->getApplication();
        if (null === $application) {
            return Command::SUCCESS;
        }
        $application->setAutoExit(false);

        return $application->run(
            new ArrayInput(
                [
                    'command' => 'doctrine:migrations:migrate',
                    '--no-interaction' => true,
                    '--allow-no-migration' => true,
                    '--quiet' => true,
                ],
            ),
            $output,
        );
    }
}
