<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Drawing\Cord;
use Rinkel\Core\Drawing\CordKnots;
use Rinkel\Core\Drawing\DrawnBead;
use Rinkel\Core\Drawing\FlatSinnet;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Drawing\SpiralSinnet;
use Rinkel\Core\Geometry\Curve;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Material\Cord as Material;
use Rinkel\Core\Pattern\Node\Lane;

/**
 * Straight cores with the knots of working cords around them, and where those pass beads.
 *
 * @internal
 */
final readonly class BandBody extends Body
{
    public function scene(): Scene
    {
        $body = $this->draft->body()->millimetres;
        $runs = $this->runs();
        [$cords, $placed, $beads, $findings] = [$this->cores($body), [], [], []];
        foreach ($runs as $i => [$element, $count, $start]) {
            $role = $this->tier($element);
            $cord = $this->draft->piece->cord($role)->cord;
            match ($element->what) {
                'square' => array_push($placed, ...$this->squares($element, $count, $start, $cord, $role, 0 === $i, $i === \count($runs) - 1)),
                'half left', 'half right' => array_push($placed, ...$this->halves($element, $count, $start, $cord, $role)),
                'vertical lark', 'hitch' => $placed[] = $this->hitches($element, $count, $start, $cord, $role),
                'overhand' => $placed[] = self::ownKnot($element, $start, 0, $this->draft->piece->cord('core')->cord, 'core'),
                default => null,
            };
            if ($element->isBead() || 'focal' === $element->what) {
                $beads[] = $this->bead($element, $start, 0);
                $findings[] = $this->finding($element, $start);
                array_push($cords, ...(null === $this->finding($element, $start) ? $this->around($element, $start) : []));
            } elseif ('gap' === $element->what) {
                array_push($cords, ...$this->around($element, $start));
            } elseif ('beside' === $element->what) {
                array_push($beads, ...$this->besideCore($element, $start));
                array_push($cords, ...$this->around($element, $start));
            }
        }
        $height = max($this->height(), ...array_map(static fn (DrawnBead $one): float => 2 * (abs($one->y) + $one->bead->diameter->millimetres / 2), array_values(array_filter($beads))), ...[0.0]);

        return new Scene(0, $body, $height, $cords, $placed, array_values(array_filter($beads)), array_values(array_filter($findings)), $this->stretches());
    }

    public function ends(): array
    {
        $use = $this->draft->piece->cord('core');
        $thickness = $use->cord->thickness->millimetres;
        $seen = max(1, (int) round($use->bundle()->width()->millimetres / $thickness));

        return array_map(
            static fn (int $i): EndCord => new EndCord($thickness * ($i - ($seen - 1) / 2), $thickness, $use->cord->colour, 'core'),
            range(0, $seen - 1),
        );
    }

    /**
     * Returns the core cords that the face shows, broken where two halves hang on a finding.
     *
     * @return list<Cord>
     */
    private function cores(float $body): array
    {
        $pieces = [[0.0, $body]];
        $wire = 0.0;
        foreach ($this->draft->setting->starts() as $i => $start) {
            $finding = $this->finding($this->draft->setting->elements[$i], $start);
            if (null !== $finding && 'focal' === $this->draft->setting->elements[$i]->what) {
                $wire = ($finding->finding->width->millimetres - $finding->finding->inside->millimetres) / 2;
                $pieces = [[0.0, $start + $wire], [$start + $finding->finding->length->millimetres - $wire, $body]];
            }
        }
        $cords = [];
        foreach ($pieces as [$from, $to]) {
            foreach ($this->ends() as $end) {
                $cords[] = Cord::straight($from, $to, $end->y, $end->thickness, $end->colour, 'core');
            }
        }
        if (2 === \count($pieces)) {
            $end = $this->ends()[0];
            $reach = $this->draft->piece->cord('core')->bundle()->width()->millimetres / 2 + 0.4 * $end->thickness;
            // The bight of each lark's head lies across, just outside the finding's wire.
            foreach ([$pieces[0][1] - 1.2 * $wire - $end->thickness / 2, $pieces[1][0] + 1.2 * $wire + $end->thickness / 2] as $x) {
                $cords[] = new Cord([new Point($x, -$reach), new Point($x, $reach)], $end->thickness, $end->colour, 'core');
            }
        }

        return $cords;
    }

    /**
     * Returns the line's elements, each knot of a run together with those after it that are the same.
     *
     * @return list<array{Element, int, float}> element, count, where it begins
     */
    private function runs(): array
    {
        $runs = [];
        $starts = $this->draft->setting->starts();
        foreach ($this->draft->setting->elements as $i => $element) {
            $last = array_pop($runs);
            $joins = null !== $last && [] === $element->beads() && 'gap' !== $element->what
                && $last[0]->what === $element->what && $this->tier($last[0]) === $this->tier($element);
            array_push($runs, ...match (true) {
                null === $last => [[$element, 1, $starts[$i]]],
                $joins => [[$last[0], $last[1] + 1, $last[2]]],
                default => [$last, [$element, 1, $starts[$i]]],
            });
        }

        return $runs;
    }

    /**
     * Returns which pair of working cords ties: the one that it takes in knots.
     */
    private function tier(Element $element): string
    {
        foreach ($element->uses as $role => [, $knots]) {
            if ('core' !== $role && !$knots->isZero()) {
                return $role;
            }
        }

        return (string) (array_keys(array_diff_key($element->uses, ['core' => 0]))[0] ?? 'core');
    }

    /**
     * @return list<Placed>
     */
    private function squares(Element $knot, int $count, float $start, Material $cord, string $role, bool $first, bool $last): array
    {
        $w = $cord->round()->millimetres;
        $sinnet = new FlatSinnet($this->half($knot) / $w, $knot->length->millimetres / 2 / $w);
        $placed = [new Placed($sinnet->squareKnot('square-'.$role), $start, 0, $w, $cord->colour, $role, $count)];
        if ($first) {
            array_unshift($placed, new Placed($sinnet->start('start-'.$role), $start, 0, $w, $cord->colour, $role, 1, 0));
        }
        if ($last) {
            $placed[] = new Placed($sinnet->finish('finish-'.$role), $start + $count * $knot->length->millimetres, 0, $w, $cord->colour, $role, 1, 0);
        }

        return $placed;
    }

    /**
     * Returns a spiral, its pictures as long as they may be.
     *
     * @return list<Placed>
     */
    private function halves(Element $knot, int $count, float $start, Material $cord, string $role): array
    {
        $w = $cord->round()->millimetres;
        $name = 'half left' === $knot->what ? 'left' : 'right';
        $sinnet = new SpiralSinnet($this->half($knot) / $w, $knot->length->millimetres / $w, 'left' === $name ? 1 : -1, $this->draft->piece->cord('core')->count);
        // Around a bend each half knot is a picture of its own; straight, a whole turn is one, copied as often as it goes.
        $piece = $this->bends ? 1 : $sinnet->perTurn;
        $placed = [];
        for ($i = 0; $i < $count; $i += $some * $copies) {
            $some = min($piece, $count - $i);
            $copies = $this->bends ? 1 : max(1, intdiv($count - $i, $sinnet->perTurn));
            $placed[] = new Placed($sinnet->halfKnots($name.'-'.$role, $i % $sinnet->perTurn, $some), $start + $i * $knot->length->millimetres, 0, $w, $cord->colour, $role, $copies, $some);
        }

        return $placed;
    }

    private function hitches(Element $knot, int $count, float $start, Material $cord, string $role): Placed
    {
        $w = $cord->round()->millimetres;
        $bars = 'hitch' === $knot->what ? 1 : 2;

        return new Placed(CordKnots::hitch($knot->what.'-'.$role, $bars, $this->half($knot) / $w, $knot->length->millimetres / $w), $start, 0, $w, $cord->colour, $role, $count);
    }

    /**
     * Returns half of the width of the core inside a knot: a knot is a working cord and a half wider on either side.
     */
    private function half(Element $knot): float
    {
        return $this->draft->piece->cord('core')->bundle()->width()->millimetres / 2 + (\count($knot->uses) - 2) * 0.3 * $this->draft->piece->cord('core')->cord->thickness->millimetres;
    }

    /**
     * Returns the two working cords on their way past a bead or along bare core.
     *
     * @return list<Cord>
     */
    private function around(Element $element, float $start): array
    {
        $role = $this->tier($element);
        $cord = $this->draft->piece->cord($role)->cord;
        $w = $cord->thickness->millimetres;
        $length = $element->length->millimetres;
        $rest = $this->draft->piece->cord('core')->bundle()->width()->millimetres / 2 + 0.6 * $w;
        $cords = [];
        foreach ([-1, 1] as $side) {
            $out = $rest;
            foreach ('beside' === $element->what ? $element->beside : [$element] as $part) {
                $bulge = $part->width->millimetres / 2;
                $out = max($out, match (true) {
                    'gap' === $element->what => $rest,
                    'beside' !== $element->what => $bulge + $w / 2,
                    (Lane::Left === $part->lane) === (-1 === $side) => $rest + $bulge,
                    default => $rest,
                });
            }
            $points = Curve::between([
                [$start - 0.4 * $length, $side * $rest], [$start, $side * $rest], [$start + 0.2 * $length, $side * ($rest + 0.8 * ($out - $rest))], [$start + 0.5 * $length, $side * $out],
                [$start + 0.8 * $length, $side * ($rest + 0.8 * ($out - $rest))], [$start + $length, $side * $rest], [$start + 1.4 * $length, $side * $rest],
            ], 3);
            $cords[] = new Cord($points, $w, $cord->colour, $role);
        }

        return $cords;
    }

    /**
     * @return list<DrawnBead|null>
     */
    private function besideCore(Element $element, float $start): array
    {
        $rest = $this->draft->piece->cord('core')->bundle()->width()->millimetres / 2;
        $at = ['left' => $start, 'right' => $start];
        $beads = [];
        foreach ($element->beside as $bead) {
            $lane = Lane::Left === $bead->lane ? 'left' : 'right';
            $beads[] = $this->bead($bead, $at[$lane], ('left' === $lane ? -1 : 1) * ($rest + $bead->width->millimetres / 2));
            $at[$lane] += $bead->length->millimetres;
        }

        return $beads;
    }
}
