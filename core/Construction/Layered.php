<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Line\Layer;
use Rinkel\Core\Line\LineSetter;
use Rinkel\Core\Line\Setting;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Measure\Length;

/**
 * A strand that hangs below the first of a necklace, set as long as that takes.
 *
 * @internal
 */
final readonly class Layered
{
    /**
     * @param Length $wished how far it is to hang below the first strand
     * @param Length $hangs  how far it does
     * @param Length $longer than the first strand, from end to end
     */
    private function __construct(
        public Layer $layer,
        public Setting $setting,
        public Length $wished,
        public Length $hangs,
        public Length $longer,
    ) {}

    /**
     * Returns the strands below the first, in order. They begin and end where that does: each is longer by as much as a
     * necklace that hangs so much lower. What beads there are the upper strands take first.
     *
     * @param Length             $necklace the first strand with its closure
     * @param array<string, int> $taken    beads that the first strand takes
     *
     * @return list<self>
     */
    public static function all(Draft $draft, Length $necklace, array $taken): array
    {
        [$layered, $lower] = [[], Length::zero()];
        $piece = $draft->piece;
        $hangs = $piece->drape($necklace)->drop();
        foreach ($draft->line->layers as $layer) {
            $lower = $lower->plus($layer->lower());
            $longer = $piece->hanging($hangs->plus($lower), $layer->part->line())->length()->minus($necklace);
            $left = array_map(static fn (Bead $bead): ?int => $bead->stock, $piece->beads);
            foreach ($taken as $name => $count) {
                $left[$name] = isset($left[$name]) ? max(0, $left[$name] - $count) : null;
            }
            $setting = (new LineSetter($left))->set($layer->line, $draft->body()->plus($longer));
            $real = $setting->length->minus($draft->body());
            foreach ($setting->beads() as $name => $count) {
                $taken[$name] = ($taken[$name] ?? 0) + $count;
            }
            $layered[] = new self(
                $layer,
                $setting,
                $lower,
                $piece->drape($necklace->plus($real), $layer->part->line())->drop()->minus($hangs),
                $real,
            );
        }

        return $layered;
    }
}
