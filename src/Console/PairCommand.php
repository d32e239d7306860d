<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Pairing\PairedDevices;
use Rinkel\App\Pairing\Pairing;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Shows a pairing word where Rinkel runs without a screen.
 */
#[AsCommand('rinkel:pair', 'command.pair.does')]
final class PairCommand extends Command
{
    public function __construct(
        private readonly Pairing $pairing,
        private readonly PairedDevices $devices,
        private readonly TranslatorInterface $translator,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('program', null, InputOption::VALUE_REQUIRED, 'command.pair.program');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $program = $input->getOption('program');
        if (\is_string($program)) {
            $output->writeln($this->devices->program($program), OutputInterface::OUTPUT_RAW);

            return Command::SUCCESS;
        }
        $output->writeln($this->pairing->show());
        $output->writeln($this->translator->trans('console.paired'), OutputInterface::VERBOSITY_VERBOSE);

        return Command::SUCCESS;
    }
}
