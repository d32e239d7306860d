<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Line\Element;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord as Material;

/**
 * Beads on single cores: each core that carries one leaves room for it, the others pass beside.
 *
 * @internal
 */
final readonly class StrandsPicture extends ApartPicture
{
    /**
     * @param array<string, Bead> $beads of the piece, by short name
     * @param int                 $cores of the band, from 1
     * @param float               $bare  diameter of one, in mm
     */
    public function __construct(
        array $beads,
        private int $cores,
        private float $bare,
    ) {
        parent::__construct($beads);
    }

    public function shares(): array
    {
        return [0.1, 0.5, 0.9];
    }

    public function coreAt(Element $element, int $core, int $cores, float $share): float
    {
        return $this->at($element, $core);
    }

    public function beads(Element $element, float $start): array
    {
        [$beads, $at] = [[], []];
        foreach ($element->beside as $bead) {
            $core = ($bead->seat->strand ?? 1) - 1;
            $beads[] = $this->bead($bead, $start + ($at[$core] ?? 0.0), $this->at($element, $core));
            $at[$core] = ($at[$core] ?? 0.0) + $bead->extent->length->millimetres;
        }

        return $beads;
    }

    /**
     * The working cords pass outside, as past a bead on all cores.
     */
    public function cords(Element $element, float $start, Material $cord, string $role): array
    {
        return [];
    }

    /**
     * Returns where a core lies, the first on the left: beads and bare cores side by side, each as wide as it is.
     */
    private function at(Element $element, int $core): float
    {
        $wide = array_fill(0, $this->cores, $this->bare);
        foreach ($element->beside as $bead) {
            $strand = ($bead->seat->strand ?? 1) - 1;
            $wide[$strand] = max($wide[$strand] ?? 0.0, $bead->extent->width->millimetres);
        }

        return array_sum($wide) / 2 - array_sum(\array_slice($wide, 0, $core)) - ($wide[$core] ?? 0.0) / 2;
    }
}
