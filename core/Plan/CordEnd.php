<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan;

use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Ending;
use Rinkel\Core\Material\Gluing;

/**
 * How the ends of one cord of a piece are secured.
 */
final readonly class CordEnd
{
    /**
     * @param bool        $carries whether the closure is made of it
     * @param bool        $isTail  whether it stays as a tail, and is not trimmed at the last knot
     * @param Ending|null $ending  null of elastic, which its knot secures
     * @param Gluing      $gluing  what comes first where it is glued
     */
    public function __construct(
        public string $role,
        public Cord $cord,
        public bool $carries,
        public bool $isTail,
        public ?Ending $ending,
        public Gluing $gluing,
    ) {}
}
