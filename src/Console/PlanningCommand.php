<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Document\PieceFiles;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Prints something of a piece that is planned from its file. Ends with 0, or with 1 and a line for each fault: its path
 * and its reason.
 */
abstract class PlanningCommand extends Command
{
    public function __construct(
        private readonly PieceFiles $files,
        private readonly Planner $planner,
        private readonly Wording $wording,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'command.piece');
    }

    final protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        \assert(\is_string($file));
        try {
            $plan = $this->planner->plan($this->files->read($file));
        } catch (PieceUnreadable $unreadable) {
            $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
            $errors->writeln($this->wording->faults($unreadable->faults), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }
        $output->writeln($this->printed($plan, $input), OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }

    abstract protected function printed(Plan $plan, InputInterface $input): string;

    /**
     * @param array<string, mixed> $document
     */
    final protected static function json(array $document): string
    {
        return json_encode(
            $document,
            \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE,
        );
    }
}
