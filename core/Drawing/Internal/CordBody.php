<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Construction\KnottedStrands;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Drawing\EndCord;
use Rinkel\Core\Drawing\Pictures;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Drawing\SceneFrame;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Material\Cord;

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
        $parts = new SceneParts();
        foreach ($this->ends() as $i => $end) {
            $cord = $this->draft->piece->cord($end->role)->cord;
            $parts->cord(
                DrawnCord::straight(0, $body, $end->y, $cord->thickness->millimetres, $cord->colour, $end->role),
            );
            $shift = 1 === $i % 2 ? $this->shift() : 0.0;
            foreach ($this->draft->setting->starts() as $at => $start) {
                $element = $this->draft->setting->elements[$at];
                if ([] === $element->beside || isset($element->beside[$i])) {
                    $this->on($parts, $element, $start + $shift, $end, $cord, 0 === $i);
                }
            }
        }

        return $parts->scene(
            new SceneFrame(
                left: 0,
                right: $body,
                height: $this->height() + $this->spacing() * (\count($this->ends()) - 1),
            ),
            $this->stretches(),
        );
    }

    /**
     * Draws what is on one of its cords.
     */
    private function on(
        SceneParts $parts,
        Element $element,
        float $x,
        EndCord $end,
        Cord $cord,
        bool $isFirst,
    ): void {
        if ($element->isBead() || ElementKind::Focal === $element->kind) {
            $parts->bead($this->bead($element, $x, $end->y));
            $parts->finding($isFirst ? $this->finding($element, $x) : null);
        } else {
            $this->tie($parts, $element, $x, $cord, $end->role, $end->y);
        }
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

        return null !== $last && ElementKind::Bare === $last->kind && null === $last->mention->place
            ? $last->extent->length->millimetres
            : 0.0;
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
                max($bead, $element->extent->width->millimetres),
                $knot,
            ] : [$bead, max($knot, $element->extent->width->millimetres)];
        }

        return max(sqrt(max(0.0, $bead ** 2 - $this->shift() ** 2)), ($bead + $knot) / 2);
    }
}
