<?php

declare(strict_types=1);

namespace Rinkel\App\Practice;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Kept\Kept;
use Rinkel\App\Kept\Row;
use Rinkel\App\Kept\Rows;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Practice\Boxes;
use Rinkel\Core\Practice\Exercises;
use Rinkel\Core\Quoted;

/**
 * How well each exercise is known; an exercise's word is its uid.
 */
final readonly class KeptPractice implements Kept
{
    private const MOST_ASKED = 1_000_000;

    public function __construct(
        private EntityManagerInterface $manager,
        private Rows $rows,
    ) {}

    public function word(): string
    {
        return 'practice';
    }

    public function folder(): string
    {
        return 'practice';
    }

    public function page(): string
    {
        return 'practice';
    }

    public function rank(): int
    {
        return 70;
    }

    public function stores(): array
    {
        return [StoredBox::class];
    }

    public function uids(): iterable
    {
        return $this->rows->uids('practice_box', 'exercise', 'exercise');
    }

    public function find(string $uid): ?StoredBox
    {
        return $this->manager->find(StoredBox::class, $uid);
    }

    public function row(object $stored): array
    {
        \assert($stored instanceof StoredBox);

        return [
            'uid' => $stored->exercise(),
            'box' => $stored->box(),
            'asked' => $stored->asked(),
            'due' => $stored->dueAt()->format(\DATE_ATOM),
        ];
    }

    public function check(object $stored): void
    {
        $this->read($this->row($stored));
    }

    public function read(array $row): Row
    {
        $uid = Rows::uid($row, '/^[a-z][a-z-]{0,39}$/D');
        if (!isset(Exercises::all()[$uid])) {
            $known = array_keys(Exercises::all());
            throw PieceUnreadable::at('uid', new Message('one-of', ['known' => $known, 'found' => new Quoted($uid)]));
        }

        return new Row($uid, $uid, [
            'uid' => $uid,
            'box' => Rows::number($row, 'box', 1, Boxes::LAST, 1),
            'asked' => Rows::number($row, 'asked', 0, self::MOST_ASKED),
            'due' => Rows::time($row, 'due')->format(\DATE_ATOM),
        ]);
    }

    public function bring(Row $row, bool $isNew = false): void
    {
        $due = Rows::time($row->data, 'due');
        $box = ($isNew ? null : $this->find($row->uid)) ?? new StoredBox($row->uid, $due);
        $box->become(
            Rows::number($row->data, 'box', 1, Boxes::LAST),
            Rows::number($row->data, 'asked', 0, self::MOST_ASKED),
            $due,
        );
        $this->manager->persist($box);
    }

    public function remove(object $stored): void
    {
        $this->manager->remove($stored);
        $this->manager->flush();
    }
}
