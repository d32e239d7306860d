<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Document\ActsDocument;
use Rinkel\App\Document\PieceFiles;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;

/**
 * Prints all that hands do to make a piece, each act with its ends, things and lengths, docs/acts.schema.json.
 */
#[AsCommand('rinkel:acts', 'command.acts.does')]
final class ActsCommand extends PlanningCommand
{
    public function __construct(
        PieceFiles $files,
        Planner $planner,
        Wording $wording,
        private readonly ActsDocument $document,
    ) {
        parent::__construct($files, $planner, $wording);
    }

    protected function printed(Plan $plan, InputInterface $input): string
    {
        return self::json($this->document->of($plan));
    }
}
