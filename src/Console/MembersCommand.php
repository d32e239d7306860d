<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Workshop\Role;
use Rinkel\App\Workshop\SignIns;
use Rinkel\App\Workshop\Staff;
use Rinkel\App\Workshop\Workshop;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Lists who works here, adds somebody, or gives somebody a new word: also an owner who forgot their password.
 */
#[AsCommand('rinkel:members', 'command.members.does')]
final class MembersCommand extends Command
{
    public function __construct(
        private readonly Workshop $workshop,
        private readonly Staff $staff,
        private readonly SignIns $signIns,
        private readonly TranslatorInterface $translator,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('name', InputArgument::OPTIONAL, 'command.members.name')
            ->addOption('add', null, InputOption::VALUE_REQUIRED, 'command.members.add')
            ->addOption('token', null, InputOption::VALUE_NONE, 'command.members.token');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        [$name, $role] = [$input->getArgument('name'), $input->getOption('add')];
        if (!\is_string($name)) {
            foreach ($this->workshop->members() as $member) {
                $output->writeln($member->role()->value."\t".$member->name());
            }

            return Command::SUCCESS;
        }
        $member = $this->workshop->named($name);
        $wanted = \is_string($role) ? Role::tryFrom($role) : null;
        $fault = match (true) {
            null === $role => null === $member ? 'console.no-member' : null,
            null === $wanted => 'console.no-role',
            default => null === $member ? null : 'console.member-there',
        };
        if (null !== $fault) {
            $output->writeln($this->translator->trans($fault, ['name' => $name]));

            return Command::FAILURE;
        }
        if (null !== $member && true === $input->getOption('token')) {
            $output->writeln((string) $this->signIns->signIn($member, false)->getValue(), OutputInterface::OUTPUT_RAW);

            return Command::SUCCESS;
        }
        $output->writeln(null === $member
            ? $this->staff->add($name, $wanted ?? Role::Helper)[1]
            : $this->workshop->reinvite($member));

        return Command::SUCCESS;
    }
}
