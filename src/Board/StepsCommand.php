<?php

declare(strict_types=1);

namespace Rinkel\App\Board;

use Rinkel\App\Document\PieceFiles;
use Rinkel\App\Document\StepsDocument;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Plan\Planner;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Prints how a piece is made, from the first mark to the last trim. Ends with 0, or with 1 and a line for each fault.
 */
#[AsCommand('rinkel:steps', 'Prints how a piece in the open format is made, step by step')]
final class StepsCommand extends Command
{
    public function __construct(
        private readonly PieceFiles $files,
        private readonly Planner $planner,
        private readonly StepsDocument $document,
        private readonly Wording $wording,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'A piece in the open format, docs/piece.schema.json');
        $this->addOption('text', null, InputOption::VALUE_NONE, 'As a sheet to read and tick, instead of JSON');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
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
        $output->writeln(true === $input->getOption('text') ? $this->document->sheet($plan) : json_encode(
            $this->document->of($plan),
            \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE,
        ), OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }
}
