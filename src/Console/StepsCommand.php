<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Document\PieceFiles;
use Rinkel\App\Document\StepsDocument;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/**
 * Prints how a piece is made, from the first mark to the last trim. Ends with 0, or with 1 and a line for each fault.
 */
#[AsCommand('rinkel:steps', 'command.steps.does')]
final class StepsCommand extends PlanningCommand
{
    public function __construct(
        PieceFiles $files,
        Planner $planner,
        Wording $wording,
        private readonly StepsDocument $document,
    ) {
        parent::__construct($files, $planner, $wording);
    }

    protected function configure(): void
    {
        parent::configure();
        $this->addOption('text', null, InputOption::VALUE_NONE, 'command.steps.text');
    }

    protected function printed(Plan $plan, InputInterface $input): string
    {
        return true === $input->getOption('text')
            ? $this->document->sheet($plan)
            : self::json($this->document->of($plan));
    }
}
