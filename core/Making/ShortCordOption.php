<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\PieceSpec;

/**
 * One way on when a cord will not be enough: what is done, and the piece as it is then, where its plan changes.
 *
 * @internal
 */
final readonly class ShortCordOption
{
    /**
     * @param Message        $said  what it is and what it gives
     * @param float          $harm  by which ways are ranked: zero is no change that anybody sees
     * @param PieceSpec|null $piece as it is planned then; null where the plan stays and only the hands do otherwise
     * @param int|null       $at    after how many moves hands do otherwise, where the plan stays
     * @param Length|null    $adds  to the end that runs short, by what hands do
     */
    public function __construct(
        public string $key,
        public Message $said,
        public float $harm,
        public ?PieceSpec $piece = null,
        public ?int $at = null,
        public ?Length $adds = null,
    ) {}
}
