<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Document\TightDocument;
use Rinkel\App\Lesson\Cords;
use Rinkel\App\Lesson\LessonWords;
use Rinkel\App\Svg\LessonDrawing;
use Rinkel\App\Svg\PlainSvg;
use Rinkel\Core\Tight\Hardness;
use Rinkel\Core\Tight\Inside;
use Rinkel\Core\Tight\Seen;
use Rinkel\Core\Tight\TightBook;
use Rinkel\Core\Tight\TightCase;
use Rinkel\Core\Tight\Tightened;
use Rinkel\Core\Tight\TightKnots;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Pulls a knot tight on the computer and prints what it takes, in diameters of its cord. Ends with 0, or with 1 and a line
 * that says what is wrong.
 */
#[AsCommand('rinkel:tighten', 'command.tighten.does')]
final class TightenCommand extends Command
{
    public function __construct(
        private readonly TightDocument $document,
        private readonly LessonWords $words,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('knot', InputArgument::OPTIONAL, 'command.tighten.knot');
        $this->addOption('core', null, InputOption::VALUE_REQUIRED, 'command.tighten.core', '1x1');
        $this->addOption('count', null, InputOption::VALUE_REQUIRED, 'command.tighten.count', '3');
        $this->addOption('push', null, InputOption::VALUE_REQUIRED, 'command.tighten.push', '0');
        $this->addOption('cord', null, InputOption::VALUE_REQUIRED, 'command.tighten.cord', 'hard');
        $this->addOption('stiffness', null, InputOption::VALUE_REQUIRED, 'command.tighten.stiffness', '0');
        $this->addOption('spacing', null, InputOption::VALUE_REQUIRED, 'command.tighten.spacing', (string) TightBook::SPACING);
        $this->addOption('svg', null, InputOption::VALUE_NONE, 'command.tighten.svg');
        $this->addOption('book', null, InputOption::VALUE_NONE, 'command.tighten.book');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (true === $input->getOption('book')) {
            $output->writeln(self::json($this->book($output)), OutputInterface::OUTPUT_RAW);

            return Command::SUCCESS;
        }
        $id = $input->getArgument('knot');
        if (!\is_string($id)) {
            foreach (TightKnots::ids() as $known) {
                $output->writeln(
                    \sprintf('%-20s %s', $known, $this->words->title($known)),
                    OutputInterface::OUTPUT_RAW,
                );
            }

            return Command::SUCCESS;
        }
        $asked = $this->asked($id, $input);
        if (\is_string($asked)) {
            $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
            $errors->writeln($asked, OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }
        [$case, $spacing, $stiffness] = $asked;
        $found = $case->tightened($spacing, $stiffness);
        $output->writeln(true === $input->getOption('svg')
            ? $this->picture($case->id, $found->fine)
            : self::json($this->document->of($case, $found)), OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }

    /**
     * @return array{TightCase, float, float}|string what is asked for, how far apart beads lie, how stiff the cord is; or
     *                                               what is wrong with it
     */
    private function asked(string $id, InputInterface $input): array|string
    {
        $number = static fn (string $name, float $least, float $most): ?float => filter_var(
            $input->getOption($name),
            \FILTER_VALIDATE_FLOAT,
            ['flags' => \FILTER_NULL_ON_FAILURE, 'options' => ['min_range' => $least, 'max_range' => $most]],
        );
        $id = str_replace('-', ' ', $id);
        [$count, $push, $stiffness, $spacing] = [
            $number('count', 1, 6), $number('push', -10, 10), $number('stiffness', 0, 10), $number('spacing', 0.05, 0.5),
        ];
        [$core, $cord] = [$input->getOption('core'), $input->getOption('cord')];
        $hardness = \is_string($cord) ? Hardness::tryFrom($cord) : null;

        return match (true) {
            null === TightKnots::named($id) => 'No '.$id.' can be tightened. rinkel:tighten lists what can.',
            null === $count || floor($count) !== $count => '--count is a whole number from 1 to 6.',
            null === $push => '--push is from -10 to 10.',
            null === $stiffness => '--stiffness is from 0 to 10.',
            null === $spacing => '--spacing is from 0.05 to 0.5.',
            null === $hardness => '--cord is hard, firm or soft.',
            !\is_string($core) || null === ($inside = self::inside($core)) => '--core is like 2x1: up to 8 cores, 0.2 to 10 times as thick as the cord.',
            default => [TightCase::of($id, $inside, (int) $count, $push, $hardness), $spacing, $stiffness],
        };
    }

    private static function inside(string $core): ?Inside
    {
        if (1 !== preg_match('/^([1-8])x(\d{1,2}(?:\.\d{1,3})?)$/D', $core, $parts)) {
            return null;
        }

        return $parts[2] >= 0.2 && $parts[2] <= 10 ? Inside::of((int) $parts[1], (float) $parts[2]) : null;
    }

    /**
     * @return array<string, mixed>
     */
    private function book(OutputInterface $output): array
    {
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : null;
        $found = [];
        foreach (TightBook::cases() as $case) {
            $found[] = $row = $this->document->of($case, $case->tightened(TightBook::SPACING));
            $errors?->writeln((string) json_encode($row), OutputInterface::OUTPUT_RAW);
        }

        return $this->document->book($found);
    }

    private function picture(string $id, Tightened $tight): string
    {
        $drawing = new LessonDrawing(Seen::of($id, $tight), Cords::COLOURS, $this->words->letters());

        return PlainSvg::of($drawing->frame(0, $this->words->title($id)));
    }

    /**
     * @param array<string, mixed> $document
     */
    private static function json(array $document): string
    {
        return json_encode(
            $document,
            \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION,
        );
    }
}
