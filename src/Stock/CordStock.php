<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Random\Randomizer;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Cutting\StockCord;
use Rinkel\Core\Failure;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\StockReader;

/**
 * The cords in the stock box, in the database.
 */
final readonly class CordStock
{
    public function __construct(
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
        private Randomizer $chance,
        private StockReader $reader,
    ) {}

    /**
     * @return list<StoredCord>
     */
    public function all(): array
    {
        /** @var list<StoredCord> */
        return $this->manager->createQuery(\sprintf('SELECT cord FROM %s cord ORDER BY cord.id', StoredCord::class))
            ->getResult();
    }

    public function find(int $id): ?StoredCord
    {
        return $this->manager->find(StoredCord::class, $id);
    }

    /**
     * @param array<string, mixed> $document as the reader took it
     */
    public function keep(?StoredCord $stored, array $document): StoredCord
    {
        $stored ??= new StoredCord($document, bin2hex($this->chance->getBytes(16)));
        $stored->become($document);
        $this->manager->persist($stored);
        $this->manager->flush();

        return $stored;
    }

    public function remove(StoredCord $stored): void
    {
        $this->manager->remove($stored);
        $this->manager->flush();
    }

    /**
     * @return list<StockCord> as far as they can be read
     */
    public function cords(): array
    {
        $cords = [];
        foreach ($this->all() as $stored) {
            try {
                $cords[] = $this->reader->cord($stored->document(), $stored->uid());
            } catch (PieceUnreadable) {
                // The Stock page says what is wrong with it.
            }
        }

        return $cords;
    }

    /**
     * @return list<StockRow>
     */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->all() as $stored) {
            try {
                $low = $stored->text('low');
                $rows[] = new StockRow(
                    $stored,
                    $this->reader->cord($stored->document(), $stored->uid()),
                    '' === $low ? null : Length::parse($low, Unit::Centimetre),
                );
            } catch (PieceUnreadable $unreadable) {
                $rows[] = new StockRow($stored, null, null, $unreadable->faults);
            } catch (Failure) {
                $rows[] = new StockRow($stored, $this->reader->cord($stored->document(), $stored->uid()), null);
            }
        }

        return $rows;
    }

    /**
     * Returns all cords in the open format.
     *
     * @return array<string, mixed>
     */
    public function document(): array
    {
        return [
            'format' => StockReader::FORMAT,
            'version' => StockReader::VERSION,
            'cords' => array_map(
                static fn (StoredCord $stored): array => ['uid' => $stored->uid()] + $stored->document(),
                $this->all(),
            ),
        ];
    }

    /**
     * Returns by what a stock is told from what it was before.
     */
    public function mark(): string
    {
        return hash('xxh3', serialize(array_map(
            static fn (StoredCord $stored): array => [$stored->uid(), $stored->document()],
            $this->all(),
        )));
    }

    /**
     * Takes a cut sheet off the stock: spools shrink, offcuts go or shrink to what is left of them. All at once.
     *
     * @param string $mark of the stock that the sheet was made for
     * @param string $what it was taken for
     *
     * @throws TakenMeanwhile If the stock is another by now
     */
    public function take(Cutting $cutting, string $mark, string $what): StoredTaking
    {
        return $this->alone(function () use ($cutting, $mark, $what): StoredTaking {
            if ($mark !== $this->mark()) {
                throw new TakenMeanwhile();
            }
            $changes = [];
            foreach ($cutting->sheets as [, $cord, $sheet]) {
                $stored = null === $cord ? null : $this->of($cord->id);
                if (null === $cord || null === $stored || [] === $sheet->taken) {
                    continue;
                }
                $left = [];
                foreach ($sheet->taken as $taken) {
                    $left[$taken->supply->id] = $taken->left;
                }
                $before = $stored->document();
                $rests = ['offcuts' => [], 'spools' => []];
                foreach ($cord->supplies as $supply) {
                    $rest = \array_key_exists($supply->id, $left) ? $left[$supply->id] : $supply->length;
                    $isKept = null === $rest || !$rest->isShorterThan(
                        Length::ofMillimetres($supply->isSpool ? 1.0 : Cutting::WASTE),
                    ) || !\array_key_exists($supply->id, $left);
                    if ($isKept) {
                        $rests[$supply->isSpool ? 'spools' : 'offcuts'][] = null === $rest ? '?' : (string) $rest;
                    }
                }
                $after = array_merge($before, $rests);
                $stored->become($after);
                $changes[$stored->uid()] = ['before' => $before, 'after' => $after];
            }
            $taking = new StoredTaking($changes, $this->clock->now(), mb_substr($what, 0, 200));
            $this->manager->persist($taking);
            $this->manager->flush();

            return $taking;
        });
    }

    /**
     * @throws TakenMeanwhile If any of the cords is another than it was left
     */
    public function undo(int $id): void
    {
        $this->alone(function () use ($id): void {
            $taking = $this->manager->find(StoredTaking::class, $id);
            if (null === $taking || $taking->isUndone()) {
                throw new TakenMeanwhile();
            }
            foreach ($taking->changes as $uid => $change) {
                $stored = $this->of((string) $uid);
                if (null === $stored || $stored->document() !== $change['after']) {
                    throw new TakenMeanwhile();
                }
                $stored->become($change['before']);
            }
            $taking->undo();
            $this->manager->flush();
        });
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
        foreach ($this->rows() as $row) {
            if (true === $row->cord?->isOf($cord)) {
                $this->keep($row->stored, array_merge($row->stored->document(), [
                    'offcuts' => [...$row->stored->lengths('offcuts'), (string) $left],
                ]));

                return;
            }
        }
        $this->keep(null, array_filter([
            'fibre' => $cord->fibre->value,
            'thickness' => (string) $cord->thickness,
            'width' => $cord->width?->__toString(),
            'colour' => $cord->colour->hex,
            'offcuts' => [(string) $left],
            'spools' => [],
        ], static fn (mixed $value): bool => null !== $value));
    }

    public function lastTaking(): ?StoredTaking
    {
        return $this->manager->getRepository(StoredTaking::class)->findOneBy([], ['id' => 'DESC']);
    }

    private function of(string $uid): ?StoredCord
    {
        return $this->manager->getRepository(StoredCord::class)->findOneBy(['uid' => $uid]);
    }

    /**
     * @template T
     *
     * @param callable(): T $change
     *
     * @return T
     */
    private function alone(callable $change): mixed
    {
        $connection = $this->manager->getConnection();
        $connection->beginTransaction();
        try {
            $this->manager->clear();
            $result = $change();
            $connection->commit();

            return $result;
        } catch (\Throwable $failure) {
            $connection->rollBack();
            $this->manager->clear();
            throw $failure;
        }
    }
}
