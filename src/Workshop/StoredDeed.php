<?php

declare(strict_types=1);

namespace Rinkel\App\Workshop;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/**
 * What somebody did to something: the same within an hour is one deed.
 */
#[ORM\Entity]
#[ORM\Table('deed')]
#[ORM\Index('deed_at', columns: ['at'])]
#[ORM\Index('deed_thing', columns: ['thing'])]
class StoredDeed
{
    public const LONGEST = 120;

    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null; // @phpstan-ignore property.onlyWritten, property.unusedType (the database gives it)

    /** How often within the hour. */
    #[ORM\Column]
    private int $times = 1;

    /**
     * @param int    $at    when, for the last time, in seconds since 1970
     * @param string $uid   of who did it
     * @param string $who   their name then
     * @param string $what  a word: "deed.<word>" says it
     * @param string $thing the path of its page, as in "/pieces/12"; "" of none
     * @param string $name  its name then
     */
    public function __construct(
        #[ORM\Column(type: Types::BIGINT)]
        private int $at,
        #[ORM\Column(length: 32)]
        private string $uid,
        #[ORM\Column(length: Member::LONGEST)]
        private string $who,
        #[ORM\Column(length: 30)]
        private string $what,
        #[ORM\Column(length: 60)]
        private string $thing,
        #[ORM\Column(length: self::LONGEST)]
        private string $name,
    ) {}

    public function at(): int
    {
        return $this->at;
    }

    public function uid(): string
    {
        return $this->uid;
    }

    public function who(): string
    {
        return $this->who;
    }

    public function what(): string
    {
        return $this->what;
    }

    public function thing(): string
    {
        return $this->thing;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function times(): int
    {
        return $this->times;
    }

    public function again(int $at, int $times = 1): void
    {
        $this->at = $at;
        $this->times += $times;
    }
}
