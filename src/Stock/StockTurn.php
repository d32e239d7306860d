<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

/**
 * Why the stock was changed.
 */
enum StockTurn: string
{
    /** A cut sheet was taken off. */
    case Taken = 'taken';

    /** What was on a shopping list came. */
    case Bought = 'bought';

    /** What was left of cords came back, or a cord that was cut and not used. */
    case Returned = 'returned';

    /** Rows of a table were taken in. */
    case Table = 'table';

    /** One thing was taken out of the box for good. */
    case Removed = 'removed';
}
