<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Document\TightDocument;
use Rinkel\App\Lesson\Cords;
use Rinkel\App\Lesson\LessonWords;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\App\Svg\LessonDrawing;
use Rinkel\Core\Failure;
use Rinkel\Core\Knot\DrawnWay;
use Rinkel\Core\Knot\Kind\DrawnKnot;
use Rinkel\Core\Lesson\Kind\DrawnLesson;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Piece\KnotReader;
use Rinkel\Core\Svg\PlainSvg;
use Rinkel\Core\Tight\Hardness;
use Rinkel\Core\Tight\Inside;
use Rinkel\Core\Tight\KnotPuller;
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
 * Pulls a knot tight on the computer and prints what it takes, in diameters of its cord. Ends with 0, or with 1 and a
 * line that says what is wrong.
 */
#[AsCommand('rinkel:tighten', 'command.tighten.does')]
final class TightenCommand extends Command
{
    /** The least and the most that can be asked for. */
    private const NUMBERS = [
        'count' => [1, 6], 'push' => [-10, 10], 'stiffness' => [0, 10], 'friction' => [0, 2], 'spacing' => [0.05, 0.5],
    ];

    public function __construct(
        private readonly TightDocument $document,
        private readonly LessonWords $words,
        private readonly KnotReader $reader,
        private readonly Wording $wording,
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
        $this->addOption('core-cord', null, InputOption::VALUE_REQUIRED, 'command.tighten.core-cord');
        $this->addOption('stiffness', null, InputOption::VALUE_REQUIRED, 'command.tighten.stiffness', '0');
        $this->addOption('friction', null, InputOption::VALUE_REQUIRED, 'command.tighten.friction', '0');
        $spacing = (string) TightBook::SPACING;
        $this->addOption('spacing', null, InputOption::VALUE_REQUIRED, 'command.tighten.spacing', $spacing);
        $this->addOption('svg', null, InputOption::VALUE_NONE, 'command.tighten.svg');
        $this->addOption('way', null, InputOption::VALUE_REQUIRED, 'command.tighten.way');
        $this->addOption('crossings', null, InputOption::VALUE_REQUIRED, 'command.tighten.crossings', '');
        $this->addOption('name', null, InputOption::VALUE_REQUIRED, 'command.tighten.name', 'my knot');
        $this->addOption('book', null, InputOption::VALUE_NONE, 'command.tighten.book');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (true === $input->getOption('book')) {
            $output->writeln(self::json($this->book($output)), OutputInterface::OUTPUT_RAW);

            return Command::SUCCESS;
        }
        $way = $input->getOption('way');
        if (\is_string($way)) {
            return $this->own($way, $input, $output);
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
        [$case, $numbers] = $asked;
        $found = $case->tightened($numbers['spacing'], $numbers['stiffness'], $numbers['friction']);
        $output->writeln(true === $input->getOption('svg')
            ? $this->picture($case->id, $found->fine)
            : self::json($this->document->of($case, $found)), OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }

    /**
     * Pulls a knot of somebody's own tight.
     */
    private function own(string $way, InputInterface $input, OutputInterface $output): int
    {
        [$crossings, $name] = [$input->getOption('crossings'), $input->getOption('name')];
        $spacing = filter_var($input->getOption('spacing'), \FILTER_VALIDATE_FLOAT);
        try {
            [$least, $most] = self::NUMBERS['spacing'];
            $puller = new KnotPuller(max($least, min($most, false === $spacing ? TightBook::SPACING : $spacing)));
            $drawn = DrawnWay::read($way, \is_string($crossings) ? $crossings : '');
            $knot = DrawnKnot::called(\is_string($name) ? $name : '', $drawn, $puller->pull($drawn));
        } catch (Failure $failure) {
            $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
            $errors->writeln($this->wording->told($failure->said()), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }
        $output->writeln(true === $input->getOption('svg')
            ? PlainSvg::of($this->lesson(DrawnLesson::tight($knot->word(), $knot->pulled))->frame(0, $knot->word()))
            : self::json($this->reader->write($knot)), OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }

    private function lesson(Lesson $lesson): LessonDrawing
    {
        return new LessonDrawing($lesson, Cords::COLOURS, $this->words->letters());
    }

    /**
     * Returns what is asked for, and its numbers; or what is wrong with it.
     *
     * @return array{TightCase, non-empty-array<key-of<self::NUMBERS>, float>}|string
     */
    private function asked(string $id, InputInterface $input): array|string
    {
        $numbers = array_fill_keys(array_keys(self::NUMBERS), 0.0);
        foreach (self::NUMBERS as $name => [$least, $most]) {
            $number = filter_var($input->getOption($name), \FILTER_VALIDATE_FLOAT);
            if (false === $number || $number < $least || $number > $most) {
                return \sprintf('--%s is a number from %s to %s.', $name, $least, $most);
            }
            $numbers[$name] = $number;
        }
        $id = str_replace('-', ' ', $id);
        $core = $input->getOption('core');
        $inside = \is_string($core) ? self::inside($core) : null;
        $hardness = self::hardness($input->getOption('cord'));
        $within = self::hardness($input->getOption('core-cord') ?? $input->getOption('cord'));

        return match (true) {
            null === TightKnots::named($id) => 'No '.$id.' can be tightened. rinkel:tighten lists what can.',
            floor($numbers['count']) !== $numbers['count'] => '--count is a whole number.',
            null === $hardness => '--cord is hard, firm or soft.',
            null === $within => '--core-cord is hard, firm or soft.',
            null === $inside => '--core is like 2x1: up to 8 cores, 0.2 to 10 times as thick as the cord.',
            default => [
                TightCase::of($id, $inside, (int) $numbers['count'], $numbers['push'], $hardness, $within),
                $numbers,
            ],
        };
    }

    private static function hardness(mixed $said): ?Hardness
    {
        return \is_string($said) ? Hardness::tryFrom($said) : null;
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
        return PlainSvg::of($this->lesson(Seen::of($id, $tight))->frame(0, $this->words->title($id)));
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
