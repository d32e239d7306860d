<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Health\Deployment;
use Rinkel\App\Health\Health;
use Rinkel\App\Health\HealthFinding;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Says what a deployed Rinkel lacks. Leaves with 1 where something keeps it from working or keeps others out of
 * nothing.
 */
#[AsCommand('rinkel:deploy-check', 'command.deploy-check.does')]
final class DeployCheckCommand extends Command
{
    public function __construct(
        private readonly Health $health,
        private readonly Deployment $deployment,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('address', InputArgument::OPTIONAL, 'command.deploy-check.address');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $address = $input->getArgument('address');
        $found = [
            ...$this->deployment->settings(), ...$this->health->look(),
            ...(\is_string($address) ? $this->deployment->answers($address) : []),
        ];
        foreach ($found as $one) {
            $mark = $one->isFine ? 'fine' : ($one->isBad ? 'BAD ' : 'look');
            $output->writeln(\sprintf('%s  %-12s %s', $mark, $one->what, $one->says), OutputInterface::OUTPUT_RAW);
        }

        return [] === array_filter(
            $found,
            static fn (HealthFinding $one): bool => $one->isBad,
        ) ? Command::SUCCESS : Command::FAILURE;
    }
}
