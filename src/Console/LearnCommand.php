<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\SampleReader;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Prints what samples say of a maker's hand, against the model of an even hand: means and spreads of logarithms, a line
 * for each kind of knot in each cord. Leaves with 1 and a line for each fault of a sample that cannot be.
 */
#[AsCommand('rinkel:learn', 'command.learn.does')]
final class LearnCommand extends Command
{
    public function __construct(
        private readonly SampleReader $reader,
        private readonly Wording $wording,
        private readonly TranslatorInterface $translator,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'command.learn.file');
        $this->addOption('hand', null, InputOption::VALUE_REQUIRED, 'command.learn.hand');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        [$file, $said] = [$input->getArgument('file'), $input->getOption('hand')];
        \assert(\is_string($file));
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $read = is_readable($file) ? json_decode((string) file_get_contents($file), true, 16) : null;
        $rows = \is_array($read) && SampleReader::FORMAT === ($read['format'] ?? null)
            ? $read['samples'] ?? null
            : null;
        if (!\is_array($rows)) {
            $errors->writeln(
                $this->translator->trans('console.no-samples', ['file' => $file]),
                OutputInterface::OUTPUT_RAW,
            );

            return Command::FAILURE;
        }
        $samples = [];
        $sound = true;
        foreach (array_values($rows) as $i => $row) {
            try {
                $sample = $this->reader->read(\is_array($row) ? $row : []);
                if (!\is_array($row) || true !== ($row['aside'] ?? false)) {
                    $samples[(string) $i] = $sample;
                }
            } catch (PieceUnreadable $unreadable) {
                $errors->writeln(
                    \sprintf("sample %d\n%s", $i + 1, $this->wording->faults($unreadable->faults)),
                    OutputInterface::OUTPUT_RAW,
                );
                $sound = false;
            }
        }
        $this->print(Hand::from($samples), Tension::tryFrom(\is_string($said) ? $said : ''), $output);

        return $sound ? Command::SUCCESS : Command::FAILURE;
    }

    private function print(Hand $hand, ?Tension $said, OutputInterface $output): void
    {
        $known = $hand->knows($said);
        $output->writeln(\sprintf("push\t%+.4f\t%.4f", ...$known->push()), OutputInterface::OUTPUT_RAW);
        $lines = [];
        foreach ($hand->observations as $one) {
            $expected = $known->expect($one->kind, $one->cord, $one->isPushed);
            $lines[$one->kind.' '.$one->cord] = \sprintf(
                "%s\t%s\tpitch %+.4f %.4f\tuse %+.4f %.4f\tuse per length %+.4f %.4f",
                $one->kind,
                $one->cord,
                $expected->pitch,
                $expected->pitchSpread,
                $expected->use,
                $expected->useSpread,
                $expected->perLength,
                $expected->perLengthSpread,
            );
        }
        foreach ($hand->pulled as $cord => $stretch) {
            $lines['stretch '.$cord] = \sprintf("stretch\t%s\t%.4f", $cord, $stretch->share);
        }
        ksort($lines);
        foreach ($lines as $line) {
            $output->writeln($line, OutputInterface::OUTPUT_RAW);
        }
        foreach ($hand->odd($said) as $i => $off) {
            $which = 1 + (int) ($hand->observations[$i] ?? null)?->piece;
            $output->writeln(
                \sprintf("sample %d disagrees with the others\t%.1f", $which, $off),
                OutputInterface::OUTPUT_RAW,
            );
        }
    }
}
