<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Random\Randomizer;
use Rinkel\App\Platform\Database\Aside;
use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Rinkel\Core\Cutting\CutSheet;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\Strain;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Piece\StockReader;
use Rinkel\Core\Plan\Need;
use Rinkel\Core\Stock\Counted;
use Rinkel\Core\Stock\Item;
use Rinkel\Core\Stock\Kind;
use Rinkel\Core\Stock\StockCord;
use Rinkel\Core\Stock\StockGlue;

/**
 * The stock box, in the database.
 *
 * @phpstan-import-type Change from StoredTaking
 */
final readonly class StockBox
{
    /** So long an act that changed the stock can be taken back. */
    public const DAYS = 30;

    public function __construct(
        private EntityManagerInterface $manager,
        private Aside $aside,
        private ClockInterface $clock,
        private Randomizer $chance,
        private ItemReader $reader,
        private ExclusiveTransaction $alone,
    ) {}

    /**
     * @return list<StoredItem> by kind, as they came
     */
    public function all(): array
    {
        /** @var list<StoredItem> */
        return $this->manager->createQuery(\sprintf('SELECT item FROM %s item ORDER BY item.id', StoredItem::class))
            ->getResult();
    }

    /**
     * @return list<StoredItem> as they came
     */
    private function ofKind(Kind $kind): array
    {
        return $this->manager->getRepository(StoredItem::class)->findBy(['kind' => $kind], ['id' => 'ASC']);
    }

    public function find(int $id): ?StoredItem
    {
        return $this->manager->find(StoredItem::class, $id);
    }

    /**
     * Returns what a thing in the box is; null when it is not there, or cannot be read.
     */
    public function item(int $id): ?Item
    {
        $stored = $this->find($id);

        return null === $stored ? null : $this->row($stored)->item;
    }

    public function isEmpty(): bool
    {
        return 0 === $this->manager->getRepository(StoredItem::class)->count();
    }

    public function withUid(string $uid): ?StoredItem
    {
        return $this->manager->getRepository(StoredItem::class)->findOneBy(['uid' => $uid]);
    }

    /**
     * @param array<mixed> $document as the open format has it
     *
     * @throws PieceUnreadable If it cannot be read; then nothing is kept
     */
    public function keep(?StoredItem $stored, Kind $kind, array $document, ?string $uid = null): StoredItem
    {
        $told = $this->reader->read($kind, $document, 'new');
        $stored ??= new StoredItem($kind, [], $uid ?? $this->newUid());
        $stored->become($told->document, $told->item->materialKey());
        $this->manager->persist($stored);
        $this->manager->flush();

        return $stored;
    }

    /**
     * Keeps what a maker changed of a thing.
     *
     * @param array<mixed> $document as the open format has it
     * @param string       $mark     of the thing as she had it before her
     *
     * @throws PieceUnreadable If it cannot be read; then nothing is kept
     * @throws TakenMeanwhile  If it is another by now
     */
    public function change(StoredItem $stored, array $document, string $mark): void
    {
        $this->alone->run(function () use ($stored, $document, $mark): void {
            if ($mark !== $stored->mark()) {
                throw new TakenMeanwhile();
            }
            $this->keep($stored, $stored->kind(), $document);
        }, $stored);
    }

    /**
     * @param list<string> $likenesses
     *
     * @return list<StockCord> of these, as far as they can be read
     */
    public function cords(array $likenesses): array
    {
        /** @var list<StoredItem> $found */
        $found = $this->manager->createQuery(\sprintf(
            "SELECT item FROM %s item WHERE item.kind = :kind AND (item.likeness IN (:keys) OR item.likeness = '')
                ORDER BY item.id",
            StoredItem::class,
        ))->setParameter('kind', Kind::Cord)->setParameter('keys', $likenesses)->getResult();

        return array_values(array_filter(array_map(
            fn (StoredItem $stored): ?StockCord => $this->row($stored)->cord(),
            $found,
        )));
    }

    /**
     * Returns the things of a kind that all these words are said of.
     *
     * @param int $most of them
     *
     * @return array{list<StockRow>, int} those, and how many there are in all
     */
    public function found(Kind $kind, string $words, int $most): array
    {
        if ('' === trim($words)) {
            $of = $this->manager->getRepository(StoredItem::class);

            return [
                array_map($this->row(...), $of->findBy(['kind' => $kind], ['id' => 'ASC'], $most)),
                $of->count(['kind' => $kind]),
            ];
        }
        $said = array_values(array_filter(
            $this->ofKind($kind),
            static fn (StoredItem $stored): bool => StockRow::isSaid($stored, $words),
        ));

        return [array_map($this->row(...), \array_slice($said, 0, $most)), \count($said)];
    }

    /**
     * @param list<int> $ids
     *
     * @return list<StockRow> as they came
     */
    public function these(array $ids): array
    {
        return array_map(
            $this->row(...),
            $this->manager->getRepository(StoredItem::class)->findBy(['id' => $ids], ['id' => 'ASC']),
        );
    }

    /**
     * @return array<string, int> how many things of each kind there are
     */
    public function counts(): array
    {
        $counts = [];
        foreach (Kind::cases() as $kind) {
            $counts[$kind->value] = $this->manager->getRepository(StoredItem::class)->count(['kind' => $kind]);
        }

        return $counts;
    }

    /**
     * @return list<StockRow> of which little is left
     */
    public function low(): array
    {
        /** @var list<StoredItem> $told */
        $told = $this->manager->createQuery(\sprintf(
            'SELECT item FROM %s item WHERE item.document LIKE :low ORDER BY item.id',
            StoredItem::class,
        ))->setParameter('low', '%"low":%')->getResult();

        return array_values(array_filter(
            array_map($this->row(...), $told),
            static fn (StockRow $row): bool => true === $row->item?->isLow(),
        ));
    }

    /**
     * @return list<StockRow> glues that bear what is asked of them
     */
    public function glues(Strain $strain): array
    {
        return array_values(array_filter(
            $this->rows(Kind::Glue),
            static fn (StockRow $row): bool => $row->item instanceof StockGlue && $row->item->glue->bears($strain),
        ));
    }

    /**
     * Returns for how many minutes glue is left alone at least that bears what is asked of it: the quickest of those in
     * the box, as nobody knows yet which is taken; each has a clock of its own.
     *
     * @return array<string, int> by what it has to bear; nothing of what none in the box bears
     */
    public function dries(): array
    {
        $dries = [];
        foreach ($this->rows(Kind::Glue) as $row) {
            foreach (Strain::cases() as $strain) {
                if ($row->item instanceof StockGlue && $row->item->glue->bears($strain)) {
                    $dries[$strain->value] = min(
                        $dries[$strain->value] ?? \PHP_INT_MAX,
                        $row->item->glue->cure->minutes,
                    );
                }
            }
        }

        return $dries;
    }

    /**
     * @return list<StockRow>
     */
    public function rows(?Kind $kind = null): array
    {
        return array_map($this->row(...), null === $kind ? $this->all() : $this->ofKind($kind));
    }

    /**
     * Returns what there is of the same kind as things with these keys.
     *
     * @param list<string> $likenesses
     *
     * @return array<string, StockRow> by their keys, each the first that was put in
     */
    public function like(array $likenesses): array
    {
        /** @var list<StoredItem> $found */
        $found = $this->manager->createQuery(\sprintf(
            "SELECT item FROM %s item WHERE item.likeness IN (:keys) OR item.likeness = '' ORDER BY item.id",
            StoredItem::class,
        ))->setParameter('keys', $likenesses)->getResult();
        $rows = [];
        foreach ($found as $stored) {
            $row = $this->row($stored);
            if ('' === $stored->materialKey() && null !== $row->item) {
                // From before things could be found so.
                $this->aside->note(
                    'stock_item',
                    ['likeness' => mb_substr($row->item->materialKey(), 0, 120)],
                    ['id' => $stored->id()],
                );
            }
            if (null !== $row->item && \in_array($row->item->materialKey(), $likenesses, true)) {
                $rows[$row->item->materialKey()] ??= $row;
            }
        }

        return $rows;
    }

    public function of(Cord|Bead|Finding $what): ?StockRow
    {
        return $this->like([$what->materialKey()])[$what->materialKey()] ?? null;
    }

    /**
     * Returns all that is in stock in the open format, kind by kind.
     *
     * @return iterable<string>
     */
    public function listed(): iterable
    {
        $json = static fn (mixed $value): string => json_encode(
            $value,
            \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE,
        );
        yield '{"format": '.$json(StockReader::FORMAT).', "version": '.StockReader::VERSION;
        foreach (Kind::cases() as $kind) {
            yield ",\n\"{$kind->all()}\": [";
            $between = "\n";
            foreach ($this->ofKind($kind) as $stored) {
                yield $between.$json(['uid' => $stored->uid()] + $stored->document());
                $between = ",\n";
            }
            yield ']';
        }
        yield "}\n";
    }

    /**
     * Returns by what a stock is told from what it was before.
     */
    public function mark(): string
    {
        return hash('xxh128', (string) json_encode($this->manager->getConnection()->fetchAllNumeric(
            'SELECT uid, document FROM stock_item ORDER BY id',
        )));
    }

    /**
     * Takes a cut sheet off the stock: spools shrink, offcuts go or shrink to what is left of them, beads and findings
     * become fewer. All at once.
     *
     * @param list<Need> $needs beads and findings that are taken with it
     * @param string     $mark  of the stock that the sheet was made for
     * @param string     $what  it was taken for
     *
     * @throws TakenMeanwhile If the stock is another by now
     */
    public function take(Cutting $cutting, array $needs, string $mark, string $what): StoredTaking
    {
        return $this->alone->run(function () use ($cutting, $needs, $mark, $what): StoredTaking {
            if ($mark !== $this->mark()) {
                throw new TakenMeanwhile();
            }
            $after = [];
            foreach ($cutting->sheets as [, $cord, $sheet]) {
                if (null !== $cord && [] !== $sheet->taken) {
                    $after[$cord->id] = self::rests($cord, $sheet);
                }
            }
            foreach ($needs as $need) {
                $row = $this->of($need->what);
                $there = $row?->counted();
                if (null !== $row && null !== $there) {
                    $after[$row->stored->uid()] = self::fewer($there, $need);
                }
            }

            return $this->changed(
                array_filter($after, static fn (array $one): bool => [] !== $one),
                $what,
                StockTurn::Taken,
            );
        });
    }

    /**
     * Puts into the box what was bought: cord comes as a spool, beads and findings are counted on; what was not there
     * comes as a kind of its own.
     *
     * @param list<array{Cord|Bead|Finding, Length|int, array<string, int>}> $bought each with how much, and which
     *                                                                               letters
     * @param string|null                                                    $mark   of the stock for which the list
     *                                                                               was made, when it matters
     *
     * @throws TakenMeanwhile If the stock is another by now
     */
    public function receive(array $bought, string $what, ?string $mark = null): StoredTaking
    {
        return $this->alone->run(function () use ($bought, $what, $mark): StoredTaking {
            if (null !== $mark && $mark !== $this->mark()) {
                throw new TakenMeanwhile();
            }
            [$after, $new] = [[], []];
            foreach ($bought as [$one, $much, $letters]) {
                $stored = $this->of($one)?->stored;
                $isNew = null === $stored;
                $stored ??= $this->keep(null, match (true) {
                    $one instanceof Cord => Kind::Cord,
                    $one instanceof Bead => Kind::Bead,
                    default => Kind::Finding,
                }, ['stock' => null, 'letters' => null] + PieceWriter::material($one));
                $after[$stored->uid()] = self::more($stored, $isNew, $much, $letters);
                $new += $isNew ? [$stored->uid() => true] : [];
            }

            return $this->changed(
                array_filter($after, static fn (array $one): bool => [] !== $one),
                $what,
                StockTurn::Bought,
                $new,
            );
        });
    }

    /**
     * Takes rows of a table into the box. All at once.
     *
     * @param list<TableChange> $changes that can be taken
     * @param string            $mark    of the stock for which they were looked at
     *
     * @throws TakenMeanwhile If the stock is another by now
     */
    public function bringIn(array $changes, string $mark, string $what): StoredTaking
    {
        return $this->alone->run(function () use ($changes, $mark, $what): StoredTaking {
            if ($mark !== $this->mark()) {
                throw new TakenMeanwhile();
            }
            $noted = [];
            $there = [];
            foreach ($this->all() as $stored) {
                $there[$stored->uid()] = $stored;
            }
            foreach ($changes as $change) {
                $stored = $there[$change->there?->stored->uid() ?? ''] ?? null;
                $before = $stored?->document();
                $stored ??= new StoredItem($change->kind ?? Kind::Cord, [], $this->newUid());
                $stored->become($change->document, $change->likeness);
                $this->manager->persist($stored);
                $before = isset($noted[$stored->uid()]) ? $noted[$stored->uid()]['before'] : $before;
                $noted[$stored->uid()] = ['before' => $before, 'after' => $change->document];
            }
            $taking = new StoredTaking(
                $this->newUid(),
                $noted,
                $this->clock->now(),
                mb_substr($what, 0, 200),
                StockTurn::Table,
            );
            $this->manager->persist($taking);
            $this->manager->flush();

            return $taking;
        });
    }

    /**
     * Takes an act back: only what it changed, so that what was done to the same things since stays.
     *
     * @throws TakenMeanwhile If what it left is not there any more
     */
    public function undo(int $id): void
    {
        $this->alone->run(function () use ($id): void {
            $taking = $this->manager->find(StoredTaking::class, $id);
            if (null === $taking || $taking->isUndone()) {
                throw new TakenMeanwhile();
            }
            foreach ($taking->changes as $uid => $change) {
                $this->undone((string) $uid, $change);
            }
            $taking->undo();
            $this->manager->flush();
        });
    }

    /**
     * @param Change $change
     */
    private function undone(string $uid, array $change): void
    {
        $stored = $this->withUid($uid);
        [$before, $after] = [$change['before'], $change['after']];
        if ((null === $stored) !== (null === $after)) {
            throw new TakenMeanwhile();
        }
        if (null !== $stored && null !== $after) {
            $now = Undone::of($stored->document(), $before, $after) ?? throw new TakenMeanwhile();
            if (null === $before) {
                $this->manager->remove($stored);

                return;
            }
            $stored->become($now, $this->materialKey($stored->kind(), $now));
        } elseif (null !== $before) {
            $stored = new StoredItem(Kind::from($change['kind'] ?? ''), [], $uid);
            $stored->become($before, $this->materialKey($stored->kind(), $before));
            $this->manager->persist($stored);
        }
    }

    /**
     * Puts what is left of a cord into the box as an offcut, where it is long enough to be worth it: to its own kind,
     * or as a new one.
     */
    public function bring(Cord $cord, Length $left): void
    {
        if ($left->isShorterThan(Length::ofMillimetres(Cutting::WASTE))) {
            return;
        }
        $stored = $this->of($cord)?->stored;
        if (null === $stored) {
            $this->keep(null, Kind::Cord, [
                'fibre' => $cord->fibre->value,
                'thickness' => (string) $cord->thickness,
                'width' => $cord->width?->__toString(),
                'colour' => $cord->colour->hex,
                'offcuts' => [(string) $left],
            ]);

            return;
        }
        // Read anew, so that what another page takes or brings at the same time stays.
        $this->alone->run(fn (): StoredItem => $this->keep($stored, Kind::Cord, [
            'offcuts' => [...$stored->texts('offcuts'), (string) $left],
        ] + $stored->document()), $stored);
    }

    /**
     * Returns the last act that stands and can be taken back.
     */
    public function lastTaking(): ?StoredTaking
    {
        return $this->manager->getRepository(StoredTaking::class)->findOneBy(['undone' => false], ['id' => 'DESC']);
    }

    /**
     * Returns the acts that changed the stock in the last DAYS days.
     *
     * @return list<StoredTaking> the last first
     */
    public function takings(): array
    {
        /** @var list<StoredTaking> */
        return $this->manager->createQuery(\sprintf(
            'SELECT taking FROM %s taking WHERE taking.at >= :since ORDER BY taking.id DESC',
            StoredTaking::class,
        ))->setParameter('since', $this->clock->now()->modify('-'.self::DAYS.' days'))->setMaxResults(200)
            ->getResult();
    }

    /**
     * @param array<string, mixed> $document
     */
    private function materialKey(Kind $kind, array $document): string
    {
        try {
            return $this->reader->read($kind, $document, 'new')->item->materialKey();
        } catch (PieceUnreadable) {
            return '';
        }
    }

    private function newUid(): string
    {
        return bin2hex($this->chance->getBytes(16));
    }

    private function row(StoredItem $stored): StockRow
    {
        try {
            $told = $this->reader->read($stored->kind(), $stored->document(), $stored->uid());

            return new StockRow($stored, $told->item, $told->price);
        } catch (PieceUnreadable $unreadable) {
            return new StockRow($stored, null, null, $unreadable->faults);
        }
    }

    /**
     * Changes things in stock and writes down what they were, so that it can be undone.
     *
     * @param array<string, array<string, mixed>> $after what becomes another, by uid
     * @param array<string, true>                 $new   of those the ones that were not there
     */
    private function changed(
        array $after,
        string $what,
        StockTurn $turn,
        array $new = [],
    ): StoredTaking {
        $changes = [];
        foreach ($after as $uid => $fields) {
            $stored = $this->withUid((string) $uid);
            if (null !== $stored) {
                $before = $stored->document();
                $now = array_merge($before, $fields);
                $stored->become($now, $this->materialKey($stored->kind(), $now));
                $changes[(string) $uid] = ['before' => isset($new[$uid]) ? null : $before, 'after' => $now];
            }
        }
        $taking = new StoredTaking($this->newUid(), $changes, $this->clock->now(), mb_substr($what, 0, 200), $turn);
        $this->manager->persist($taking);
        $this->manager->flush();

        return $taking;
    }

    /**
     * @return array{offcuts: list<string>, spools: list<string>} what remains of a cord
     */
    private static function rests(StockCord $cord, CutSheet $sheet): array
    {
        $left = [];
        foreach ($sheet->taken as $taken) {
            $left[$taken->supply->id] = $taken->left;
        }
        $rests = ['offcuts' => [], 'spools' => []];
        foreach ($cord->supplies as $supply) {
            $isTouched = \array_key_exists($supply->id, $left);
            $rest = $isTouched ? $left[$supply->id] : $supply->length;
            $least = Length::ofMillimetres($supply->isSpool ? 1.0 : Cutting::WASTE);
            if (!$isTouched || null === $rest || !$rest->isShorterThan($least)) {
                $rests[$supply->isSpool ? 'spools' : 'offcuts'][] = null === $rest ? '?' : (string) $rest;
            }
        }

        return $rests;
    }

    /**
     * @return array<string, mixed> what becomes of beads or findings; nothing where nobody counted them
     */
    private static function fewer(Counted $there, Need $need): array
    {
        $letters = $there->letters();

        return match (true) {
            null !== $letters => ['letters' => (string) $letters->without($need->letters)],
            null !== $there->count => ['count' => max(0, $there->count - $need->count)],
            default => [],
        };
    }

    /**
     * @param array<string, int> $letters that came
     *
     * @return array<string, mixed> what becomes of a thing of which more came; nothing where nobody counts it
     */
    private static function more(StoredItem $stored, bool $isNew, Length|int $much, array $letters): array
    {
        $count = $stored->document()['count'] ?? ($isNew ? 0 : null);
        $there = $stored->text('letters');

        return match (true) {
            $much instanceof Length => ['spools' => [...$stored->texts('spools'), (string) $much]],
            [] !== $letters && ($isNew || '' !== $there) => ['letters' => trim($there.' '.implode(' ', array_map(
                static fn (string|int $letter, int $more): string => $letter.$more,
                array_keys($letters),
                $letters,
            )))],
            \is_int($count) => ['count' => $count + $much],
            default => [],
        };
    }
}
