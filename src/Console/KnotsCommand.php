<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Document\LessonDocument;
use Rinkel\App\Lesson\Cords;
use Rinkel\App\Lesson\LessonWords;
use Rinkel\App\Svg\LessonDrawing;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Lessons;
use Rinkel\Core\Svg\PlainSvg;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Prints what can be learnt, or how one thing is tied, frame by frame. Ends with 0, or with 1 and a line that says what
 * there is not.
 */
#[AsCommand('rinkel:knots', 'command.knots.does')]
final class KnotsCommand extends Command
{
    public function __construct(
        private readonly LessonDocument $document,
        private readonly LessonWords $words,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('lesson', InputArgument::OPTIONAL, 'command.knots.lesson');
        $this->addOption('begin', null, InputOption::VALUE_REQUIRED, 'command.knots.begin', 'left');
        $this->addOption('text', null, InputOption::VALUE_NONE, 'command.knots.text');
        $this->addOption('frame', null, InputOption::VALUE_REQUIRED, 'command.knots.frame');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $id = $input->getArgument('lesson');
        if (!\is_string($id)) {
            $this->list($output);

            return Command::SUCCESS;
        }
        $begin = $input->getOption('begin');
        $side = Side::tryFrom(\is_string($begin) ? $begin : '');
        $lesson = null === $side ? null : Lessons::all()->named(str_replace('-', ' ', $id), $side)
            ?? Lessons::all()->named($id, $side);
        $frame = $input->getOption('frame');
        $isFrame = null === $frame
            || \is_string($frame) && 1 === preg_match('/^[1-9]\d?$/D', $frame)
                && isset($lesson->frames[(int) $frame - 1]);
        if (null === $lesson || !$isFrame) {
            $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
            $errors->writeln(match (true) {
                null === $side => '--begin is left or right.',
                null === $lesson => 'Nothing teaches '.$id.'. rinkel:knots lists what is taught.',
                default => $id.' has '.\count($lesson->frames).' frames.',
            }, OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }
        $isText = true === $input->getOption('text');
        $output->writeln(match (true) {
            null !== $frame => $this->picture($lesson, (int) $frame - 1),
            $isText => $this->text($lesson),
            default => $this->json($lesson),
        }, OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }

    private function list(OutputInterface $output): void
    {
        foreach (Lessons::all()->ids() as $known) {
            $line = \sprintf('%-20s %s', $known, $this->words->title($known));
            $output->writeln($line, OutputInterface::OUTPUT_RAW);
        }
    }

    private function picture(Lesson $lesson, int $frame): string
    {
        $drawing = new LessonDrawing($lesson, Cords::COLOURS, $this->words->letters());

        return PlainSvg::of($drawing->frame($frame, $this->words->frame($lesson, $frame)));
    }

    private function text(Lesson $lesson): string
    {
        return implode("\n", [
            $this->words->title($lesson->id), '', $this->words->for($lesson->id), '',
            ...array_map(
                fn (int $i): string => ($i + 1).'. '.$this->words->frame($lesson, $i),
                array_keys($lesson->frames),
            ),
            '', $this->words->wrong($lesson->id),
        ]);
    }

    private function json(Lesson $lesson): string
    {
        return json_encode(
            $this->document->of($lesson),
            \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE
                | \JSON_PRESERVE_ZERO_FRACTION,
        );
    }
}
