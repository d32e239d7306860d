<?php

declare(strict_types=1);

namespace Rinkel\Core\Line;

/**
 * By what an element keeps what only one end of a pair takes, where its two ends do unlike things.
 *
 * @internal
 */
final class OnEnd
{
    public static function of(string $role, bool $right): string
    {
        return $role.($right ? ' right' : ' left');
    }

    /**
     * Returns the role of the cord of which an element keeps a take under $lane.
     */
    public static function role(string $lane): string
    {
        return preg_replace('/ (?:left|right)$/D', '', $lane) ?? $lane;
    }
}
