<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Need;

/**
 * One set of materials from which any size of a design can be made.
 *
 * @internal
 */
final readonly class Kit
{
    /**
     * @param list<KitPart> $cords
     * @param list<KitPart> $things beads before findings
     */
    private function __construct(
        public array $cords,
        public array $things,
    ) {}

    public static function of(Sizes $sizes): self
    {
        return new self(self::cords($sizes->all), self::things($sizes->all));
    }

    /**
     * @param list<Sized> $all
     *
     * @return list<KitPart>
     */
    private static function cords(array $all): array
    {
        $most = [];
        $counts = [];
        foreach ($all as $one) {
            foreach ($one->plan->cuts as $cut) {
                $longest = $most[$cut->role] ?? null;
                $most[$cut->role] = null === $longest || $cut->length->isLongerThan($longest->length) ? $cut : $longest;
                $counts[$cut->role] = max($cut->count, $counts[$cut->role] ?? 0);
            }
        }
        $parts = [];
        foreach ($most as $role => $cut) {
            $parts[] = new KitPart($cut->times($counts[$role]), $cut->length, array_map(
                static fn (Sized $one): Length => self::left($one, $cut, $counts[$role]),
                $all,
            ));
        }

        return $parts;
    }

    /**
     * Returns what is left of all cords of a role when a size was cut from them.
     */
    private static function left(Sized $one, Cut $most, int $count): Length
    {
        $taken = Length::zero();
        foreach ($one->plan->cuts as $cut) {
            $taken = $cut->role === $most->role ? $taken->plus($cut->total()) : $taken;
        }

        return $most->length->times($count)->minus($taken);
    }

    /**
     * @param list<Sized> $all
     *
     * @return list<KitPart>
     */
    private static function things(array $all): array
    {
        $needs = [];
        $most = [];
        foreach ($all as $i => $one) {
            foreach (Need::of([[$one->plan, 1]]) as $need) {
                $key = $need->what->materialKey();
                $needs[$key][$i] = $need;
                $most[$key] = $need->and($most[$key] ?? null);
            }
        }
        $parts = [];
        foreach ($most as $key => $need) {
            $parts[] = new KitPart($need, $need->count, array_map(
                static fn (int $i): int => $need->count - ($needs[$key][$i]->count ?? 0),
                array_keys($all),
            ), $need->letters);
        }

        return $parts;
    }
}
