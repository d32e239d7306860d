<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Document\PieceFiles;
use Rinkel\App\Document\SizesDocument;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\App\Sizes\RequestedSizes;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Sizing\Girths;
use Rinkel\Core\Sizing\Sizes;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Prints a design in sizes and the kit for them, as JSON by docs/sizes.schema.json. Ends with 0, or with 1 and a line
 * for each fault.
 */
#[AsCommand('rinkel:sizes', 'command.sizes.does')]
final class SizesCommand extends Command
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
        $this->addOption(
            'girths',
            null,
            InputOption::VALUE_REQUIRED,
            'command.sizes.girths',
        );
        $this->addOption('graded', null, InputOption::VALUE_NONE, 'command.sizes.graded');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        [$file, $girths] = [$input->getArgument('file'), $input->getOption('girths')];
        \assert(\is_string($file));
        try {
            $design = $this->files->read($file);
            $along = \is_string($girths)
                ? new Girths(RequestedSizes::girths($girths, $design))
                : Girths::usual($design->wearing->wearer->place, $design->unit);
            $isGraded = true === $input->getOption('graded');
            $sizes = Sizes::of($this->planner, $design, $along, $isGraded);
            $byAnyone = Sizes::of(new Planner(), $design->byAnyone(), $along, $isGraded);
        } catch (PieceUnreadable $unreadable) {
            $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
            $errors->writeln($this->wording->faults($unreadable->faults), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }
        $output->writeln(json_encode(
            SizesDocument::of($sizes, $byAnyone),
            \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE,
        ), OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }
}
