<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Document\PieceFiles;
use Rinkel\App\Document\PlanDocument;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/**
 * Prints the plan of a piece as JSON.
 */
#[AsCommand('rinkel:plan', 'command.plan.does')]
final class PlanCommand extends PlanningCommand
{
    public function __construct(
        PieceFiles $files,
        Planner $planner,
        Wording $wording,
        private readonly PlanDocument $document,
    ) {
        parent::__construct($files, $planner, $wording);
    }

    protected function configure(): void
    {
        parent::configure();
        $this->addOption(
            'explain',
            null,
            InputOption::VALUE_NONE,
            'command.plan.explain',
        );
    }

    protected function printed(Plan $plan, InputInterface $input): string
    {
        return true === $input->getOption('explain')
            ? $this->document->explained($plan)
            : self::json($this->document->of($plan));
    }
}
