<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Backup\ArchiveEntry;
use Rinkel\App\Backup\ArchiveUnreadable;
use Rinkel\App\Backup\Import;
use Rinkel\App\Backup\Standing;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Message;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Reads an archive back, of any size: all that is new or was changed there, or only says what that is.
 */
#[AsCommand('rinkel:import', 'command.import.does')]
final class ImportCommand extends Command
{
    public function __construct(
        private readonly Import $import,
        private readonly Wording $wording,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'command.import.file');
        $this->addOption(
            'look',
            null,
            InputOption::VALUE_NONE,
            'command.import.look',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        \assert(\is_string($file));
        $say = function (Message $said) use ($output): void {
            $output->writeln($this->wording->told($said), OutputInterface::OUTPUT_RAW);
        };
        try {
            $archive = $this->import->open($file);
            $entries = (function () use ($archive, $output): iterable {
                foreach ($this->import->look($archive) as $entry) {
                    if (Standing::Same !== $entry->standing) {
                        $output->writeln($this->line($entry), OutputInterface::OUTPUT_RAW);
                    }
                    if ($entry->standing->isTaken()) {
                        yield $entry;
                    }
                }
            })();
            $count = true === $input->getOption('look')
                ? iterator_count((static fn (): \Generator => yield from $entries)())
                : $this->import->take($archive, $entries);
        } catch (ArchiveUnreadable $unreadable) {
            $say($unreadable->said());

            return Command::FAILURE;
        }
        $say(true === $input->getOption('look')
            ? new Message('archive-looked', ['count' => $count])
            : new Message('archive-taken', ['count' => $count]));

        return Command::SUCCESS;
    }

    private function line(ArchiveEntry $entry): string
    {
        $faults = [] === $entry->faults ? '' : "\t".$this->wording->faults($entry->faults);

        return implode("\t", [$entry->standing->value, $entry->kind, $entry->uid, $entry->name]).$faults;
    }
}
