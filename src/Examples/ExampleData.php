<?php

declare(strict_types=1);

namespace Rinkel\App\Examples;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Board\Boards;
use Rinkel\App\Board\Days;
use Rinkel\App\Board\KeptDays;
use Rinkel\App\Board\Taps;
use Rinkel\App\Document\PieceFiles;
use Rinkel\App\Kept\Bin;
use Rinkel\App\Kept\Everything;
use Rinkel\App\Log\PieceFinisher;
use Rinkel\App\Making\Makings;
use Rinkel\App\People\People;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Rinkel\App\Samples\KeptSamples;
use Rinkel\App\Samples\Samples;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Stock\StockBox;
use Rinkel\App\Stock\StockMovements;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Making\TapeReading;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Stock\Counted;
use Rinkel\Core\Stock\Kind;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * The example data: pieces, people, samples, stock, boards, orders, a day and a log of an invented maker. It is laid
 * only where nobody has a piece yet, what it is is written down, and all of it is gone with one act.
 */
final readonly class ExampleData
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

    /** What is worked on today. */
    private const TODAY = ['slipway', 'tow-line', 'milestones', 'ledge'];

    private const SETTING = 'setting';

    /** What her hour and a piece of hers cost, so that prices show what they are made of. */
    private const TERMS = ['rate' => '17', 'factor' => '1.25', 'packing' => '0.60', 'steps' => '0.5'];

    public function __construct(
        private Pieces $pieces,
        private People $people,
        private Samples $samples,
        private PieceFinisher $finishing,
        private Boards $boards,
        private Days $days,
        private Makings $makings,
        private ExampleOrders $orders,
        private Taps $taps,
        private StockBox $stock,
        private StockMovements $movements,
        private Bin $bin,
        private KeptSamples $kept,
        private PieceFiles $files,
        private Preferences $preferences,
        private Everything $everything,
        private EntityManagerInterface $manager,
        private ExclusiveTransaction $alone,
        #[Autowire('%kernel.project_dir%/demo/pieces')]
        private string $folder,
    ) {}

    /**
     * Returns how many pieces were laid; null where there are some already, and nothing was.
     */
    public function lay(): ?int
    {
        if ([] !== $this->pieces->onTheTable(1) || [] !== $this->pieces->archived()) {
            return null;
        }
        $files = glob($this->folder.'/*.json') ?: [];
        rsort($files);
        $this->alone->run(function () use ($files): void {
            $before = $this->present();
            $this->all($files);
            $set = array_filter(
                self::TERMS,
                fn (string $name): bool => '' === $this->preferences->all()[$name],
                \ARRAY_FILTER_USE_KEY,
            );
            $this->preferences->keep($set + $this->preferences->all());
            foreach ([...array_diff($this->present(), $before), ...array_map(
                static fn (string $name, string $text): string => self::SETTING.' '.$name.' '.$text,
                array_keys($set),
                $set,
            )] as $what) {
                if (null === $this->manager->find(StoredExample::class, $what)) {
                    $this->manager->persist(new StoredExample($what));
                }
            }
            $this->manager->flush();
        });

        return \count($files);
    }

    /**
     * Returns whether any of it is still there.
     */
    public function isThere(): bool
    {
        return 0 < $this->manager->getRepository(StoredExample::class)->count();
    }

    /**
     * Takes all of it away, and leaves what its maker added: what she set otherwise, and what she made from it.
     */
    public function remove(): void
    {
        $this->alone->run(function (): void {
            $marks = array_map(
                static fn (StoredExample $one): array => explode(' ', $one->what, 3),
                $this->manager->getRepository(StoredExample::class)->findAll(),
            );
            foreach (array_reverse($this->everything->all()) as $word => $kind) {
                foreach ($marks as $mark) {
                    $stored = $word === $mark[0] ? $kind->find($mark[1] ?? '') : null;
                    if (null !== $stored) {
                        $kind->remove($stored);
                    }
                }
                $this->manager->flush();
            }
            $now = $this->preferences->all();
            $this->preferences->keep(array_fill_keys(array_column(array_filter(
                $marks,
                static fn (array $mark): bool => self::SETTING === $mark[0]
                    && ($now[$mark[1] ?? ''] ?? '') === ($mark[2] ?? ''),
            ), 1), '') + $now);
            $this->manager->createQuery('DELETE FROM '.StoredExample::class)->execute();
        });
    }

    /**
     * @return list<string> word and uid of all that is kept
     */
    private function present(): array
    {
        $present = [];
        foreach ($this->everything->all() as $word => $kind) {
            foreach ($kind->uids() as $uid) {
                $present[] = $word.' '.$uid;
            }
        }

        return $present;
    }

    /**
     * @param list<string> $files of pieces, the last first
     */
    private function all(array $files): void
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
        // Today four are worked on, the first of them not before eleven.
        $today = array_map(static fn (string $name): string => $laid[$name]->uid(), array_values(array_filter(
            self::TODAY,
            static fn (string $name): bool => isset($laid[$name]),
        )));
        if ([] === $this->days->planned($this->days->today())['pieces']) {
            $this->days->keep($this->days->today(), KeptDays::planned([
                'begin' => '09:30', 'pieces' => $today,
                'pins' => [['piece' => $today[0] ?? '', 'left' => 1, 'at' => '11:00']],
            ]));
        }
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
