<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Doctrine\ORM\EntityManagerInterface;
use Random\Randomizer;
use Rinkel\App\Platform\Database\Aside;
use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\Hue;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\StockReader;
use Rinkel\Core\Stock\Item;
use Rinkel\Core\Stock\Kind;
use Rinkel\Core\Stock\StockCord;

/**
 * The stock box, in the database.
 */
final readonly class StockBox
{
    public function __construct(
        private EntityManagerInterface $manager,
        private Aside $aside,
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
     * @param string       $mark     of the thing as they had it before them
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
    public function found(Kind $kind, string $words, int $most, ?Hue $hue = null): array
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
            static fn (StoredItem $stored): bool => StockRow::isSaid($stored, $words) || StockRow::isOf($stored, $hue),
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
     * @return list<StockRow> that are running low
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
     * Returns by what pieces find a thing as its document says it; "" where that cannot be read.
     *
     * @param array<string, mixed> $document
     */
    public function keyOf(Kind $kind, array $document): string
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
}
