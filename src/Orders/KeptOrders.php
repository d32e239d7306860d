<?php

declare(strict_types=1);

namespace Rinkel\App\Orders;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Kept\Kept;
use Rinkel\App\Kept\Row;
use Rinkel\App\Kept\Rows;

/**
 * Orders (docs/kept.schema.json); what is made for them are makings of their own.
 */
final readonly class KeptOrders implements Kept
{
    public function __construct(
        private EntityManagerInterface $manager,
        private Rows $rows,
    ) {}

    public function word(): string
    {
        return 'order';
    }

    public function folder(): string
    {
        return 'orders';
    }

    public function page(): string
    {
        return 'orders';
    }

    public function rank(): int
    {
        return 33;
    }

    public function stores(): array
    {
        return [StoredOrder::class];
    }

    public function uids(): iterable
    {
        return $this->rows->uids('customer_order');
    }

    public function find(string $uid): ?StoredOrder
    {
        return $this->manager->getRepository(StoredOrder::class)->findOneBy(['uid' => $uid]);
    }

    public function row(object $stored): array
    {
        \assert($stored instanceof StoredOrder);

        return [
            'uid' => $stored->uid(),
            'asked' => $stored->askedAt()->format(\DATE_ATOM),
            'closed' => $stored->closedAt()?->format(\DATE_ATOM) ?? false,
        ] + $stored->document();
    }

    public function check(object $stored): void
    {
        \assert($stored instanceof StoredOrder);
        OrderReader::read($stored->document());
    }

    public function read(array $row): Row
    {
        $closed = $row['closed'] ?? false;
        $document = OrderReader::read($row);
        $name = $document['name'] ?? $document['for'] ?? '';

        return new Row(Rows::uid($row), \is_string($name) ? $name : '', [
            'uid' => Rows::uid($row),
            'asked' => Rows::time($row, 'asked')->format(\DATE_ATOM),
            'closed' => false === $closed ? false : Rows::time($row, 'closed')->format(\DATE_ATOM),
        ] + $document);
    }

    public function bring(Row $row, bool $isNew = false): void
    {
        $document = OrderReader::read($row->data);
        $there = $isNew ? null : $this->find($row->uid);
        $order = $there ?? new StoredOrder($row->uid, $document, Rows::time($row->data, 'asked'));
        $order->become($document, Rows::time($row->data, 'asked'));
        $order->close(false === $row->data['closed'] ? null : Rows::time($row->data, 'closed'));
        $this->manager->persist($order);
    }

    public function remove(object $stored): void
    {
        $this->manager->remove($stored);
        $this->manager->flush();
    }
}
