<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

/**
 * One end of a cord on its way through the piece, from where the cord is folded or begins.
 */
final readonly class Leg
{
    /**
     * @param non-empty-list<string> $lanes  whose takes it has: its role, and what only this end of it does
     * @param bool                   $halved whether it runs along one half of the piece only
     * @param bool                   $opens  whether it makes the closure at the beginning of the piece
     * @param bool                   $closes whether it makes the closure at the end of it
     * @param float                  $share  of what its lanes take
     * @param float                  $twist  how many times its tail's length it takes where tails are twisted
     */
    public function __construct(
        public array $lanes,
        public bool $halved = false,
        public bool $opens = false,
        public bool $closes = false,
        public float $share = 1.0,
        public float $twist = 1.0,
    ) {}
}
