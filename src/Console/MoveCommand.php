<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Backup\BackupFailed;
use Rinkel\App\Backup\DatabaseMove;
use Rinkel\App\Platform\Wording\Wording;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Moves a whole Rinkel from one database to another, there and back.
 */
#[AsCommand('rinkel:move', 'command.move.does')]
final class MoveCommand extends Command
{
    public function __construct(
        private readonly DatabaseMove $move,
        private readonly Wording $wording,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('from', InputArgument::REQUIRED, 'command.move.from')
            ->addArgument('to', InputArgument::REQUIRED, 'command.move.to');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        [$from, $to] = [$input->getArgument('from'), $input->getArgument('to')];
        \assert(\is_string($from) && \is_string($to));
        try {
            // The older one is made as its tables are now, too; nothing is lost by that.
            $this->move->prepare($from);
            $this->move->prepare($to);
            foreach ($this->move->copy(DatabaseMove::open($from), DatabaseMove::open($to)) as $table => $many) {
                $output->writeln(\sprintf('%7d  %s', $many, $table), OutputInterface::VERBOSITY_VERBOSE);
            }
        } catch (BackupFailed $failed) {
            $output->writeln($this->wording->told($failed->said()), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }

        return Command::SUCCESS;
    }
}
