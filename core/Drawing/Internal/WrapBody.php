<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Drawing\EndCord;
use Rinkel\Core\Drawing\KnotRun;
use Rinkel\Core\Drawing\Scene;
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
        [$placed, $beads] = [[], []];
        $near = $cord->thickness->millimetres / 2;
        /** @var list<array{float, float}> $way */
        $way = [[-1.0, $near], [0.0, $near]];
        foreach ($this->draft->setting->starts() as $i => $start) {
            $element = $this->draft->setting->elements[$i];
            $end = $start + $element->length->millimetres;
            $apart = ElementKind::Beside === $element->kind ? $element->width->millimetres / 4 : $near;
            $inset = min(2.0, ($end - $start) / 4);
            array_push($way, [$start + $inset, $apart], [$end - $inset, $apart]);
            foreach ($this->beside($element, $start) as $bead) {
                $beads[] = $bead;
            }
            if (null !== $element->knot) {
                array_push($placed, ...$this->pictures->placed(new KnotRun($element, 1, $start, 0, $cord, 'cord')));
            }
        }
        array_push($way, [$body, $near], [$body + 1, $near]);
        $curve = Curve::between($way, 3);
        $thickness = $cord->thickness->millimetres;

        return new Scene(0, $body, $this->height(), [
            new DrawnCord($curve, $thickness, $cord->colour, 'cord'),
            new DrawnCord(
                array_map(static fn (Point $point): Point => new Point($point->x, -$point->y), $curve),
                $thickness,
                $cord->colour,
                'cord',
            ),
        ], $placed, array_values(array_filter($beads)), [], $this->stretches());
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
            $lane = $bead->lane->value;
            $side = Lane::Left === $bead->lane ? -1 : 1;
            $beads[] = $this->bead($bead, $at[$lane] ?? $start, $side * $element->width->millimetres / 4);
            $at[$lane] = ($at[$lane] ?? $start) + $bead->length->millimetres;
        }

        return $beads;
    }

    protected function cordOf(string $lane): string
    {
        return 'cord';
    }
}
