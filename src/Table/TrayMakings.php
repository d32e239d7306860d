<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Rinkel\App\Piece\Pieces;
use Rinkel\App\Stock\StockBox;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Sizing\FromTray;
use Rinkel\Core\Stock\Counted;
use Rinkel\Core\Stock\Supply;

/**
 * Says what can be made of some things in stock: over the ready designs and the maker's own.
 */
final readonly class TrayMakings
{
    /** So many of the maker's own pieces are tried, worked on last first (judgement). */
    private const OWN = 60;

    /** A spool whose length is not known counts as so long, in mm. */
    private const UNKNOWN = 5_000.0;

    public function __construct(
        private Shelf $shelf,
        private Pieces $pieces,
        private Planner $planner,
        private StockBox $stock,
    ) {}

    /**
     * @param list<int> $ids of things in stock
     *
     * @return array<string, FromTray> by design: "shelf tassel", "own 12"
     */
    public function of(array $ids): array
    {
        [$cords, $beads] = $this->tray($ids);

        return FromTray::ranked($this->planner, $this->designs(), $cords, $beads);
    }

    /**
     * Returns a design as it is made of some things in stock; null when it cannot be.
     *
     * @param list<int> $ids
     */
    public function made(string $design, array $ids): ?PieceSpec
    {
        [$cords, $beads] = $this->tray($ids);
        $designs = array_intersect_key($this->designs(), [$design => true]);

        return (FromTray::ranked($this->planner, $designs, $cords, $beads)[$design] ?? null)?->wish;
    }

    /**
     * @return array<string, PieceSpec>
     */
    private function designs(): array
    {
        $designs = [];
        foreach ($this->shelf->names() as $name) {
            $wish = $this->shelf->design($name);
            if (null !== $wish) {
                $designs['shelf '.$name] = $wish->madeFor(null);
            }
        }
        foreach ($this->pieces->onTheTable(self::OWN) as $stored) {
            try {
                $own = $this->pieces->piece($stored);
                $isReady = [] !== array_filter(
                    $designs,
                    static fn (PieceSpec $one): bool => $one->construction === $own->construction
                        && $one->pattern?->text === $own->pattern?->text
                        && array_keys($one->materials->beads) === array_keys($own->materials->beads),
                );
                $designs += $isReady ? [] : ['own '.$stored->id() => $own];
            } catch (PieceUnreadable) {
                // The Table says what is wrong with it.
            }
        }

        return $designs;
    }

    /**
     * @param list<int> $ids
     *
     * @return array{list<array{Cord, list<Length>}>, list<array{Bead, int}>}
     */
    private function tray(array $ids): array
    {
        [$cords, $beads] = [[], []];
        foreach ($this->stock->these($ids) as $row) {
            $item = $row->item;
            if (null !== $row->cord() && [] !== $row->cord()->supplies) {
                $cords[] = [$row->cord()->cord, array_map(
                    static fn (Supply $supply): Length => $supply->length ?? Length::ofMillimetres(self::UNKNOWN),
                    $row->cord()->supplies,
                )];
            } elseif ($item instanceof Counted && $item->what instanceof Bead && ($item->count ?? 1) > 0) {
                $beads[] = [$item->what, $item->count ?? 1_000];
            }
        }

        return [$cords, $beads];
    }
}
