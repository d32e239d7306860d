<?php

declare(strict_types=1);

namespace Rinkel\App\Workshop;

/**
 * What somebody does in a workshop, and so how far they reach.
 */
enum Role: string
{
    /** Everything, and who works here. */
    case Owner = 'owner';

    /** All work: designs, orders, stock, people, prices. */
    case Maker = 'maker';

    /** Making only: bench, boards and cutting. */
    case Helper = 'helper';

    public function reaches(self $wanted): bool
    {
        return $this->rank() <= $wanted->rank();
    }

    /**
     * Returns its place among the roles: 0 reaches furthest.
     */
    public function rank(): int
    {
        return match ($this) {
            self::Owner => 0,
            self::Maker => 1,
            self::Helper => 2,
        };
    }
}
