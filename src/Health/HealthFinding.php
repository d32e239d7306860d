<?php

declare(strict_types=1);

namespace Rinkel\App\Health;

/**
 * What one look at a running Rinkel found.
 */
final readonly class HealthFinding
{
    /**
     * @param string $what  which part was looked at: "database"
     * @param string $says  what was found, in English, for whoever runs it
     * @param bool   $isBad whether Rinkel cannot do its work like that; else it is only worth a look
     */
    private function __construct(
        public string $what,
        public bool $isFine,
        public bool $isBad,
        public string $says,
    ) {}

    public static function fine(string $what, string $says): self
    {
        return new self($what, true, false, $says);
    }

    public static function look(string $what, string $says): self
    {
        return new self($what, false, false, $says);
    }

    public static function bad(string $what, string $says): self
    {
        return new self($what, false, true, $says);
    }
}
