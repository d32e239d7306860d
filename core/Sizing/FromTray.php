<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Remark\Severity;

/**
 * One design made of what lies in a tray: its cords and beads are exchanged for those at hand, what it takes most of
 * for what there is most of.
 *
 * @internal
 */
final readonly class FromTray
{
    /**
     * @param Length $cord  that is left over
     * @param int    $beads that are left over
     * @param float  $share of the tray that is left over, from 0 to 1
     */
    private function __construct(
        public PieceSpec $wish,
        public Plan $plan,
        public Length $cord,
        public int $beads,
        public float $share,
    ) {}

    /**
     * Returns which designs can be made of a tray, those first that leave least of it.
     *
     * @param array<string, PieceSpec>        $designs
     * @param list<array{Cord, list<Length>}> $cords   in pieces
     * @param list<array{Bead, int}>          $beads
     *
     * @return array<string, self> by the keys of the designs
     */
    public static function ranked(Planner $planner, array $designs, array $cords, array $beads): array
    {
        $all = [];
        foreach ($designs as $key => $design) {
            try {
                $one = self::made($planner, $design, $cords, $beads);
            } catch (PieceUnreadable) {
                continue; // it cannot be made of such things at all
            }
            if (null !== $one) {
                $all[(string) $key] = $one;
            }
        }
        uasort($all, static fn (self $a, self $b): int => $a->share <=> $b->share);

        return $all;
    }

    /**
     * @param list<array{Cord, list<Length>}> $cords
     * @param list<array{Bead, int}>          $beads
     *
     * @throws PieceUnreadable
     */
    private static function made(Planner $planner, PieceSpec $design, array $cords, array $beads): ?self
    {
        $plan = $planner->plan($design);
        $piece = $plan->draft->piece;
        $taken = $plan->beads;
        arsort($taken);
        if (\count($taken) > \count($beads) || [] === $cords) {
            return null;
        }
        usort(
            $cords,
            static fn (array $a, array $b): int => self::sum($b[1])->millimetres <=> self::sum($a[1])->millimetres,
        );
        usort($beads, static fn (array $a, array $b): int => $b[1] <=> $a[1]);
        [$uses, $pools] = self::uses($plan, array_column($cords, 0));
        [$own, $there] = [$piece->beads, []];
        foreach (array_keys($taken) as $i => $name) {
            [$bead, $count] = $beads[$i];
            $own[$name] = $bead->uncounted();
            $there[$name] = $count;
        }
        $wish = $design->decidedAs($piece, ['pattern', 'closure', 'findings'])->withCords($uses)->withBeads($own);
        $plan = $planner->plan($wish);
        $trays = array_map(static fn (int $i): string => 'tray '.$i, array_keys($cords));
        $hand = new AvailableMaterials(array_combine($trays, array_column($cords, 1)), $there, $pools);
        if (Severity::Stop === $plan->worst() || [] !== $hand->lacks($plan)) {
            return null;
        }

        return self::left($wish, $plan, $cords, $beads);
    }

    /**
     * Returns which cord serves which role: of that of which most is taken the one there is most of.
     *
     * @param non-empty-list<Cord> $cords
     *
     * @return array{array<string, CordUse>, array<string, string>} by role, with the tray that it comes from
     */
    private static function uses(Plan $plan, array $cords): array
    {
        $totals = [];
        foreach ($plan->cuts as $cut) {
            $totals[$cut->role] = ($totals[$cut->role] ?? 0.0) + $cut->total()->millimetres;
        }
        arsort($totals);
        [$uses, $pools] = [$plan->draft->piece->cords, []];
        foreach (array_keys($totals) as $i => $role) {
            // Cords beyond those at hand are of the one there is most of.
            $which = isset($cords[$i]) ? $i : 0;
            $pools[$role] = 'tray '.$which;
            $use = $uses[$role] ?? null;
            if (null !== $use) {
                $uses[$role] = new CordUse($cords[$which], $use->count, $use->lay, $use->run);
            }
        }

        return [$uses, $pools];
    }

    /**
     * @param list<array{Cord, list<Length>}> $cords
     * @param list<array{Bead, int}>          $beads
     */
    private static function left(PieceSpec $wish, Plan $plan, array $cords, array $beads): self
    {
        $cord = Length::sum(...array_map(static fn (array $one): Length => self::sum($one[1]), $cords));
        $cut = Length::sum(...array_map(static fn ($cut): Length => $cut->total(), $plan->cuts));
        $count = array_sum(array_column($beads, 1));
        $used = array_sum($plan->beads);
        $shares = [1 - $cut->ratioTo($cord), ...(0 === $count ? [] : [1 - $used / $count])];

        return new self($wish, $plan, $cord->minus($cut), $count - $used, array_sum($shares) / \count($shares));
    }

    /**
     * @param list<Length> $lengths
     */
    private static function sum(array $lengths): Length
    {
        return Length::sum(...$lengths);
    }
}
