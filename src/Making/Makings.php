<?php

declare(strict_types=1);

namespace Rinkel\App\Making;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Random\Randomizer;
use Rinkel\App\Orders\StoredOrder;
use Rinkel\App\Piece\StoredPiece;

/**
 * What is made, in the database.
 *
 * @phpstan-import-type MadeOf from StoredMaking
 * @phpstan-import-type Thing from StoredMaking
 */
final readonly class Makings
{
    public function __construct(
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
        private Randomizer $chance,
        private MakingPlans $plans,
    ) {}

    public function find(int $id): ?StoredMaking
    {
        return $this->manager->find(StoredMaking::class, $id);
    }

    public function withUid(string $uid): ?StoredMaking
    {
        return $this->manager->getRepository(StoredMaking::class)->findOneBy(['uid' => $uid]);
    }

    /**
     * @return list<StoredMaking> planned last first
     */
    public function of(StoredPiece $piece): array
    {
        return $this->manager->getRepository(StoredMaking::class)
            ->findBy(['piece' => $piece], ['plannedAt' => 'DESC', 'id' => 'DESC']);
    }

    /**
     * @return array{made: int, running: int} how often a piece was made, and how many of it are on the way
     */
    public function counts(StoredPiece $piece): array
    {
        $counts = $this->manager->getConnection()->fetchAllKeyValue(
            'SELECT made_at IS NOT NULL, COUNT(*) FROM making WHERE piece_id = ? GROUP BY made_at IS NOT NULL',
            [$piece->id()],
        );
        $of = static fn (int $isMade): int => is_numeric($counts[$isMade] ?? 0) ? (int) ($counts[$isMade] ?? 0) : 0;

        return ['made' => $of(1), 'running' => $of(0)];
    }

    /**
     * @param list<string> $uids of entries of the log
     *
     * @return array<string, StoredMaking> what became an entry, by its uid, as far as it is still there
     */
    public function byLog(array $uids): array
    {
        $makings = [];
        $found = $this->manager->getRepository(StoredMaking::class)->findBy(['log' => $uids], ['id' => 'DESC']);
        foreach ($found as $one) {
            $makings[$one->log()] = $one;
        }

        return $makings;
    }

    /**
     * Returns whether anything was ever made.
     */
    public function isAnyMade(): bool
    {
        return false !== $this->manager->getConnection()->fetchOne(
            'SELECT 1 FROM making WHERE made_at IS NOT NULL LIMIT 1',
        );
    }

    /**
     * @return list<StoredMaking> in the order in which they were asked for
     */
    public function ofOrder(StoredOrder $order): array
    {
        return $this->manager->getRepository(StoredMaking::class)->findBy(['order' => $order], ['id' => 'ASC']);
    }

    /**
     * @param list<StoredOrder> $orders
     *
     * @return array<int, list<StoredMaking>> each in the order in which they were asked for, by the order's id
     */
    public function byOrder(array $orders): array
    {
        $makings = array_fill_keys(array_map(static fn (StoredOrder $order): int => $order->id(), $orders), []);
        $found = $this->manager->getRepository(StoredMaking::class)->findBy(['order' => $orders], ['id' => 'ASC']);
        foreach ($found as $one) {
            $makings[$one->order()?->id() ?? 0][] = $one;
        }

        return $makings;
    }

    /**
     * Returns what its maker wrote to do otherwise next time when a piece was made last; "" where they wrote nothing.
     */
    public function nextTime(?StoredPiece $piece): string
    {
        $note = null === $piece ? null : $this->manager->getConnection()->fetchOne(
            "SELECT json_extract(entry.document, '$.otherwise') FROM making
                JOIN log_entry entry ON entry.uid = making.log
                WHERE making.piece_id = ? AND making.log <> '' AND json_valid(entry.document)
                ORDER BY making.made_at DESC, making.id DESC LIMIT 1",
            [$piece->id()],
        );

        return \is_string($note) ? $note : '';
    }

    /**
     * Returns what is or was made for each of some people, as the piece, the making or its order says.
     *
     * @param list<string> $whom
     *
     * @return array<string, non-empty-list<StoredMaking>> the last first, by whom it is for
     */
    public function byWhom(array $whom, int $most = 12): array
    {
        $said = $this->manager->getConnection()->fetchAllAssociativeIndexed(
            'SELECT making.id, piece.whom, making.changes, asked.document FROM making
                LEFT JOIN piece ON piece.id = making.piece_id
                LEFT JOIN customer_order asked ON asked.id = making.order_id ORDER BY making.id DESC',
        );
        $ids = [];
        foreach ($said as $id => $row) {
            foreach (array_intersect(self::namesIn($row), $whom) as $name) {
                if (\count($ids[$name] ?? []) < $most) {
                    $ids[$name][] = (int) $id;
                }
            }
        }
        $found = $this->these(array_values(array_unique(array_merge(...array_values($ids)))));

        return array_filter(array_map(static fn (array $of): array => array_values(array_filter(array_map(
            static fn (int $id): ?StoredMaking => $found[$id] ?? null,
            $of,
        ))), $ids));
    }

    /**
     * @param array<string, mixed> $row what says for whom a making is: a name, and documents as JSON
     *
     * @return list<string>
     */
    private static function namesIn(array $row): array
    {
        $names = [$row['whom'] ?? null];
        foreach (['changes', 'document'] as $json) {
            $json = \is_string($row[$json] ?? null) ? $row[$json] : '';
            preg_match_all('/"for": ?("(?:[^"\\\\]|\\\\.)*")/', $json, $found);
            array_push($names, ...array_map(json_decode(...), $found[1]));
        }

        return array_values(array_unique(array_filter($names, is_string(...))));
    }

    /**
     * Returns what is on the way: planned for an order, cut, or on the board.
     *
     * @return list<StoredMaking>
     */
    public function running(?StoredPiece $piece = null): array
    {
        $query = $this->manager->createQueryBuilder()->select('making')->from(StoredMaking::class, 'making')
            ->where('making.madeAt IS NULL')->orderBy('making.id', 'ASC');
        if (null !== $piece) {
            $query->andWhere('making.piece = :piece')->setParameter('piece', $piece);
        }

        /** @var list<StoredMaking> */
        return $query->getQuery()->getResult();
    }

    /**
     * @param list<int> $ids
     *
     * @return array<int, StoredMaking> by id, each with its piece and its order
     */
    public function these(array $ids): array
    {
        /** @var list<StoredMaking> $found */
        $found = $this->manager->createQuery(\sprintf(
            'SELECT making, piece, one FROM %s making LEFT JOIN making.piece piece LEFT JOIN making.order one
                WHERE making.id IN (:ids)',
            StoredMaking::class,
        ))->setParameter('ids', $ids)->getResult();

        return array_combine(array_map(static fn (StoredMaking $one): int => $one->id(), $found), $found);
    }

    /**
     * @return list<int> ids of what open orders ask for and nothing is cut of
     */
    public function asked(): array
    {
        return array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, array_values(
            $this->manager->getConnection()->fetchFirstColumn(
                'SELECT making.id FROM making JOIN customer_order asked ON asked.id = making.order_id
                    WHERE asked.closed_at IS NULL AND making.cut_at IS NULL AND making.board_at IS NULL
                    AND making.made_at IS NULL ORDER BY making.id',
            ),
        ));
    }

    /**
     * Returns one thing more that is to be made from a piece; it is kept by keep().
     *
     * @param array<string, string> $changes what is other of it
     */
    public function plan(StoredPiece $piece, ?StoredOrder $order = null, array $changes = [], int $number = 1): StoredMaking
    {
        return new StoredMaking(
            bin2hex($this->chance->getBytes(16)),
            $piece,
            $order,
            $changes,
            $number,
            $this->clock->now(),
        );
    }

    /**
     * Returns the same once more, as it was made: a new one, or the old one made again with its own beads.
     *
     * @throws \Rinkel\Core\Piece\Exception\PieceUnreadable If it cannot be planned any more
     */
    public function again(StoredMaking $making, StoredPiece $piece, bool $isRepair): StoredMaking
    {
        $changes = array_diff_key(
            $making->changes(),
            ['repair' => '', 'from' => ''],
        ) + ($isRepair ? ['repair' => 'yes'] : []);
        $again = $this->plan($piece, null, $changes);
        if ($making->isFrozen()) {
            $again->freeze(...[...$this->plans->factOf($making->document()), $making->design()]);
        }
        $this->keep($again);

        return $again;
    }

    public function keep(StoredMaking $making): void
    {
        $this->manager->persist($making);
        $this->manager->flush();
    }

    /**
     * Has something begun on a day, and not before; "" for as soon as may be.
     *
     * @throws \Rinkel\Core\Piece\Exception\PieceUnreadable If there is no such day
     */
    public function begin(StoredMaking $making, string $day): void
    {
        $rest = array_diff_key($making->changes(), ['from' => '']);
        $making->change(KeptMakings::changes($rest + ('' === $day ? [] : ['from' => $day])));
    }

    /**
     * Makes it a fact: by the plan of this moment, and the hand by which it was planned.
     *
     * @throws \Rinkel\Core\Piece\Exception\PieceUnreadable If it cannot be planned
     */
    public function freeze(StoredMaking $making): void
    {
        if (!$making->isFrozen()) {
            $making->freeze(...$this->plans->frozen($making));
        }
    }

    /**
     * Keeps by which hand something from before is planned, which nobody wrote down then: from now on it is a fact too.
     *
     * @throws \Rinkel\Core\Piece\Exception\PieceUnreadable If it cannot be planned
     */
    public function settle(StoredMaking $making): void
    {
        if ($making->isFrozen() && null === $making->hand()) {
            $making->freeze(...[...$this->plans->factOf($making->document()), $making->design()]);
            $this->manager->flush();
        }
    }

    /**
     * @return list<StoredMaking> those for which an act of the stock cut something
     */
    public function cutBy(string $taking): array
    {
        /** @var list<StoredMaking> */
        return $this->manager->createQuery(\sprintf(
            'SELECT making FROM %s making WHERE making.cords LIKE :taking OR making.things LIKE :taking ORDER BY making.id',
            StoredMaking::class,
        ))->setParameter('taking', '%"'.$taking.'"%')->getResult();
    }

    /**
     * Notes that some cords and things are its own no more: what nothing is left of follows its piece again, and is
     * gone where nobody asked for it.
     *
     * @param list<MadeOf> $cords  that stay
     * @param list<Thing>  $things that stay
     */
    public function left(StoredMaking $making, array $cords, array $things): void
    {
        $making->cut($cords, null);
        $making->take($things);
        if ([] === $cords && null === $making->at(MakingState::OnBoard)) {
            $making->thaw();
            if (null === $making->order()) {
                $this->manager->remove($making);
            }
        }
        $this->manager->flush();
    }

    /**
     * Notes that what an act of the stock cut was not cut.
     */
    public function uncut(StoredMaking $making, string $taking): void
    {
        $stays = static fn (array $one): bool => $one['taking'] !== $taking;
        $this->left(
            $making,
            array_values(array_filter($making->cords(), $stays)),
            array_values(array_filter($making->things(), $stays)),
        );
    }

    /**
     * Lays it on the board.
     */
    public function lay(StoredMaking $making): void
    {
        $this->freeze($making);
        $making->lay($this->clock->now());
        $this->keep($making);
    }

    /**
     * @param string       $log       the entry that it became
     * @param list<string> $leftovers acts by which what was left of its cords came into the stock
     */
    public function made(StoredMaking $making, string $log, array $leftovers): void
    {
        $this->freeze($making);
        $making->make($this->clock->now(), $log, $leftovers);
        $this->keep($making);
    }

    public function delivered(StoredMaking $making, bool $is): void
    {
        if (MakingState::Made === $making->state() || MakingState::Delivered === $making->state()) {
            $making->deliver($is ? $this->clock->now() : null);
            $this->manager->flush();
        }
    }

    /**
     * Lets go of what an order asked for: what nothing was done for is gone, all else is nobody's.
     */
    public function release(StoredOrder $order): void
    {
        foreach ($this->ofOrder($order) as $making) {
            if (MakingState::Planned === $making->state() && [] === $making->cords()) {
                $this->manager->remove($making);
            } else {
                $making->belong(null);
            }
        }
        $this->manager->flush();
    }

    public function forget(StoredMaking $making): void
    {
        $this->manager->remove($making);
        $this->manager->flush();
    }
}
