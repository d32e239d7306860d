<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Drawing\DrawnBead;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Geometry\Curve;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\OnEnd;
use Rinkel\Core\Pattern\Node\Lane;

/**
 * The working cords of a band on their ways past beads and along bare core, and the beads that they carry there.
 *
 * @internal
 */
final readonly class PairWays
{
    public function __construct(private Draft $draft) {}

    /**
     * Returns the two working cords on their way past a bead or along bare core.
     *
     * @return list<DrawnCord>
     */
    public function around(Element $element, float $start): array
    {
        $role = $this->tier($element);
        $cord = $this->draft->piece->cord($role)->cord;
        $w = $cord->thickness->millimetres;
        $length = $element->extent->length->millimetres;
        $rest = $this->draft->piece->cord('core')->bundle()->width()->millimetres / 2 + 0.6 * $w;
        $cords = [];
        foreach ([-1, 1] as $side) {
            $out = $rest;
            foreach (ElementKind::Beside === $element->kind ? $element->beside : [$element] as $part) {
                $bulge = $part->extent->width->millimetres / 2;
                $out = max($out, match (true) {
                    ElementKind::Bare === $element->kind => $rest,
                    ElementKind::Beside !== $element->kind => $bulge + $w / 2,
                    null !== $part->seat->strand => $element->extent->width->millimetres / 2 + $w / 2,
                    (Lane::Left === $part->seat->lane) === (1 === $side) => $rest + $bulge,
                    default => $rest,
                });
            }
            $points = Curve::between([
                [$start - 0.4 * $length, $side * $rest], [$start, $side * $rest], [
                    $start + 0.2 * $length,
                    $side * ($rest + 0.8 * ($out - $rest)),
                ], [$start + 0.5 * $length, $side * $out],
                [
                    $start + 0.8 * $length,
                    $side * ($rest + 0.8 * ($out - $rest)),
                ], [$start + $length, $side * $rest], [$start + 1.4 * $length, $side * $rest],
            ], 3);
            $cords[] = new DrawnCord($points, $w, $cord->colour, $role);
        }

        return $cords;
    }

    /**
     * @return list<DrawnBead|null>
     */
    public function beads(Element $element, float $start): array
    {
        $rest = $this->draft->piece->cord('core')->bundle()->width()->millimetres / 2;
        $at = ['left' => $start, 'right' => $start];
        $beads = [];
        foreach ($element->beside as $bead) {
            $lane = Lane::Left === $bead->seat->lane ? 'left' : 'right';
            $y = ('left' === $lane ? 1 : -1) * ($rest + $bead->extent->width->millimetres / 2);
            $known = $this->draft->piece->beads[$bead->name] ?? null;
            $beads[] = null === $known ? null : new DrawnBead((string) $bead->name, $known, $at[$lane], $y);
            $at[$lane] += $bead->extent->length->millimetres;
        }

        return $beads;
    }

    /**
     * Returns which pair of working cords ties: the one that it takes in knots.
     */
    public function tier(Element $element): string
    {
        foreach ($element->takes as $role => $take) {
            if ('core' !== $role && $take->ties()) {
                return OnEnd::role($role);
            }
        }

        return OnEnd::role((string) (array_keys(array_diff_key($element->takes, ['core' => 0]))[0] ?? 'core'));
    }
}
