<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Table\WorkCalendar;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Prints the days of the work as iCalendar.
 */
#[AsCommand('rinkel:calendar', 'command.calendar.does')]
final class CalendarCommand extends Command
{
    public function __construct(private readonly WorkCalendar $calendar)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $output->write($this->calendar->text(), false, OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }
}
