<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Database;

use Doctrine\DBAL\Connection;

/**
 * Tells whether anything was changed since: a page on another device asks for it every second.
 */
final readonly class ChangeStamp
{
    public function __construct(private Connection $database) {}

    public function now(): int
    {
        $number = $this->database->fetchOne('SELECT number FROM change_stamp');

        return is_numeric($number) ? (int) $number : 0;
    }
}
