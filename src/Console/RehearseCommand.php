<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Document\PieceFiles;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\App\Practice\Rehearsals;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;

/**
 * Prints what a maker could do at each step of a piece, and what comes of it where it is wrong. Ends with 0, or with 1
 * and a line for each fault.
 */
#[AsCommand('rinkel:rehearse', 'command.rehearse.does')]
final class RehearseCommand extends PlanningCommand
{
    public function __construct(
        PieceFiles $files,
        Planner $planner,
        Wording $wording,
        private readonly Rehearsals $rehearsals,
    ) {
        parent::__construct($files, $planner, $wording);
    }

    protected function printed(Plan $plan, InputInterface $input): string
    {
        return $this->rehearsals->sheet($plan);
    }
}
