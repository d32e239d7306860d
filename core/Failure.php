<?php

declare(strict_types=1);

namespace Rinkel\Core;

/**
 * Marks every failure that the core names.
 *
 * @internal
 */
interface Failure extends \Throwable
{
    /**
     * Returns what a maker is told.
     */
    public function said(): Message;
}
