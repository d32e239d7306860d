<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Log\Photos;
use Rinkel\App\Platform\Files\Store;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Moves photos from the database to the store that RINKEL_STORE names, or back.
 */
#[AsCommand('rinkel:store', 'command.store.does')]
final class StoreCommand extends Command
{
    public function __construct(
        private readonly Photos $photos,
        private readonly Store $store,
        private readonly TranslatorInterface $translator,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('back', null, InputOption::VALUE_NONE, 'command.store.back');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (!$this->store->isApart()) {
            $output->writeln($this->translator->trans('console.no-store'));

            return Command::FAILURE;
        }
        [$moved, $lost] = $this->photos->move(true === $input->getOption('back'));
        $output->writeln($this->translator->trans('console.photos-moved', compact('moved', 'lost')));

        return 0 === $lost ? Command::SUCCESS : Command::FAILURE;
    }
}
