<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Document\PieceFiles;
use Rinkel\App\Paper\Strips;
use Rinkel\App\Paper\WorkSheet;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Svg\PieceDrawing;
use Rinkel\Core\Svg\PlainSvg;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Prints a piece for paper: its work sheet or its line as PDF, or its drawing as SVG. Ends with 0, or with 1 and a line
 * for each fault.
 */
#[AsCommand('rinkel:paper', 'command.paper.does')]
final class PaperCommand extends Command
{
    private const KINDS = ['work', 'line', 'svg'];

    public function __construct(
        private readonly PieceFiles $files,
        private readonly Planner $planner,
        private readonly WorkSheet $work,
        private readonly Strips $strips,
        private readonly PieceWriter $writer,
        private readonly Wording $wording,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'command.piece');
        $this->addOption('as', null, InputOption::VALUE_REQUIRED, 'command.paper.as', self::KINDS[0]);
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        [$file, $as] = [$input->getArgument('file'), $input->getOption('as')];
        \assert(\is_string($file));
        if (!\in_array($as, self::KINDS, true)) {
            $errors->writeln('--as: '.implode(', ', self::KINDS));

            return Command::FAILURE;
        }
        try {
            $wish = $this->files->read($file);
            $plan = $this->planner->plan($wish);
        } catch (PieceUnreadable $unreadable) {
            $errors->writeln($this->wording->faults($unreadable->faults), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }
        $output->write(match ($as) {
            'svg' => PlainSvg::of(
                (new PieceDrawing($plan, 'file'))->trueSize($wish->name),
                about: $this->writer->write($wish),
            ),
            'line' => $this->strips->line($plan),
            default => $this->work->pdf($plan, ''),
        }, false, OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }
}
