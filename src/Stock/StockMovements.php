<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Random\Randomizer;
use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Cutting\Demand;
use Rinkel\Core\Cutting\Taking;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Plan\Need;
use Rinkel\Core\Stock\Kind;
use Rinkel\Core\Stock\Supply;

/**
 * What comes into the stock box and goes out of it, written down so that it can be taken back.
 *
 * @phpstan-import-type Change from StoredTaking
 */
final readonly class StockMovements
{
    /** So long an act that changed the stock can be taken back. */
    public const DAYS = 30;

    public function __construct(
        private StockBox $box,
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
        private Randomizer $chance,
        private ExclusiveTransaction $alone,
    ) {}

    /**
     * Takes a cut sheet off the stock: spools shrink, offcuts go or shrink to what is left of them, beads and findings
     * become fewer. All at once.
     *
     * @param list<Need>                                    $needs beads and findings that are taken with it
     * @param string                                        $mark  of the stock that the sheet was made for
     * @param string                                        $what  it was taken for
     * @param (callable(Demand, Length, Supply): bool)|null $isCut which cords of the sheet are cut; all when null
     *
     * @throws TakenMeanwhile If the stock is another by now
     */
    public function take(
        Cutting $cutting,
        array $needs,
        string $mark,
        string $what,
        ?callable $isCut = null,
    ): StoredTaking {
        return $this->alone->run(function () use ($cutting, $needs, $mark, $what, $isCut): StoredTaking {
            if ($mark !== $this->box->mark()) {
                throw new TakenMeanwhile();
            }
            $after = [];
            foreach ($cutting->sheets as [, $cord, $sheet]) {
                if (null === $cord) {
                    continue;
                }
                $taking = Taking::of($cord, $sheet, $isCut ?? static fn (): bool => true);
                if ([] !== $taking->cords) {
                    $after[$cord->id] = Amounts::left($taking);
                }
            }
            foreach ($needs as $need) {
                $row = $this->box->of($need->what);
                $there = $row?->counted();
                if (null !== $row && null !== $there) {
                    $after[$row->stored->uid()] = Amounts::fewer($there, $need);
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
    public function receive(
        array $bought,
        string $what,
        ?string $mark = null,
        StockTurn $turn = StockTurn::Bought,
    ): StoredTaking {
        return $this->alone->run(function () use ($bought, $what, $mark, $turn): StoredTaking {
            if (null !== $mark && $mark !== $this->box->mark()) {
                throw new TakenMeanwhile();
            }
            [$after, $new] = [[], []];
            foreach ($bought as [$one, $much, $letters]) {
                $stored = $this->box->of($one)?->stored;
                $isNew = null === $stored;
                $stored ??= $this->box->keep(
                    null,
                    Kind::of($one),
                    ['stock' => null, 'letters' => null] + PieceWriter::material($one),
                );
                $before = $after[$stored->uid()] ?? [];
                $more = Amounts::more($stored, $isNew, $much, $letters);
                if ($much instanceof Length && \is_array($before['spools'] ?? null)) {
                    $more = ['spools' => [...$before['spools'], (string) $much]]; // several of one kind
                }
                $after[$stored->uid()] = $more;
                $new += $isNew ? [$stored->uid() => true] : [];
            }

            return $this->changed(
                array_filter($after, static fn (array $one): bool => [] !== $one),
                $what,
                $turn,
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
            if ($mark !== $this->box->mark()) {
                throw new TakenMeanwhile();
            }
            $noted = [];
            $there = [];
            foreach ($this->box->all() as $stored) {
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
    public function undo(string $uid): void
    {
        $this->alone->run(function () use ($uid): void {
            $taking = $this->withUid($uid);
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

    public function withUid(string $uid): ?StoredTaking
    {
        return $this->manager->getRepository(StoredTaking::class)->findOneBy(['uid' => $uid]);
    }

    public function find(int $id): ?StoredTaking
    {
        return $this->manager->find(StoredTaking::class, $id);
    }

    /**
     * @param Change $change
     */
    private function undone(string $uid, array $change): void
    {
        $stored = $this->box->withUid($uid);
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
            $stored->become($now, $this->box->keyOf($stored->kind(), $now));
        } elseif (null !== $before) {
            $stored = new StoredItem(Kind::from($change['kind'] ?? ''), [], $uid);
            $stored->become($before, $this->box->keyOf($stored->kind(), $before));
            $this->manager->persist($stored);
        }
    }

    /**
     * Puts into the box what is left of cords, each as the offcut it is, where it is long enough to be worth it: to
     * its own kind, or as a new one. Returns the act by which that can be taken back; null where nothing was worth it.
     *
     * @param list<Length> $left
     */
    public function bring(Cord $cord, array $left, string $what): ?StoredTaking
    {
        $worth = array_values(array_filter(
            $left,
            static fn (Length $one): bool => !$one->isShorterThan(Length::ofMillimetres(Cutting::WASTE)),
        ));
        if ([] === $worth) {
            return null;
        }

        return $this->alone->run(function () use ($cord, $worth, $what): StoredTaking {
            $stored = $this->box->of($cord)?->stored;
            $isNew = null === $stored;
            $stored ??= $this->box->keep(null, Kind::Cord, [
                'fibre' => $cord->fibre->value,
                'thickness' => (string) $cord->thickness,
                'width' => $cord->width?->__toString(),
                'colour' => $cord->colour->hex,
                'offcuts' => [(string) $worth[0]],
            ]);
            $all = [...$stored->texts('offcuts'), ...array_map(strval(...), $isNew ? \array_slice($worth, 1) : $worth)];

            return $this->changed(
                [$stored->uid() => ['offcuts' => $all]],
                $what,
                StockTurn::Returned,
                $isNew ? [$stored->uid() => true] : [],
            );
        });
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
            $stored = $this->box->withUid((string) $uid);
            if (null !== $stored) {
                $before = $stored->document();
                $now = array_merge($before, $fields);
                $stored->become($now, $this->box->keyOf($stored->kind(), $now));
                $changes[(string) $uid] = ['before' => isset($new[$uid]) ? null : $before, 'after' => $now];
            }
        }
        $taking = new StoredTaking($this->newUid(), $changes, $this->clock->now(), mb_substr($what, 0, 200), $turn);
        $this->manager->persist($taking);
        $this->manager->flush();

        return $taking;
    }

    private function newUid(): string
    {
        return bin2hex($this->chance->getBytes(16));
    }
}
