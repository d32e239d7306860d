<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Kept\Kept;
use Rinkel\App\Kept\Row;
use Rinkel\App\Kept\Rows;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;

/**
 * What was taken off the stock or put into it in one act, so that it can still be undone where it is read.
 *
 * @phpstan-import-type Change from StoredTaking
 */
final readonly class KeptTakings implements Kept
{
    public function __construct(
        private EntityManagerInterface $manager,
        private Rows $rows,
    ) {}

    public function word(): string
    {
        return 'taking';
    }

    public function folder(): string
    {
        return 'takings';
    }

    public function page(): string
    {
        return 'stock_takings';
    }

    public function rank(): int
    {
        return 21;
    }

    public function stores(): array
    {
        return [StoredTaking::class];
    }

    public function uids(): iterable
    {
        return $this->rows->uids('stock_taking');
    }

    public function find(string $uid): ?StoredTaking
    {
        return $this->manager->getRepository(StoredTaking::class)->findOneBy(['uid' => $uid]);
    }

    public function row(object $stored): array
    {
        \assert($stored instanceof StoredTaking);

        return [
            'uid' => $stored->uid,
            'at' => $stored->at->format(\DATE_ATOM),
            'what' => $stored->what,
            'turn' => $stored->turn->value,
            'undone' => $stored->isUndone(),
            'changes' => (object) $stored->changes,
        ];
    }

    public function check(object $stored): void
    {
        \assert($stored instanceof StoredTaking);
        self::changes((array) $stored->changes);
    }

    public function read(array $row): Row
    {
        $uid = Rows::uid($row);
        $turn = StockTurn::tryFrom(Rows::text($row, 'turn', 20)) ?? throw PieceUnreadable::at('turn', new Message('no-piece'));
        $changes = \is_array($row['changes'] ?? null) ? $row['changes'] : [];

        return new Row($uid, Rows::text($row, 'what', 200), [
            'uid' => $uid,
            'at' => Rows::time($row, 'at')->format(\DATE_ATOM),
            'what' => Rows::text($row, 'what', 200),
            'turn' => $turn->value,
            'undone' => true === ($row['undone'] ?? false),
            'changes' => (object) self::changes($changes),
        ]);
    }

    public function bring(Row $row, bool $isNew = false): void
    {
        $there = $isNew ? null : $this->find($row->uid);
        if (null !== $there) {
            $this->remove($there);
        }
        $taking = new StoredTaking(
            $row->uid,
            self::changes((array) $row->data['changes']),
            Rows::time($row->data, 'at'),
            $row->name,
            StockTurn::from(Rows::text($row->data, 'turn', 20)),
        );
        if (true === $row->data['undone']) {
            $taking->undo();
        }
        $this->manager->persist($taking);
    }

    public function remove(object $stored): void
    {
        $this->manager->remove($stored);
        $this->manager->flush();
    }

    /**
     * @param array<mixed> $changes by uid
     *
     * @return array<string, Change>
     */
    private static function changes(array $changes): array
    {
        $read = [];
        foreach ($changes as $uid => $change) {
            [$before, $after] = \is_array($change) ? [$change['before'] ?? null, $change['after'] ?? null] : [0, 0];
            if (
                1 !== preg_match('/^[0-9a-f]{32}$/D', (string) $uid) || !\is_array($change)
                || (null !== $before && !\is_array($before)) || (null !== $after && !\is_array($after))
            ) {
                throw PieceUnreadable::at('changes', new Message('no-piece'));
            }
            $kind = $change['kind'] ?? null;
            $read[(string) $uid] = [
                'before' => null === $before ? null : Rows::named($before),
                'after' => null === $after ? null : Rows::named($after),
            ] + (\is_string($kind) ? ['kind' => $kind] : []);
        }

        return $read;
    }
}
