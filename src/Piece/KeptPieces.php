<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Kept\Kept;
use Rinkel\App\Kept\Row;
use Rinkel\App\Kept\Rows;
use Rinkel\Core\Piece\PieceReader;

/**
 * Pieces with all that they were before (docs/piece.schema.json, docs/kept.schema.json).
 */
final readonly class KeptPieces implements Kept
{
    /** What was typed and cannot be read yet is no longer than a page. */
    private const LONGEST = 20_000;

    public function __construct(
        private EntityManagerInterface $manager,
        private Pieces $pieces,
        private PieceReader $reader,
        private Rows $rows,
    ) {}

    public function word(): string
    {
        return 'piece';
    }

    public function folder(): string
    {
        return 'pieces';
    }

    public function page(): string
    {
        return 'table';
    }

    public function rank(): int
    {
        return 30;
    }

    public function stores(): array
    {
        return [StoredPiece::class, PieceState::class];
    }

    public function uids(): iterable
    {
        return $this->rows->uids('piece');
    }

    public function find(string $uid): ?StoredPiece
    {
        return $this->pieces->withUid($uid);
    }

    public function row(object $stored): array
    {
        \assert($stored instanceof StoredPiece);
        /** @var list<PieceState> $states */
        $states = $this->manager->getRepository(PieceState::class)->findBy(['piece' => $stored], ['number' => 'ASC']);

        return [
            'uid' => $stored->uid(),
            'changed' => $stored->changedAt()->format(\DATE_ATOM),
            'putAway' => $stored->archivedAt()?->format(\DATE_ATOM) ?? false,
        ] + array_filter([
            'deleted' => $stored->discardedAt()?->format(\DATE_ATOM),
            'unread' => $stored->draft(),
            'seen' => $stored->seen(),
        ], static fn (mixed $value): bool => null !== $value && [] !== $value) + [
            'state' => $stored->state(),
            'states' => array_map(static fn (PieceState $state): array => [
                'number' => $state->number(),
                'at' => $state->at()->format(\DATE_ATOM),
                'stroke' => $state->stroke(),
                'piece' => $state->document(),
            ], $states),
            'piece' => $stored->document(),
        ];
    }

    public function check(object $stored): void
    {
        if ($stored instanceof StoredPiece) {
            $this->pieces->piece($stored);
        }
    }

    public function read(array $row): Row
    {
        $uid = Rows::uid($row);
        $document = Rows::named(\is_array($row['piece'] ?? null) ? $row['piece'] : []);
        $piece = $this->reader->read($document);
        $changed = Rows::time($row, 'changed');
        // Until version 2 it only said whether.
        $putAway = \is_bool($row['putAway'] ?? false)
            ? (true === ($row['putAway'] ?? false) ? $changed : null)
            : Rows::time($row, 'putAway');
        $deleted = Rows::timeOrNone($row, 'deleted');
        $seen = $row['seen'] ?? null;

        return new Row($uid, $piece->name, [
            'uid' => $uid,
            'changed' => $changed->format(\DATE_ATOM),
            'putAway' => $putAway?->format(\DATE_ATOM) ?? false,
        ] + array_filter([
            'deleted' => $deleted?->format(\DATE_ATOM),
            'unread' => self::unread($row['unread'] ?? []),
            'seen' => \is_array($seen) ? Rows::named($seen) : null,
        ], static fn (mixed $value): bool => null !== $value && [] !== $value) + [
            'state' => Rows::number($row, 'state', 0, \PHP_INT_MAX),
            'states' => array_map(static fn (array $state): array => [
                'number' => Rows::number($state, 'number', 0, \PHP_INT_MAX),
                'at' => Rows::time($state, 'at')->format(\DATE_ATOM),
                'stroke' => Rows::text($state, 'stroke', 40),
                'piece' => \is_array($state['piece'] ?? null) ? $state['piece'] : [],
            ], Rows::list($row, 'states', Pieces::STATES + 1)),
            'piece' => $document,
        ], $changed);
    }

    public function bring(Row $row, bool $isNew = false): void
    {
        $there = $isNew ? null : $this->find($row->uid);
        $document = Rows::named(\is_array($row->data['piece']) ? $row->data['piece'] : []);
        $unread = self::unread($row->data['unread'] ?? []);
        $putAway = false === $row->data['putAway'] ? null : Rows::time($row->data, 'putAway');
        $deleted = Rows::timeOrNone($row->data, 'deleted');
        if (null !== $there) {
            $this->pieces->becomes($there, $this->reader->read($document), $unread, $putAway);

            return;
        }
        $seen = $row->data['seen'] ?? null;
        $stored = StoredPiece::as(
            $row->uid,
            $document,
            $unread,
            \is_array($seen) ? Rows::named($seen) : null,
            Rows::number($row->data, 'state', 0, \PHP_INT_MAX),
            Rows::time($row->data, 'changed'),
            $putAway,
            $deleted,
        );
        $this->manager->persist($stored);
        foreach (Rows::list($row->data, 'states', Pieces::STATES + 1) as $state) {
            $this->manager->persist(new PieceState(
                $stored,
                Rows::number($state, 'number', 0, \PHP_INT_MAX),
                Rows::named(\is_array($state['piece'] ?? null) ? $state['piece'] : []),
                Rows::text($state, 'stroke', 40),
                Rows::time($state, 'at'),
            ));
        }
    }

    public function remove(object $stored): void
    {
        \assert($stored instanceof StoredPiece);
        $this->pieces->delete($stored);
    }

    /**
     * @return array<string, string>
     */
    private static function unread(mixed $texts): array
    {
        $read = [];
        foreach (\is_array($texts) ? $texts : [] as $field => $text) {
            if (\is_string($text) && \strlen((string) $field) <= 120) {
                $read[(string) $field] = mb_substr(mb_scrub($text), 0, self::LONGEST);
            }
        }

        return $read;
    }
}
