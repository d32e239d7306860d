<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

/**
 * What New piece offers first: families of technique, each with the kinds that are made so.
 */
enum Family: string
{
    case Bands = 'bands';
    case Beads = 'beads';
    case Along = 'along';
    case Strands = 'strands';
    case Chain = 'chain';
    case Rope = 'rope';

    /**
     * @return list<string> constructions, the one that is drawn for it first
     */
    public function kinds(): array
    {
        return match ($this) {
            self::Bands => ['square-knot-band', 'stacked-band', 'wave-band'],
            self::Beads => ['stretch', 'strung-beads', 'multi-row', 'layered-strands'],
            self::Along => ['spaced-knots', 'single-focal'],
            self::Strands => ['bundled-wrap', 'strand-bundle', 'knotted-strands'],
            self::Chain => ['laced-chain', 'braided-chain'],
            self::Rope => ['rope-knot', 'netted-pouch'],
        };
    }

    /**
     * Returns all families with those of their kinds that there are; a kind of which none knows stands in the last.
     *
     * @param list<string> $kinds that there are
     * @param list<string> $used  those worked on last first
     *
     * @return array<string, non-empty-list<string>> by family, the one worked on last first
     */
    public static function sorted(array $kinds, array $used): array
    {
        $ranks = array_flip(array_unique($used));
        $rank = static fn (string $kind): int => $ranks[$kind] ?? \PHP_INT_MAX;
        $families = [];
        foreach (self::cases() as $family) {
            $families[$family->value] = array_values(array_intersect($family->kinds(), $kinds));
        }
        $known = array_merge(...array_values($families));
        array_push($families[self::Rope->value], ...array_values(array_diff($kinds, $known)));
        $families = array_filter($families, static fn (array $of): bool => [] !== $of);
        foreach ($families as $name => $of) {
            usort($of, static fn (string $one, string $other): int => $rank($one) <=> $rank($other));
            $families[$name] = $of;
        }
        uasort($families, static fn (array $one, array $other): int => $rank($one[0]) <=> $rank($other[0]));

        return $families;
    }
}
