<?php

declare(strict_types=1);

namespace Rinkel\App\Workshop;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Kept\Kept;
use Rinkel\App\Kept\Row;
use Rinkel\App\Kept\Rows;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;

/**
 * Those who work here. No file holds what they sign in by: whoever comes from one is given a word first.
 */
final readonly class KeptMembers implements Kept
{
    public function __construct(
        private EntityManagerInterface $manager,
        private Workshop $workshop,
        private Rows $rows,
    ) {}

    public function word(): string
    {
        return 'member';
    }

    public function folder(): string
    {
        return 'workshop';
    }

    public function page(): string
    {
        return 'workshop';
    }

    public function rank(): int
    {
        return 2;
    }

    public function stores(): array
    {
        return [Member::class];
    }

    public function uids(): iterable
    {
        return $this->rows->uids('member');
    }

    public function find(string $uid): ?Member
    {
        return $this->workshop->find($uid);
    }

    public function row(object $stored): array
    {
        \assert($stored instanceof Member);

        return [
            'uid' => $stored->uid(), 'name' => $stored->name(), 'role' => $stored->role()->value,
            'since' => $stored->since(),
        ];
    }

    public function check(object $stored): void
    {
        \assert($stored instanceof Member);
        $this->read($this->row($stored));
    }

    public function read(array $row): Row
    {
        [$uid, $name] = [Rows::uid($row), trim(Rows::text($row, 'name', Member::LONGEST))];
        $found = Rows::text($row, 'role', 10);
        $role = Role::tryFrom($found);
        if (null === $role) {
            $known = array_column(Role::cases(), 'value');
            throw PieceUnreadable::at('role', new Message('one-of', compact('known', 'found')));
        }
        if ('' === $name) {
            throw PieceUnreadable::at('name', new Message('member-name'));
        }
        $since = Rows::number($row, 'since', 0, \PHP_INT_MAX);

        return new Row($uid, $name, ['uid' => $uid, 'name' => $name, 'role' => $role->value, 'since' => $since]);
    }

    public function bring(Row $row, bool $isNew = false): void
    {
        $role = Role::from(Rows::text($row->data, 'role', 10));
        $since = Rows::number($row->data, 'since', 0, \PHP_INT_MAX);
        $there = $isNew ? null : $this->find($row->uid);
        $name = $this->free($row->name, $row->uid);
        $uid = '' === $row->uid ? throw new \LogicException('A row has a uid.') : $row->uid;
        $member = $there ?? new Member($uid, $name, $role, $since);
        // A file takes nobody the keys of the workshop.
        $member->become($name, null !== $there && $this->workshop->isLastOwner($there) ? Role::Owner : $role);
        $this->manager->persist($member);
    }

    public function remove(object $stored): void
    {
        $this->manager->remove($stored);
        $this->manager->flush();
        $this->workshop->reset();
    }

    /**
     * Returns a name that nobody else has.
     */
    private function free(string $name, string $uid): string
    {
        $free = $name;
        for ($number = 2; !\in_array($this->workshop->named($free)?->uid(), [null, $uid], true); ++$number) {
            $free = mb_substr($name, 0, Member::LONGEST - 4).' '.$number;
        }

        return $free;
    }
}
