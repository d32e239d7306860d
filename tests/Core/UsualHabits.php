<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Work\Habits;

/**
 * The habits one by one, by the names that a piece says them with.
 */
final class UsualHabits
{
    /**
     * @return array<string, \BackedEnum|Length|int|null> by name
     */
    public static function of(Habits $habits = new Habits()): array
    {
        $all = [];
        foreach (get_object_vars($habits) as $name => $value) {
            $all += $value instanceof \BackedEnum || !\is_object($value) ? [$name => $value] : get_object_vars($value);
        }

        return $all; // @phpstan-ignore return.type (parts of habits hold nothing else)
    }
}
