<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Lesson\LessonWords;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\App\Practice\CourseBook;
use Rinkel\Core\Failure;
use Rinkel\Core\Lesson\TenEvenings;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceWriter;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Prints what each evening of the course teaches, or the piece of one in the open format. Ends with 0, or with 1 and a
 * line that says what is wrong.
 */
#[AsCommand('rinkel:course', 'command.course.does')]
final class CourseCommand extends Command
{
    public function __construct(
        private readonly CourseBook $course,
        private readonly LessonWords $words,
        private readonly Wording $wording,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('evening', InputArgument::OPTIONAL, 'command.course.evening')
            ->addOption('wrist', null, InputOption::VALUE_REQUIRED, 'command.course.wrist', '16 cm');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        [$number, $wrist] = [$input->getArgument('evening'), $input->getOption('wrist')];
        if (null === $number) {
            $output->writeln($this->table(), OutputInterface::OUTPUT_RAW);

            return Command::SUCCESS;
        }
        $evening = \is_string($number) && ctype_digit($number) ? TenEvenings::evenings()[(int) $number] ?? null : null;
        try {
            if (null === $evening) {
                throw new \DomainException('The evenings are 1 to '.\count(TenEvenings::evenings()).'.');
            }
            $piece = $this->course->piece(
                $evening,
                Length::parse(\is_string($wrist) ? $wrist : '', Unit::Centimetre),
            );
            $output->writeln(
                json_encode(
                    (new PieceWriter())->write($piece),
                    \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR,
                ),
                OutputInterface::OUTPUT_RAW,
            );

            return Command::SUCCESS;
        } catch (PieceUnreadable $unreadable) {
            $output->writeln($this->wording->told($unreadable->faults[0]->said), OutputInterface::OUTPUT_RAW);
        } catch (Failure $failure) {
            $output->writeln($this->wording->told($failure->said()), OutputInterface::OUTPUT_RAW);
        } catch (\DomainException $none) {
            $output->writeln($none->getMessage(), OutputInterface::OUTPUT_RAW);
        }

        return Command::FAILURE;
    }

    /**
     * @return list<string> a line for each evening: its number, the minutes of its piece, and what is new
     */
    private function table(): array
    {
        $lines = [];
        $designs = $this->course->designs();
        foreach ($this->course->teaches() as $number => $new) {
            $lines[] = \sprintf(
                '%2d  %3d min  %s',
                $number,
                $designs[$number]->effort->about(),
                [] === $new ? '–' : implode(', ', array_map($this->words->title(...), $new)),
            );
        }

        return $lines;
    }
}
