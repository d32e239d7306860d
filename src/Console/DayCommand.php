<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Board\Days;
use Rinkel\App\Kept\Rows;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Prints a planned day: from when until when which piece is worked on, and until when it waits then.
 */
#[AsCommand('rinkel:day', 'Prints a day at the bench as it was planned, in the order that ends earliest')]
final class DayCommand extends Command
{
    public function __construct(private readonly Days $days)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('day', InputArgument::OPTIONAL, 'As 2026-12-24; today where none is said');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $asked = $input->getArgument('day');
        $date = \is_string($asked) ? $asked : $this->days->today();
        if (!Rows::isDay($date)) {
            $output->writeln('A day is written as 2026-12-24.');

            return Command::FAILURE;
        }
        $day = $this->days->of($date, $this->days->planned($date));
        foreach ($day->order->stretches as $stretch) {
            $output->writeln(\sprintf(
                '%s–%s  %s%s%s',
                $day->at($stretch->from)->format('H:i'),
                $day->at($stretch->until)->format('H:i'),
                json_encode(
                    $day->pieces[$stretch->piece]->document()['name'] ?? '',
                    \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES,
                ),
                null === $day->pin($stretch) ? '' : ' (stays there)',
                $stretch->waits > $stretch->until ? ', waits until '.$day->at($stretch->waits)->format('H:i, j M') : '',
            ));
        }
        $output->writeln([] === $day->pieces ? 'Nothing is planned for that day.' : \sprintf(
            'All is done at %s: %d minutes of hands.',
            $day->at($day->order->end)->format('H:i, j M'),
            $day->order->hands,
        ));

        return Command::SUCCESS;
    }
}
