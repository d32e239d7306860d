<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Drawing\DrawnBead;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Material\Cord as Material;
use Rinkel\Core\Pattern\Node\Lane;

/**
 * One wave: two arms of rounds on the cores, seed beads outside, a lark's head between any two.
 *
 * @internal
 */
final readonly class WavePicture extends ApartPicture
{
    public function shares(): array
    {
        return [0.12, 0.3, 0.5, 0.7, 0.88];
    }

    public function coreAt(Element $element, int $core, int $cores, float $share): float
    {
        return (0 === $core % 2 ? -1 : 1) * self::rise($element, $share);
    }

    public function beads(Element $element, float $start): array
    {
        [$steps, $perStep] = self::steps($element);
        $beads = [];
        foreach ([-1, 1] as $side) {
            for ($step = 0; $step < $steps; ++$step) {
                $share = ($step + 0.5) / $steps;
                $x = $start + $share * $element->extent->length->millimetres;
                $y = $side * self::rise($element, $share);
                $round = $element->beside[0];
                $beads[] = $this->bead($round, $x - $round->extent->length->millimetres / 2, $y);
                for ($k = 1; $k < $perStep; ++$k) {
                    $beads[] = $this->seed($element, $k, $perStep, $steps, $side, $x, $y);
                }
            }
        }

        return $beads;
    }

    /**
     * Returns the turns of the lark's heads between the steps, on either arm.
     */
    public function cords(Element $element, float $start, Material $cord, string $role): array
    {
        $w = $cord->thickness->millimetres;
        [$steps] = self::steps($element);
        $cords = [];
        foreach ([-1, 1] as $side) {
            for ($step = 0; $step <= $steps; ++$step) {
                $x = $start + $step / $steps * $element->extent->length->millimetres;
                $y = $side * self::rise($element, $step / $steps);
                foreach ([-0.6 * $w, 0.6 * $w] as $aside) {
                    $turn = [new Point($x + $aside, $y - 1.2 * $w), new Point($x + $aside, $y + 1.2 * $w)];
                    $cords[] = new DrawnCord($turn, $w, $cord->colour, $role);
                }
            }
        }

        return $cords;
    }

    /**
     * Returns a seed bead along half an ellipse from knot to knot, its hole along it, around the round at ($x, $y).
     */
    private function seed(Element $wave, int $k, int $perStep, int $steps, int $side, float $x, float $y): DrawnBead
    {
        [$round, $seed] = [$wave->beside[0], $wave->beside[$k]];
        $angle = \M_PI * ($k - 0.5) / ($perStep - 1);
        $long = max(0.5, $wave->extent->length->millimetres / $steps / 2 - 0.3 * $seed->extent->length->millimetres);
        $away = ($round->extent->width->millimetres + $seed->extent->width->millimetres) / 2;

        return $this->bead(
            $seed,
            $x - $long * cos($angle) - $seed->extent->length->millimetres / 2,
            $y + $side * $away * sin($angle),
            rad2deg(atan2($side * $away * cos($angle), $long * sin($angle))),
        );
    }

    /**
     * Returns how far an arm of a wave stands off the middle, at a share of its length.
     */
    private static function rise(Element $wave, float $share): float
    {
        // The wave is as wide as its two arms, their rounds and the seed beads outside.
        $seed = $wave->beside[1] ?? $wave->beside[0];
        $round = $wave->beside[0]->extent->width->millimetres;
        $most = ($wave->extent->width->millimetres - $round) / 2 - $seed->extent->width->millimetres;

        return $most * (1 - (2 * $share - 1) ** 2);
    }

    /**
     * Returns how many steps a wave has, and how many beads each: those up to the next round.
     *
     * @return array{int, int}
     */
    private static function steps(Element $wave): array
    {
        $rounds = array_filter($wave->beside, static fn (Element $part): bool => Lane::Core === $part->seat->lane);
        $steps = max(1, intdiv(\count($rounds), 2));

        return [$steps, max(1, intdiv(\count($wave->beside), 2 * $steps))];
    }
}
