<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\App\Document\PieceFiles;
use Rinkel\App\Document\PlanDocument;
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
 * Prints the plan of a piece as JSON. Ends with 0, or with 1 and a line for each fault: its path and its reason.
 */
#[AsCommand('rinkel:plan', 'Prints the plan of a piece in the open format as JSON')]
final class PlanCommand extends Command
{
    public function __construct(
        private readonly PieceFiles $files,
        private readonly Planner $planner,
        private readonly PlanDocument $document,
        private readonly Wording $wording,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'A piece in the open format, docs/piece.schema.json');
        $this->addOption(
            'explain',
            null,
            InputOption::VALUE_NONE,
            'Say in sentences how every figure comes about, instead of JSON',
        );
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
        if (true === $input->getOption('explain')) {
            $output->writeln($this->document->explained($plan), OutputInterface::OUTPUT_RAW);

            return Command::SUCCESS;
        }
        $output->writeln(json_encode(
            $this->document->of($plan),
            \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE,
        ), OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }
}
