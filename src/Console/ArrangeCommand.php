<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Arrange\ArrangementOffers;
use Rinkel\App\Document\PieceFiles;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Prints six arrangements of a piece's beads, a line each: manner, liveliness, pattern; the liveliest first. Ends with
 * 1 and a line for each fault where the piece cannot be read.
 */
#[AsCommand('rinkel:arrange', 'command.arrange.does')]
final class ArrangeCommand extends Command
{
    public function __construct(
        private readonly PieceFiles $files,
        private readonly ArrangementOffers $offered,
        private readonly Wording $wording,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'command.piece');
        $this->addOption('seed', null, InputOption::VALUE_REQUIRED, 'command.arrange.seed', '1');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        [$file, $seed] = [$input->getArgument('file'), $input->getOption('seed')];
        \assert(\is_string($file) && \is_string($seed));
        try {
            $six = $this->offered->six($this->files->read($file), (int) $seed);
        } catch (PieceUnreadable $unreadable) {
            $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
            $errors->writeln($this->wording->faults($unreadable->faults), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }
        foreach ($six as [$arrangement, $plan]) {
            $output->writeln(\sprintf(
                "%s\t%.1f\t%s",
                $arrangement->manner->value,
                $arrangement->liveliness,
                $plan->draft->piece->pattern->tree,
            ), OutputInterface::OUTPUT_RAW);
        }

        return Command::SUCCESS;
    }
}
