<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

/**
 * All that the model of knots is checked against: which knots, over what, pushed how hard, in cord how soft.
 *
 * @internal
 */
final readonly class TightBook
{
    /** Of the program that tightens: grows when its figures change. */
    public const VERSION = 2;

    /** How far apart beads lie at last, in diameters; and once more at 1.6 times that. */
    public const SPACING = 0.2;

    private function __construct() {}

    /**
     * @return list<TightCase>
     */
    public static function cases(): array
    {
        $cases = [];
        foreach ([
            [1, 0.5], [1, 1.0], [1, 2.0], [1, 3.0], [2, 0.5], [2, 1.0], [2, 2.0], [3, 1.0], [4, 1.0], [8, 1.0],
        ] as [$n, $c]) {
            $cases[] = TightCase::of('square', Inside::of($n, $c));
        }
        foreach ([[1, 0.5], [1, 1.0], [1, 2.0]] as [$n, $c]) {
            $cases[] = TightCase::of('half left', Inside::of($n, $c));
        }
        foreach (['hitch', 'vertical lark'] as $id) {
            foreach ([[1, 0.5], [1, 1.0], [1, 2.0], [1, 3.0], [2, 1.0], [4, 1.0]] as [$n, $c]) {
                $cases[] = TightCase::of($id, Inside::of($n, $c));
            }
        }
        $cases[] = TightCase::of('overhand');
        foreach ([2, 3, 4] as $cords) {
            $cases[] = TightCase::of('together', count: $cords);
        }
        foreach ([1, 2, 3, 4] as $wraps) {
            $cases[] = TightCase::of('barrel', count: $wraps);
        }
        foreach ([0.5, 1.0, 2.0] as $c) {
            foreach ([1, 2, 3] as $wraps) {
                $cases[] = TightCase::of('sliding barrel', Inside::of(1, $c), $wraps);
            }
        }
        foreach ([0.0, -1.0, -2.0] as $push) {
            $cases[] = TightCase::of('braid', push: $push);
        }

        return [...$cases, ...self::pushed(), ...self::softer()];
    }

    /**
     * @return list<TightCase>
     */
    private static function pushed(): array
    {
        $cases = [];
        foreach (['square', 'half left', 'vertical lark'] as $id) {
            foreach ([0.3, 1.0] as $push) {
                $cases[] = TightCase::of($id, push: $push);
            }
        }

        return $cases;
    }

    /**
     * @return list<TightCase>
     */
    private static function softer(): array
    {
        $cases = [];
        foreach (['square', 'half left', 'hitch', 'vertical lark', 'overhand', 'barrel'] as $id) {
            foreach ([Hardness::Firm, Hardness::Soft] as $hardness) {
                $cases[] = TightCase::of($id, hardness: $hardness);
            }
        }
        foreach (['square', 'hitch'] as $id) {
            $cases[] = TightCase::of($id, hardness: Hardness::Firm, core: Hardness::Hard);
            $cases[] = TightCase::of($id, hardness: Hardness::Firm, core: Hardness::Soft);
        }

        return $cases;
    }
}
