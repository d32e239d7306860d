<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Document\NumbersDocument;
use Rinkel\App\Lesson\Cords;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Failure;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Sizing\QuotedNumbers;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Prints numbers to look up, for any maker's hand. Ends with 0, or with 1 and a line that says what is wrong.
 */
#[AsCommand('rinkel:numbers', 'command.numbers.does')]
final class NumbersCommand extends Command
{
    public function __construct(private readonly Wording $wording)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('fibre', null, InputOption::VALUE_REQUIRED, 'command.numbers.fibre', Fibre::WaxedCotton->value)
            ->addOption('thickness', null, InputOption::VALUE_REQUIRED, 'command.numbers.thickness', '1 mm');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        [$fibre, $thickness] = [$input->getOption('fibre'), $input->getOption('thickness')];
        $of = \is_string($fibre) ? Fibre::tryFrom($fibre) : null;
        if (null === $of) {
            $output->writeln(
                '--fibre: '.implode(', ', array_column(Fibre::cases(), 'value')),
                OutputInterface::OUTPUT_RAW,
            );

            return Command::FAILURE;
        }
        try {
            $cord = new Cord(
                $of,
                Cord::thicknessOf(\is_string($thickness) ? $thickness : ''),
                Colour::parse(Cords::COLOURS['working']),
            );
        } catch (Failure $failure) {
            $output->writeln($this->wording->told($failure->said()), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }
        $output->writeln(json_encode(
            (new NumbersDocument())->of(new QuotedNumbers($cord), $cord),
            \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_PRESERVE_ZERO_FRACTION,
        ), OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }
}
