<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Pairing\Pairing;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
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
        private readonly TranslatorInterface $translator,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $output->writeln($this->pairing->show());
        $output->writeln($this->translator->trans('console.paired'), OutputInterface::VERBOSITY_VERBOSE);

        return Command::SUCCESS;
    }
}
