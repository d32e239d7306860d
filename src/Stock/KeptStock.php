<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Kept\Kept;
use Rinkel\App\Kept\Row;
use Rinkel\App\Kept\Rows;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Quoted;
use Rinkel\Core\Stock\Kind;

/**
 * What is in the stock box (docs/stock.schema.json).
 */
final readonly class KeptStock implements Kept
{
    public function __construct(
        private EntityManagerInterface $manager,
        private ItemReader $reader,
        private Rows $rows,
    ) {}

    public function word(): string
    {
        return 'stock';
    }

    public function folder(): string
    {
        return 'stock';
    }

    public function page(): string
    {
        return 'stock';
    }

    public function rank(): int
    {
        return 20;
    }

    public function stores(): array
    {
        return [StoredItem::class];
    }

    public function uids(): iterable
    {
        return $this->rows->uids('stock_item');
    }

    public function find(string $uid): ?StoredItem
    {
        return $this->manager->getRepository(StoredItem::class)->findOneBy(['uid' => $uid]);
    }

    public function row(object $stored): array
    {
        \assert($stored instanceof StoredItem);

        return ['uid' => $stored->uid(), 'is' => $stored->kind()->value] + $stored->document();
    }

    public function check(object $stored): void
    {
        \assert($stored instanceof StoredItem);
        $this->reader->read($stored->kind(), $stored->document(), $stored->uid());
    }

    public function read(array $row): Row
    {
        $uid = Rows::uid($row);
        $is = Rows::text($row, 'is', 20);
        $known = array_column(Kind::cases(), 'value');
        $kind = Kind::tryFrom($is)
            ?? throw PieceUnreadable::at('is', new Message('one-of', ['known' => $known, 'found' => new Quoted($is)]));
        $told = $this->reader->read($kind, Rows::rest($row, 'is'), $uid);
        $name = \is_string($told->document['name'] ?? null) ? $told->document['name'] : $kind->value;

        return new Row(
            $uid,
            $name,
            ['uid' => $uid, 'is' => $kind->value] + $told->document,
            null,
            $told->item->materialKey(),
        );
    }

    public function bring(Row $row, bool $isNew = false): void
    {
        $kind = Kind::from(Rows::text($row->data, 'is', 20));
        $stored = $isNew ? null : $this->find($row->uid);
        if (null !== $stored && $kind !== $stored->kind()) {
            $this->remove($stored);
            $stored = null;
        }
        $stored ??= new StoredItem($kind, [], $row->uid);
        $stored->become(Rows::rest($row->data, 'is'), $row->likeness);
        $this->manager->persist($stored);
    }

    public function remove(object $stored): void
    {
        $this->manager->remove($stored);
        $this->manager->flush();
    }
}
