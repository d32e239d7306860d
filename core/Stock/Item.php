<?php

declare(strict_types=1);

namespace Rinkel\Core\Stock;

/**
 * One kind of thing in the stock box.
 *
 * @internal
 */
interface Item
{
    /**
     * Returns the key by which it is of one kind with what a piece asks for.
     */
    public function materialKey(): string;

    /**
     * Returns whether less of it is there than its maker wants in the box.
     */
    public function isLow(): bool;
}
