<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Line\Element;

/**
 * Beads as they are said in a row.
 *
 * @internal
 */
final class BeadRow
{
    /**
     * Returns beads as they are said in a row: "3 pip, plum", "12 × (sky, sun)".
     *
     * @param list<string> $names
     */
    public static function said(array $names, ?WorkRun $run = null): string
    {
        if (null !== $run?->element->mention->letter) {
            return (string) $run->element->name.' '.implode(' ', array_map(
                static fn (Element $element): string => (string) $element->mention->letter,
                $run->elements,
            ));
        }
        $count = \count($names);
        for ($period = 2; 2 * $period <= $count; ++$period) {
            $turn = \array_slice($names, 0, $period);
            if (0 === $count % $period && $names === array_merge(...array_fill(0, intdiv($count, $period), $turn))
                && \count(array_unique(\array_slice($names, 0, $period))) > 1) {
                return intdiv($count, $period).' × ('.self::said(\array_slice($names, 0, $period)).')';
            }
        }
        [$said, $last, $times] = [[], null, 0];
        foreach ([...$names, null] as $name) {
            if ($name === $last) {
                ++$times;
                continue;
            }
            if (null !== $last) {
                $said[] = 1 === $times ? $last : $times.' '.$last;
            }
            [$last, $times] = [$name, 1];
        }

        return implode(', ', $said);
    }
}
