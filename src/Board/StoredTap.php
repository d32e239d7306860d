<?php

declare(strict_types=1);

namespace Rinkel\App\Board;

use Doctrine\ORM\Mapping as ORM;

/**
 * One tap at a board: so many moves more, or back. The device that it was made on gives it its uid, so that it is
 * applied once however often it is sent.
 */
#[ORM\Entity]
#[ORM\Table('board_tap')]
#[ORM\UniqueConstraint('board_tap_uid', columns: ['board_id', 'uid'])]
#[ORM\Index('board_tap_kind', columns: ['kind'])]
class StoredTap
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null; // @phpstan-ignore property.unusedType, property.onlyWritten (the database gives it)

    /**
     * @param int    $number of the board's events
     * @param int    $done   moves that were counted by it, back when negative
     * @param int    $at     when, in ms since 1970, by the clock of the device
     * @param string $kind   of the move, as far as pace goes; "" of several or none
     */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly StoredBoard $board,
        #[ORM\Column(length: 24)]
        public readonly string $uid,
        #[ORM\Column]
        public readonly int $number,
        #[ORM\Column]
        public readonly int $done,
        #[ORM\Column(type: 'bigint')]
        public readonly int $at,
        #[ORM\Column(length: 32, options: ['default' => ''])]
        public readonly string $kind,
    ) {}
}
