<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Rinkel\Core\Piece\Credit;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Plan\Plan;

/**
 * A file that somebody wants to lay on the Table: what it would be there, or what is wrong with it.
 */
final readonly class Arrival
{
    /**
     * @param Plan|null   $plan    null when something is wrong
     * @param list<Fault> $faults
     * @param bool        $isThere whether an equal piece lies there already
     */
    public function __construct(
        public string $file,
        public string $json,
        public ?Plan $plan,
        public array $faults = [],
        public bool $isThere = false,
        public ?Credit $credit = null,
    ) {}
}
