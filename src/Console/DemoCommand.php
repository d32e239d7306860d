<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Rinkel\App\Board\Boards;
use Rinkel\App\Board\Taps;
use Rinkel\App\Document\PieceFiles;
use Rinkel\App\Kept\Bin;
use Rinkel\App\Log\PieceFinisher;
use Rinkel\App\Making\Makings;
use Rinkel\App\People\People;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Rinkel\App\Samples\KeptSamples;
use Rinkel\App\Samples\Samples;
use Rinkel\App\Stock\StockBox;
use Rinkel\App\Stock\StockMovements;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Making\TapeReading;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Stock\Counted;
use Rinkel\Core\Stock\Kind;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Lays the example pieces on an empty table; a table with pieces on it is left alone.
 */
#[AsCommand('rinkel:demo', 'Lays the example pieces on an empty table')]
final class DemoCommand extends Command
{
    /** Measures in mm. */
    private const PEOPLE = [
        'Ottoline' => ['wrist' => 158, 'hand' => 196, 'neck' => 335],
        'Ivo' => ['wrist' => 147, 'hand' => 178],
        'Bram' => ['wrist' => 181, 'hand' => 226, 'ankle' => 246],
    ];

    /** A sample that was deleted again. */
    private const MISCOUNTED = [
        'knot' => 'square',
        'count' => 20,
        'cord' => ['fibre' => 'polyester', 'thickness' => '1 mm'],
        'core' => ['count' => 2, 'thickness' => '1 mm'],
        'length' => '81 mm',
        'note' => 'Counted half the knots',
    ];

    /** Of these all but two were bought last. */
    private const LATE = 'Horn button';

    public function __construct(
        private readonly Pieces $pieces,
        private readonly People $people,
        private readonly Samples $samples,
        private readonly PieceFinisher $finishing,
        private readonly Boards $boards,
        private readonly Makings $makings,
        private readonly DemoOrders $orders,
        private readonly Taps $taps,
        private readonly StockBox $stock,
        private readonly StockMovements $movements,
        private readonly Bin $bin,
        private readonly KeptSamples $kept,
        private readonly PieceFiles $files,
        private readonly TranslatorInterface $translator,
        private readonly ExclusiveTransaction $alone,
        #[Autowire('%kernel.project_dir%/demo/pieces')]
        private readonly string $folder,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if ([] !== $this->pieces->onTheTable(1) || [] !== $this->pieces->archived()) {
            $output->writeln($this->translator->trans('said.demo-not-wanted'));

            return Command::SUCCESS;
        }
        $files = glob($this->folder.'/*.json') ?: [];
        rsort($files);
        $this->alone->run(fn () => $this->lay($files));
        $output->writeln($this->translator->trans('said.demo-laid', ['pieces' => \count($files)]));

        return Command::SUCCESS;
    }

    /**
     * @param list<string> $files of pieces, the last first
     */
    private function lay(array $files): void
    {
        $laid = [];
        foreach ($files as $file) {
            $laid[basename($file, '.json')] = $this->pieces->add($this->files->read($file));
        }
        foreach (self::PEOPLE as $name => $lengths) {
            $this->people->keep(null, $name, array_map(Length::ofMillimetres(...), $lengths), Measured::Snug);
        }
        // The first pieces were finished before anything was known of the hand.
        $this->finish($laid, true);
        $samples = $this->read('samples.json')['samples'] ?? null;
        foreach (\is_array($samples) ? $samples : [] as $sample) {
            /** @var array<string, mixed> $sample */
            $this->samples->add($sample);
        }
        $this->bin->put($this->kept, $this->samples->add(self::MISCOUNTED));
        $this->finish($laid, false);
        $this->make($laid);
        $stock = $this->read('stock.json');
        foreach (Kind::cases() as $kind) {
            $things = $stock[$kind->all()] ?? null;
            foreach (\is_array($things) ? $things : [] as $thing) {
                $thing = \is_array($thing) ? $thing : [];
                $isLate = self::LATE === ($thing['name'] ?? '') && \is_int($thing['count'] ?? null);
                $stored = $this->stock->keep(null, $kind, ($isLate ? ['count' => 2] : []) + $thing);
                $item = $this->stock->item($stored->id());
                if ($isLate && $item instanceof Counted) {
                    $this->movements->receive([[$item->what, $thing['count'] - 2, []]], 'Lagoon, rows side by side');
                }
            }
        }
        $this->orders->take($this->read('orders.json'), $laid);
    }

    /**
     * @param array<string, StoredPiece> $laid   by the name of their file
     * @param bool                       $untold whether those that were finished before any sample
     */
    private function finish(array $laid, bool $untold): void
    {
        foreach ($this->read('log.json') as $row) {
            $name = \is_array($row) && \is_string($row['piece'] ?? null) ? $row['piece'] : '';
            if (\is_array($row) && isset($laid[$name]) && $untold === ($row['untold'] ?? false)) {
                $typed = \is_array($row['typed'] ?? null) ? array_filter($row['typed'], is_string(...)) : [];
                $faults = $this->finishing->finish(
                    $this->makings->plan($laid[$name]),
                    array_combine(array_map(strval(...), array_keys($typed)), $typed),
                );
                \assert([] === $faults);
            }
        }
    }

    /**
     * Lays some pieces on boards, tapped as if somebody had just been there.
     *
     * @param array<string, StoredPiece> $laid by the name of their file
     */
    private function make(array $laid): void
    {
        foreach ($this->read('boards.json') as $row) {
            $row = \is_array($row) ? $row : [];
            $piece = $laid[\is_string($row['piece'] ?? null) ? $row['piece'] : ''] ?? null;
            [$moves, $seconds] = [$row['moves'] ?? 0, $row['seconds'] ?? 5];
            if (null === $piece || !\is_int($moves) || !\is_int($seconds)) {
                continue;
            }
            $board = $this->boards->of($piece);
            $end = time();
            $this->taps->tapped($board, array_map(static fn (int $i): array => [
                'id' => \sprintf('%012x', $i + 1), 'by' => 1, 'at' => 1000 * ($end - $seconds * ($moves - $i)),
            ], range(0, $moves - 1)));
            $read = \is_array($row['read'] ?? null) ? array_filter($row['read'], is_string(...)) : [];
            if ([] !== $read) {
                $length = static fn (string $text): Length => Length::parse($text, Unit::Millimetre);
                $this->boards->read(
                    $board,
                    new TapeReading($moves, $length($read['length']), $read['role'] ?? null, $length($read['left'])),
                    false,
                );
            }
            if (\is_string($row['note'] ?? null)) {
                $this->boards->pause($board, $row['note']);
            }
            if (\is_int($row['clock'] ?? null)) {
                $this->boards->start($board, 'c0ffee000001', $this->boards->step($board), $row['clock']);
            }
        }
    }

    /**
     * @return array<mixed>
     */
    private function read(string $file): array
    {
        $path = \dirname($this->folder).'/'.$file;
        $read = is_file($path) ? json_decode((string) file_get_contents($path), true, 16) : null;

        return \is_array($read) ? $read : [];
    }
}
