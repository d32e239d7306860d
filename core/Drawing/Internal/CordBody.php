<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Construction\KnottedStrands;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Drawing\EndCord;
use Rinkel\Core\Drawing\KnotRun;
use Rinkel\Core\Drawing\Pictures;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Line\ElementKind;

/**
 * One cord with its beads and knots, or several side by side, every second of them shifted by half a repeat.
 *
 * @internal
 */
final readonly class CordBody extends Body
{
    public function __construct(
        Draft $draft,
        private string $role,
        ?Pictures $pictures = null,
    ) {
        parent::__construct($draft, false, $pictures);
    }

    public function scene(): Scene
    {
        $body = $this->draft->body()->millimetres;
        [$cords, $placed, $beads, $findings] = [[], [], [], []];
        foreach ($this->ends() as $i => $end) {
            $shift = 1 === $i % 2 ? $this->shift() : 0.0;
            $cord = $this->draft->piece->cord($end->role)->cord;
            $cords[] = DrawnCord::straight(0, $body, $end->y, $cord->thickness->millimetres, $cord->colour, $end->role);
            foreach ($this->draft->setting->starts() as $at => $start) {
                $element = $this->draft->setting->elements[$at];
                $x = $start + $shift;
                if ([] !== $element->beside && !isset($element->beside[$i])) {
                    continue;
                }
                if ($element->isBead() || ElementKind::Focal === $element->kind) {
                    $beads[] = $this->bead($element, $x, $end->y);
                    $findings[] = 0 === $i ? $this->finding($element, $x) : null;
                } elseif (null !== $element->knot) {
                    array_push(
                        $placed,
                        ...$this->pictures->placed(new KnotRun($element, 1, $x, $end->y, $cord, $end->role)),
                    );
                }
            }
        }

        return new Scene(
            0,
            $body,
            $this->height() + $this->spacing() * (\count($this->ends()) - 1),
            $cords,
            $placed,
            array_values(array_filter($beads)),
            array_values(array_filter($findings)),
            $this->stretches(),
        );
    }

    public function ends(): array
    {
        $names = $this->draft->construction instanceof KnottedStrands
            ? KnottedStrands::names($this->draft->piece)
            : [$this->role];

        return array_map(
            fn (string $name, int $i): EndCord => new EndCord(
                ($i - (\count($names) - 1) / 2) * $this->spacing(),
                $this->draft->piece->cord($name)->cord->thickness->millimetres,
                $this->draft->piece->cord($name)->cord->colour,
                $name,
            ),
            $names,
            array_keys($names),
        );
    }

    /**
     * Returns the bare cord at the far end by which strands are shifted.
     */
    private function shift(): float
    {
        $elements = $this->draft->setting->elements;
        $last = $elements[\count($elements) - 1] ?? null;

        return null !== $last && ElementKind::Bare === $last->kind && null === $last->place ? $last->length->millimetres : 0.0;
    }

    /**
     * Returns how far apart strands lie so that beads touch neither beads nor knots of the other.
     */
    private function spacing(): float
    {
        $thickness = $this->draft->construction->ends($this->draft->piece)->cord->thickness->millimetres;
        [$bead, $knot] = [$thickness, $thickness];
        foreach ($this->draft->setting->elements as $element) {
            [$bead, $knot] = $element->isBead() ? [
                max($bead, $element->width->millimetres),
                $knot,
            ] : [$bead, max($knot, $element->width->millimetres)];
        }

        return max(sqrt(max(0.0, $bead ** 2 - $this->shift() ** 2)), ($bead + $knot) / 2);
    }
}
