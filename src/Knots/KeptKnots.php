<?php

declare(strict_types=1);

namespace Rinkel\App\Knots;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Kept\Kept;
use Rinkel\App\Kept\Row;
use Rinkel\App\Kept\Rows;
use Rinkel\Core\Piece\KnotReader;

/**
 * Knots of makers' own (docs/knot.schema.json).
 */
final readonly class KeptKnots implements Kept
{
    public function __construct(
        private EntityManagerInterface $manager,
        private OwnKnots $knots,
        private KnotReader $reader,
        private Rows $rows,
    ) {}

    public function word(): string
    {
        return 'knot';
    }

    public function folder(): string
    {
        return 'knots';
    }

    public function page(): string
    {
        return 'knots';
    }

    public function rank(): int
    {
        return 5;
    }

    public function stores(): array
    {
        return [StoredKnot::class];
    }

    public function uids(): iterable
    {
        return $this->rows->uids('own_knot');
    }

    public function find(string $uid): ?StoredKnot
    {
        return $this->knots->withUid($uid);
    }

    public function row(object $stored): array
    {
        \assert($stored instanceof StoredKnot);

        return ['uid' => $stored->uid()]
            + ('' === $stored->note() ? [] : ['note' => $stored->note()])
            + Rows::rest($stored->document());
    }

    public function check(object $stored): void
    {
        \assert($stored instanceof StoredKnot);
        $this->reader->read($stored->document());
    }

    public function read(array $row): Row
    {
        $uid = Rows::uid($row);
        $note = Rows::text($row, 'note', StoredKnot::NOTE);
        $knot = $this->reader->read(Rows::rest($row, 'note'));

        return new Row($uid, $knot->word(), ['uid' => $uid]
            + ('' === $note ? [] : ['note' => $note])
            + $this->reader->write($knot));
    }

    public function bring(Row $row, bool $isNew = false): void
    {
        $note = Rows::text($row->data, 'note', StoredKnot::NOTE);
        $document = Rows::rest($row->data, 'note');
        // A name is of one knot: what comes from elsewhere takes the place of what is called so here.
        $stored = $this->knots->stored($row->name) ?? ($isNew ? null : $this->find($row->uid));
        $stored?->become($document, $note);
        $this->manager->persist($stored ?? new StoredKnot($row->uid, $document, $note));
    }

    public function remove(object $stored): void
    {
        $this->manager->remove($stored);
        $this->manager->flush();
    }
}
