<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Document\CuttingDocument;
use Rinkel\App\Document\PieceFiles;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\StockReader;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Stock\StockCord;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Prints what is cut for pieces, and from which stock, as JSON by docs/cutting.schema.json. Ends with 0, or with 1 and
 * a line for each fault.
 */
#[AsCommand('rinkel:cut', 'command.cut.does')]
final class CutCommand extends Command
{
    public function __construct(
        private readonly PieceFiles $files,
        private readonly Planner $planner,
        private readonly StockReader $reader,
        private readonly Wording $wording,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('files', InputArgument::REQUIRED | InputArgument::IS_ARRAY, 'command.cut.files');
        $this->addOption(
            'stock',
            null,
            InputOption::VALUE_REQUIRED,
            'command.cut.stock',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $files = $input->getArgument('files');
        $stock = $input->getOption('stock');
        $cuts = [];
        try {
            foreach (array_filter(\is_array($files) ? $files : [], is_string(...)) as $file) {
                $plan = $this->planner->plan($this->files->read($file));
                $piece = $plan->draft->piece;
                $name = $piece->name.(isset($cuts[$piece->name]) ? ' #'.\count($cuts) : '');
                $cuts[$name] = [$plan->cuts, $piece->habits->cutStep($piece->unit)];
            }
            $cutting = Cutting::of($cuts, \is_string($stock) ? $this->stock($stock) : []);
        } catch (PieceUnreadable $unreadable) {
            $errors->writeln($this->wording->faults($unreadable->faults), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }
        $output->writeln(json_encode(
            CuttingDocument::of($cutting),
            \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE,
        ), OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }

    /**
     * @return list<StockCord>
     *
     * @throws PieceUnreadable
     */
    private function stock(string $file): array
    {
        $read = is_readable($file) ? json_decode((string) file_get_contents($file), true, 16) : null;
        $rows = \is_array($read) && StockReader::FORMAT === ($read['format'] ?? null) ? $read['cords'] ?? null : null;
        if (!\is_array($rows)) {
            throw PieceUnreadable::at('stock', new Message('stock-none'));
        }
        $cords = [];
        foreach (array_values($rows) as $i => $row) {
            $cords[] = $this->reader->cord(\is_array($row) ? $row : [], (string) $i);
        }

        return $cords;
    }
}
