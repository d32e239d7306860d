<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Document\DesignsFile;
use Rinkel\App\Document\PieceFiles;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Prints pieces as a file of designs, as JSON by docs/designs.schema.json. Ends with 0, or with 1 and a line that says
 * what is wrong.
 */
#[AsCommand('rinkel:designs', 'command.designs.does')]
final class DesignsCommand extends Command
{
    public function __construct(
        private readonly PieceFiles $files,
        private readonly DesignsFile $designs,
        private readonly Wording $wording,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('files', InputArgument::REQUIRED | InputArgument::IS_ARRAY, 'command.designs.files')
            ->addOption('by', null, InputOption::VALUE_REQUIRED, 'command.designs.by', '')
            ->addOption('licence', null, InputOption::VALUE_REQUIRED, 'command.designs.licence', '')
            ->addOption('says', null, InputOption::VALUE_REQUIRED, 'command.designs.says', '');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $files = $input->getArgument('files');
        [$by, $licence, $says] = array_map(static function (string $option) use ($input): string {
            $value = $input->getOption($option);

            return \is_string($value) ? $value : '';
        }, ['by', 'licence', 'says']);
        try {
            $credit = $this->designs->credit($by, $licence, $says);
            $pieces = array_map($this->files->read(...), array_values(array_filter((array) $files, is_string(...))));
            if (\count($pieces) > DesignsFile::MOST) {
                throw PieceUnreadable::at('files', new Message('designs-many', ['most' => DesignsFile::MOST]));
            }
        } catch (PieceUnreadable $unreadable) {
            $output->writeln($this->wording->faults($unreadable->faults), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }
        $output->writeln(json_encode(
            $this->designs->write($pieces, $credit),
            \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES,
        ), OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }
}
