<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Drawing\EndCord;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Drawing\SceneFrame;
use Rinkel\Core\Geometry\Curve;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Pattern\Node\Lane;

/**
 * A folded cord, its two ends beside each other: apart where they carry beads, together where one ties around the
 * other.
 *
 * @internal
 */
final readonly class WrapBody extends Body
{
    public function scene(): Scene
    {
        $cord = $this->draft->piece->cord('cord')->cord;
        $body = $this->draft->body()->millimetres;
        $parts = new SceneParts();
        $near = $cord->thickness->millimetres / 2;
        /** @var list<array{float, float}> $way */
        $way = [[-1.0, $near], [0.0, $near]];
        foreach ($this->draft->setting->starts() as $i => $start) {
            $element = $this->draft->setting->elements[$i];
            $end = $start + $element->extent->length->millimetres;
            $apart = ElementKind::Beside === $element->kind ? $element->extent->width->millimetres / 4 : $near;
            $inset = min(2.0, ($end - $start) / 4);
            array_push($way, [$start + $inset, $apart], [$end - $inset, $apart]);
            $parts->bead(...$this->beside($element, $start));
            $this->tie($parts, $element, $start, $cord, 'cord');
        }
        array_push($way, [$body, $near], [$body + 1, $near]);
        $curve = Curve::between($way, 3);
        $other = array_map(static fn (Point $point): Point => new Point($point->x, -$point->y), $curve);
        $parts->cord(
            new DrawnCord($curve, $cord->thickness->millimetres, $cord->colour, 'cord'),
            new DrawnCord($other, $cord->thickness->millimetres, $cord->colour, 'cord'),
        );

        return $parts->scene(new SceneFrame(left: 0, right: $body, height: $this->height()), $this->stretches());
    }

    public function ends(): array
    {
        $cord = $this->draft->piece->cord('cord')->cord;
        $near = $cord->thickness->millimetres / 2;

        return [
            new EndCord(-$near, $cord->thickness->millimetres, $cord->colour, 'cord'),
            new EndCord($near, $cord->thickness->millimetres, $cord->colour, 'cord'),
        ];
    }

    /**
     * @return list<\Rinkel\Core\Drawing\DrawnBead|null>
     */
    private function beside(Element $element, float $start): array
    {
        $beads = [];
        $at = [Lane::Left->value => $start, Lane::Right->value => $start];
        foreach ($element->beside as $bead) {
            $lane = $bead->seat->lane->value;
            $side = Lane::Left === $bead->seat->lane ? -1 : 1;
            $beads[] = $this->bead($bead, $at[$lane] ?? $start, $side * $element->extent->width->millimetres / 4);
            $at[$lane] = ($at[$lane] ?? $start) + $bead->extent->length->millimetres;
        }

        return $beads;
    }

    protected function cordOf(string $lane): string
    {
        return 'cord';
    }
}
