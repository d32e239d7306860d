<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Board\Days;
use Rinkel\App\Kept\Rows;
use Rinkel\App\Platform\Wording\Times;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Prints a planned day: from when until when which piece is worked on, and until when it waits then.
 */
#[AsCommand('rinkel:day', 'command.day.does')]
final class DayCommand extends Command
{
    public function __construct(
        private readonly Days $days,
        private readonly Times $times,
        private readonly TranslatorInterface $translator,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('day', InputArgument::OPTIONAL, 'command.day.day');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $asked = $input->getArgument('day');
        $date = \is_string($asked) ? $asked : $this->days->today();
        if (!Rows::isDay($date)) {
            $output->writeln($this->translator->trans('console.day-format'));

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
                null === $day->pin($stretch) ? '' : ' ('.$this->translator->trans('day.fixed').')',
                $stretch->waits > $stretch->until ? ', '.$this->translator->trans('day.waits', [
                    'at' => $this->times->clock($day->at($stretch->waits)),
                ]) : '',
            ));
        }
        $output->writeln([] === $day->pieces ? $this->translator->trans('console.day-none') : $this->translator->trans(
            'console.day-done',
            ['at' => $this->times->moment($day->at($day->order->end)), 'hands' => $day->order->hands],
        ));

        return Command::SUCCESS;
    }
}
