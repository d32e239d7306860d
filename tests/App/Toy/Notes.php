<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Toy;

use Rinkel\App\Kept\Kept;
use Rinkel\App\Kept\Row;
use Rinkel\App\Kept\Rows;

/**
 * Notes that a page which Rinkel does not know keeps: to show what stored data takes. A page's own would be in the database.
 */
final class Notes implements Kept
{
    /** @var array<string, Note> by uid */
    public array $all = [];

    public function word(): string
    {
        return 'note';
    }

    public function folder(): string
    {
        return 'notes';
    }

    public function page(): string
    {
        return 'table';
    }

    public function rank(): int
    {
        return 500;
    }

    public function stores(): array
    {
        return [Note::class];
    }

    public function uids(): iterable
    {
        return array_map(strval(...), array_keys($this->all));
    }

    public function find(string $uid): ?Note
    {
        return $this->all[$uid] ?? null;
    }

    public function row(object $stored): array
    {
        \assert($stored instanceof Note);

        return ['uid' => $stored->uid, 'text' => $stored->text];
    }

    public function check(object $stored): void
    {
        $this->read($this->row($stored));
    }

    public function read(array $row): Row
    {
        $data = ['uid' => Rows::uid($row, '/^[a-z]{3,9}$/D'), 'text' => Rows::text($row, 'text', 40)];

        return new Row($data['uid'], $data['text'], $data);
    }

    public function bring(Row $row, bool $isNew = false): void
    {
        $this->all[$row->uid] = new Note($row->uid, Rows::text($row->data, 'text', 40));
    }

    public function remove(object $stored): void
    {
        \assert($stored instanceof Note);
        unset($this->all[$stored->uid]);
    }
}
