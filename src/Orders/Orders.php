<?php

declare(strict_types=1);

namespace Rinkel\App\Orders;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Random\Randomizer;
use Rinkel\Core\Piece\Exception\PieceUnreadable;

/**
 * What was asked for, in the database.
 */
final readonly class Orders
{
    public function __construct(
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
        private Randomizer $chance,
    ) {}

    public function find(int $id): ?StoredOrder
    {
        return $this->manager->find(StoredOrder::class, $id);
    }

    /**
     * @return list<StoredOrder> those that are due first, of those without a day the oldest
     */
    public function open(): array
    {
        $open = $this->manager->getRepository(StoredOrder::class)->findBy(['closedAt' => null], ['id' => 'ASC']);
        usort($open, static fn (StoredOrder $one, StoredOrder $other): int => [
            '' === $one->text('due') ? 1 : 0, $one->text('due'), $one->id(),
        ] <=> ['' === $other->text('due') ? 1 : 0, $other->text('due'), $other->id()]);

        return $open;
    }

    /**
     * @return list<StoredOrder> put away, the last first
     */
    public function closed(int $most = 200): array
    {
        /** @var list<StoredOrder> */
        return $this->manager->createQuery(\sprintf(
            'SELECT one FROM %s one WHERE one.closedAt IS NOT NULL ORDER BY one.closedAt DESC, one.id DESC',
            StoredOrder::class,
        ))->setMaxResults($most)->getResult();
    }

    /**
     * @param array<mixed> $said
     *
     * @throws PieceUnreadable If it cannot be read; then nothing is kept
     */
    public function ask(array $said, ?string $uid = null): StoredOrder
    {
        $order = new StoredOrder(
            $uid ?? bin2hex($this->chance->getBytes(16)),
            OrderReader::read($said),
            $this->clock->now(),
        );
        $this->manager->persist($order);
        $this->manager->flush();

        return $order;
    }

    /**
     * @param array<mixed> $said
     *
     * @throws PieceUnreadable If it cannot be read; then nothing is kept
     */
    public function change(StoredOrder $order, array $said): void
    {
        $order->become(OrderReader::read(['answer' => $order->document()['answer'] ?? null] + $said));
        $this->manager->flush();
    }

    /**
     * Keeps what its customer answered.
     */
    public function answer(StoredOrder $order, CustomerAnswer $answer): void
    {
        $order->become(['answer' => $answer->row()] + $order->document());
        $this->manager->flush();
    }

    public function close(StoredOrder $order, bool $is): void
    {
        $order->close($is ? $this->clock->now() : null);
        $this->manager->flush();
    }
}
