<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core;

use PHPUnit\Framework\Assert;
use Rinkel\Core\Message;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\EndUse;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Part;

/**
 * What a sheet says, to be read by tests.
 */
final class Sheets
{
    /**
     * @return list<string> by what the acts of one part are told, in their order
     */
    public static function keys(Plan $plan, Part $part): array
    {
        return array_values(array_map(
            static fn (Act $act): string => $act->said->key,
            array_filter($plan->acts()->all, static fn (Act $act): bool => $part === $act->part),
        ));
    }

    /**
     * Returns the first act that is told so.
     */
    public static function act(Plan $plan, string $key): Act
    {
        foreach ($plan->acts()->all as $act) {
            if ($key === $act->said->key) {
                return $act;
            }
        }
        Assert::fail('Nothing is told as "'.$key.'".');
    }

    /**
     * Returns at which act something is told for the first time, from 0.
     */
    public static function at(Plan $plan, string $key): int
    {
        return (int) array_search(self::act($plan, $key), $plan->acts()->all, true);
    }

    /**
     * Returns what is said of something in a sentence.
     */
    public static function said(Act $act, string $name): mixed
    {
        return $act->said->values[$name] ?? null;
    }

    /**
     * @param list<End> $ends
     *
     * @return list<string>
     */
    public static function ends(array $ends): array
    {
        return array_map(static fn (End $end): string => $end->id, $ends);
    }

    /**
     * @param list<Landmark> $marks
     *
     * @return list<string>
     */
    public static function marks(array $marks): array
    {
        return array_map(static fn (Landmark $mark): string => $mark->id, $marks);
    }

    /**
     * @return list<string> what there is to look at
     */
    public static function looks(Act $act): array
    {
        return array_map(static fn (Message $look): string => $look->key, $act->advice->looks);
    }

    /**
     * Returns what an act takes of all ends, in mm.
     */
    public static function takes(Act $act): float
    {
        return array_sum(array_map(static fn (EndUse $spent): float => $spent->total(), $act->stint->takes));
    }
}
