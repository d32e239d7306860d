<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Examples\ExampleData;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Lays the example data where there is no piece yet, or takes it away.
 */
#[AsCommand('rinkel:demo', 'command.demo.does')]
final class DemoCommand extends Command
{
    public function __construct(
        private readonly ExampleData $examples,
        private readonly TranslatorInterface $translator,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('remove', description: 'command.demo.remove');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (true === $input->getOption('remove')) {
            $this->examples->remove();
            $output->writeln($this->translator->trans('said.demo-removed'));

            return Command::SUCCESS;
        }
        $laid = $this->examples->lay();
        $output->writeln(null === $laid
            ? $this->translator->trans('said.demo-not-wanted')
            : $this->translator->trans('said.demo-laid', ['pieces' => $laid]));

        return Command::SUCCESS;
    }
}
