<?php

declare(strict_types=1);

namespace Rinkel\App\Board;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/**
 * A day at the bench as its maker planned it: when it begins, which pieces, and which stretches begin at a time of
 * theirs.
 *
 * @phpstan-type Pin array{piece: string, left: int, at: string}
 * @phpstan-type Planned array{begin: string, pieces: list<string>, pins: list<Pin>}
 */
#[ORM\Entity]
#[ORM\Table('day')]
#[ORM\UniqueConstraint('day_uid', columns: ['uid'])]
#[ORM\UniqueConstraint('day_on', columns: ['day'])]
class StoredDay
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null; // @phpstan-ignore property.onlyWritten, property.unusedType (the database gives it)

    /**
     * @param string  $day      "2026-12-01"
     * @param Planned $document the time it begins, the uids of its pieces, and the pins: of which piece, how many of
     *                          its stretches are left then, that one included, and the time
     */
    public function __construct(
        #[ORM\Column(length: 32)]
        private string $uid,
        #[ORM\Column(length: 10)]
        private string $day,
        #[ORM\Column(type: Types::JSON)]
        private array $document,
    ) {}

    public function uid(): string
    {
        return $this->uid;
    }

    public function day(): string
    {
        return $this->day;
    }

    /**
     * @return Planned
     */
    public function document(): array
    {
        return $this->document;
    }

    /**
     * @param Planned $document
     */
    public function plan(string $day, array $document): void
    {
        [$this->day, $this->document] = [$day, $document];
    }
}
