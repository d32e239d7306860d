<?php

declare(strict_types=1);

namespace Rinkel\App\Making;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Kept\Kept;
use Rinkel\App\Kept\Row;
use Rinkel\App\Kept\Rows;
use Rinkel\App\Orders\StoredOrder;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\MeasureFailure;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\HandReader;
use Rinkel\Core\Piece\PieceReader;

/**
 * Makings (docs/kept.schema.json): of which piece and order, by which plan and hand, from which cords, how far.
 *
 * @phpstan-import-type MadeOf from StoredMaking
 * @phpstan-import-type Thing from StoredMaking
 */
final readonly class KeptMakings implements Kept
{
    private const UID = '/^(?:[0-9a-f]{32})?$/D';
    private const CORD = '/^[a-z][a-z0-9-]{0,39} [1-9]\d{0,2}$/D';
    private const MOST_CORDS = 1000;
    private const MOST_NUMBER = 10_000;

    /** What can be other of it than of its piece, and from which day it is worked on. */
    private const CHANGES = '/^(?:for|from|girth|hand|note|repair|colour\.[a-z][a-z0-9-]{0,39})$/D';

    /** The times of its states, by what the row calls them. */
    private const TIMES = [
        'cut' => MakingState::Cut,
        'board' => MakingState::OnBoard,
        'made' => MakingState::Made,
        'delivered' => MakingState::Delivered,
    ];

    public function __construct(
        private EntityManagerInterface $manager,
        private PieceReader $reader,
        private Rows $rows,
    ) {}

    public function word(): string
    {
        return 'making';
    }

    public function folder(): string
    {
        return 'makings';
    }

    public function page(): string
    {
        return 'table';
    }

    public function rank(): int
    {
        return 34;
    }

    public function stores(): array
    {
        return [StoredMaking::class];
    }

    public function uids(): iterable
    {
        return $this->rows->uids('making');
    }

    public function find(string $uid): ?StoredMaking
    {
        return $this->manager->getRepository(StoredMaking::class)->findOneBy(['uid' => $uid]);
    }

    public function row(object $stored): array
    {
        \assert($stored instanceof StoredMaking);
        $times = array_map(
            static fn (MakingState $state): string|false => $stored->at($state)?->format(\DATE_ATOM) ?? false,
            self::TIMES,
        );

        return [
            'uid' => $stored->uid(),
            'pieceUid' => $stored->piece()?->uid() ?? '',
            'orderUid' => $stored->order()?->uid() ?? '',
            'number' => $stored->number(),
            'changes' => (object) $stored->changes(),
            'name' => $stored->isFrozen() ? $stored->name() : '',
            'piece' => (object) $stored->document(),
            'hand' => $stored->hand(),
            'design' => $stored->design(),
            'cords' => $stored->cords(),
            'things' => $stored->things(),
            'planned' => $stored->at(MakingState::Planned)?->format(\DATE_ATOM),
        ] + $times + ['log' => $stored->log(), 'leftovers' => $stored->leftovers()];
    }

    public function check(object $stored): void
    {
        \assert($stored instanceof StoredMaking);
        $this->document($stored->document());
        self::hand($stored->hand());
        self::changes($stored->changes());
        self::cords(['cords' => $stored->cords()]);
        self::things(['things' => $stored->things()]);
    }

    public function read(array $row): Row
    {
        $document = Rows::named(\is_array($row['piece'] ?? null) ? $row['piece'] : []);
        $hand = $row['hand'] ?? null;
        $times = [];
        foreach (array_keys(self::TIMES) as $name) {
            $at = $row[$name] ?? false;
            $times[$name] = false === $at ? false : Rows::time($row, $name)->format(\DATE_ATOM);
        }
        $name = Rows::text($row, 'name', 200);
        $called = $this->document($document);
        $called = '' === $name ? $called : $name;

        return new Row(Rows::uid($row), $called, [
            'uid' => Rows::uid($row),
            'pieceUid' => Rows::uid($row + ['pieceUid' => ''], self::UID, 'pieceUid'),
            'orderUid' => Rows::uid($row + ['orderUid' => ''], self::UID, 'orderUid'),
            'number' => Rows::number($row, 'number', 1, self::MOST_NUMBER, 1),
            'changes' => (object) self::changes(\is_array($row['changes'] ?? null) ? $row['changes'] : []),
            'name' => [] === $document ? '' : $called, // what follows its piece is called as that
            'piece' => (object) $document,
            'hand' => self::hand($hand),
            'design' => Rows::text($row, 'design', 16),
            'cords' => self::cords($row),
            'things' => self::things($row),
            'planned' => Rows::time($row, 'planned')->format(\DATE_ATOM),
        ] + $times + [
            'log' => Rows::uid($row + ['log' => ''], self::UID, 'log'),
            'leftovers' => self::leftovers($row),
        ]);
    }

    public function bring(Row $row, bool $isNew = false): void
    {
        $there = $isNew ? null : $this->find($row->uid);
        $data = $row->data;
        [$piece, $order] = [$this->piece($data), $this->order($data)];
        $making = $there ?? new StoredMaking(
            $row->uid,
            $piece,
            $order,
            self::changes((array) $data['changes']),
            Rows::number($data, 'number', 1, self::MOST_NUMBER, 1),
            Rows::time($data, 'planned'),
        );
        $making->plan(Rows::number($data, 'number', 1, self::MOST_NUMBER, 1), Rows::time($data, 'planned'));
        $making->change(self::changes((array) $data['changes']));
        $making->belong($order);
        $making->freeze(
            Rows::named((array) $data['piece']),
            Rows::text($data, 'name', 200),
            self::hand($data['hand']),
            Rows::text($data, 'design', 16),
        );
        $time = static fn (string $name): ?\DateTimeImmutable => false === $data[$name] ? null : Rows::time($data, $name);
        $making->cut(self::cords($data), $time('cut'));
        $making->take(self::things($data));
        $making->lay($time('board'));
        $making->make($time('made'), Rows::text($data, 'log', 32), self::leftovers($data));
        $making->deliver($time('delivered'));
        $this->manager->persist($making);
    }

    public function remove(object $stored): void
    {
        $this->manager->remove($stored);
        $this->manager->flush();
    }

    /**
     * @param array<mixed> $data
     */
    private function piece(array $data): ?StoredPiece
    {
        return $this->manager->getRepository(StoredPiece::class)->findOneBy(['uid' => $data['pieceUid']]);
    }

    /**
     * @param array<mixed> $data
     */
    private function order(array $data): ?StoredOrder
    {
        return $this->manager->getRepository(StoredOrder::class)->findOneBy(['uid' => $data['orderUid']]);
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return string what it is called
     */
    private function document(array $document): string
    {
        return [] === $document ? '' : $this->reader->read($document)->name;
    }

    /**
     * @return array<string, mixed>|null
     *
     * @throws PieceUnreadable If it is no hand
     */
    private static function hand(mixed $hand): ?array
    {
        return null === $hand ? null : HandReader::read(\is_array($hand) ? $hand : [])->facts();
    }

    /**
     * @param array<mixed> $row
     *
     * @return list<Thing>
     */
    private static function things(array $row): array
    {
        return array_map(static fn (array $one): array => [
            'what' => Rows::text($one, 'what', 300),
            'count' => Rows::number($one, 'count', 0, 1_000_000),
            'taking' => Rows::uid($one + ['taking' => ''], self::UID, 'taking'),
        ], Rows::list($row, 'things', self::MOST_CORDS));
    }

    /**
     * @param array<mixed> $row
     *
     * @return list<string>
     */
    private static function leftovers(array $row): array
    {
        $all = $row['leftovers'] ?? [];

        return array_map(
            static fn (mixed $uid): string => Rows::uid(['leftovers' => $uid], name: 'leftovers'),
            \is_array($all) && array_is_list($all) ? \array_slice($all, 0, self::MOST_CORDS) : [],
        );
    }

    /**
     * @param array<mixed> $changes
     *
     * @return array<string, string>
     *
     * @throws PieceUnreadable If something else is changed than can be
     */
    public static function changes(array $changes): array
    {
        $read = [];
        foreach ($changes as $field => $text) {
            if (1 !== preg_match(self::CHANGES, (string) $field)) {
                throw PieceUnreadable::at('changes', new Message('no-piece'));
            }
            $read[(string) $field] = Rows::text(['of' => $text], 'of', 500);
            if ('from' === $field && !Rows::isDay($read[$field])) {
                throw PieceUnreadable::at('changes', new Message('time-wanted'));
            }
        }

        return $read;
    }

    /**
     * @param array<mixed> $row
     *
     * @return list<MadeOf>
     *
     * @throws PieceUnreadable If one cannot be read
     */
    private static function cords(array $row): array
    {
        $cords = [];
        foreach (Rows::list($row, 'cords', self::MOST_CORDS) as $one) {
            try {
                $length = Length::parse(Rows::text($one, 'length', 60), Unit::Millimetre);
            } catch (MeasureFailure $failure) {
                throw PieceUnreadable::at('cords', $failure->said());
            }
            $cords[] = [
                'cord' => Rows::uid($one, self::CORD, 'cord'),
                'length' => (string) $length,
                'item' => Rows::uid($one + ['item' => ''], self::UID, 'item'),
                'taking' => Rows::uid($one + ['taking' => ''], self::UID, 'taking'),
            ];
        }

        return $cords;
    }
}
