<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

/**
 * What a knot in one cord is, whatever it looks like: two that can be laid out alike without untying have one name, and
 * one whose name is Nothing comes undone when it is pulled.
 *
 * Told by the Jones polynomial, by powers of t (from the tables of knots, from memory): of a ring with up to 24
 * crossings only one without a knot has 1 (B. Burton, R. Budney and others have looked through all, from memory).
 */
enum KnotName: string
{
    case Nothing = 'nothing';
    case Overhand = 'overhand';
    case FigureEight = 'figure-eight';
    case DoubleOverhand = 'double-overhand';
    case ThreeHalfTwists = 'three-half-twists';
    case Stevedore = 'stevedore';
    case TripleOverhand = 'triple-overhand';
    case TwoOverhands = 'two-overhands';
    case Other = 'other';

    /** Coefficients by the power of t; a mirror changes the signs of the powers. */
    private const KNOTS = [
        'nothing' => [0 => 1],
        'overhand' => [1 => 1, 3 => 1, 4 => -1],
        'figure-eight' => [-2 => 1, -1 => -1, 0 => 1, 1 => -1, 2 => 1],
        'double-overhand' => [2 => 1, 4 => 1, 5 => -1, 6 => 1, 7 => -1],
        'three-half-twists' => [1 => 1, 2 => -1, 3 => 2, 4 => -1, 5 => 1, 6 => -1],
        'stevedore' => [-4 => 1, -3 => -1, -2 => 1, -1 => -2, 0 => 2, 1 => -1, 2 => 1],
        'triple-overhand' => [3 => 1, 5 => 1, 6 => -1, 7 => 1, 8 => -1, 9 => 1, 10 => -1],
    ];

    /** One power of t is so many of A. */
    private const OF_A = -4;

    public static function of(Tangle $tangle): self
    {
        $jones = Diagram::of(Rings::of($tangle))->jones();
        foreach (self::polynomials() as [$name, $polynomial]) {
            if ($polynomial === $jones || self::mirrored($polynomial) === $jones) {
                return $name;
            }
        }

        return self::Other;
    }

    /**
     * @return \Generator<array{self, array<int, int>}> by powers of A
     */
    private static function polynomials(): \Generator
    {
        foreach (self::KNOTS as $name => $coefficients) {
            $polynomial = [];
            foreach ($coefficients as $power => $coefficient) {
                $polynomial[self::OF_A * $power] = $coefficient;
            }
            ksort($polynomial);
            yield [self::from($name), $polynomial];
            if (self::Overhand->value === $name) {
                // One after the other, both alike or each other's mirror.
                yield [self::TwoOverhands, self::product($polynomial, $polynomial)];
                yield [self::TwoOverhands, self::product($polynomial, self::mirrored($polynomial))];
            }
        }
    }

    /**
     * @param array<int, int> $polynomial
     *
     * @return array<int, int>
     */
    private static function mirrored(array $polynomial): array
    {
        $mirrored = [];
        foreach ($polynomial as $power => $coefficient) {
            $mirrored[-$power] = $coefficient;
        }
        ksort($mirrored);

        return $mirrored;
    }

    /**
     * @param array<int, int> $one
     * @param array<int, int> $other
     *
     * @return array<int, int>
     */
    private static function product(array $one, array $other): array
    {
        $product = [];
        foreach ($one as $i => $a) {
            foreach ($other as $j => $b) {
                $product[$i + $j] = ($product[$i + $j] ?? 0) + $a * $b;
            }
        }
        $product = array_filter($product, static fn (int $coefficient): bool => 0 !== $coefficient);
        ksort($product);

        return $product;
    }
}
