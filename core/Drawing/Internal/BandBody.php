<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Drawing\Cord;
use Rinkel\Core\Drawing\DrawnBead;
use Rinkel\Core\Drawing\EndCord;
use Rinkel\Core\Drawing\Run;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Geometry\Curve;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
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
        [$cords, $placed, $beads, $findings] = [
            $this->spread() ? $this->spreadCores() : $this->cores($body),
            [],
            [],
            [],
        ];
        foreach ($runs as $i => [$element, $count, $start]) {
            $role = $this->tier($element);
            if (null !== $element->knot) {
                array_push(
                    $placed,
                    ...$this->pictures->placed(
                        $this->run($element, $count, $start, $role, 0 === $i, $i === \count($runs) - 1),
                    ),
                );
            }
            if ($element->isBead() || ElementKind::Focal === $element->kind) {
                $beads[] = $this->bead($element, $start, 0);
                $findings[] = $this->finding($element, $start);
                array_push(
                    $cords,
                    ...(null === $this->finding($element, $start) && Lane::Strand !== $element->lane ? $this->around($element, $start) : []),
                );
            } elseif (ElementKind::Bare === $element->kind) {
                array_push($cords, ...$this->around($element, $start));
            } elseif (null !== $apart = $this->apart($element)) {
                array_push($beads, ...$apart->beads($element, $start));
                array_push($cords, ...$apart->cords($element, $start, $this->draft->piece->cord($role)->cord, $role));
            } elseif (ElementKind::Beside === $element->kind) {
                array_push($beads, ...$this->besideCore($element, $start));
                array_push($cords, ...$this->around($element, $start));
            }
        }
        $height = max(
            $this->height(),
            ...array_map(
                static fn (DrawnBead $drawnBead): float => 2 * (abs($drawnBead->y) + $drawnBead->bead->diameter->millimetres / 2),
                array_values(array_filter($beads)),
            ),
            ...[0.0],
        );

        return new Scene(
            0,
            $body,
            $height,
            $cords,
            $placed,
            array_values(array_filter($beads)),
            array_values(array_filter($findings)),
            $this->stretches(),
        );
    }

    public function ends(): array
    {
        $use = $this->draft->piece->cord('core');
        $thickness = $use->cord->thickness->millimetres;
        $seen = max(1, (int) round($use->bundle()->width()->millimetres / $thickness));

        return array_map(
            static fn (int $i): EndCord => new EndCord(
                $thickness * ($i - ($seen - 1) / 2),
                $thickness,
                $use->cord->colour,
                'core',
            ),
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
            if (null !== $finding && ElementKind::Focal === $this->draft->setting->elements[$i]->kind) {
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
            foreach ([
                $pieces[0][1] - 1.2 * $wire - $end->thickness / 2,
                $pieces[1][0] + 1.2 * $wire + $end->thickness / 2,
            ] as $x) {
                $cords[] = new Cord(
                    [new Point($x, -$reach), new Point($x, $reach)],
                    $end->thickness,
                    $end->colour,
                    'core',
                );
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
            $joins = null !== $last && [] === $element->beads() && !\in_array(
                $element->kind,
                [ElementKind::Bare, ElementKind::Rows, ElementKind::Wave],
                true,
            )
                && $last[0]->word() === $element->word() && $this->tier($last[0]) === $this->tier($element);
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
        foreach ($element->takes as $role => $take) {
            if ('core' !== $role && $take->ties()) {
                return $role;
            }
        }

        return (string) (array_keys(array_diff_key($element->takes, ['core' => 0]))[0] ?? 'core');
    }

    /**
     * Returns knots of a pair, or of all cords together, as their picture needs to know them.
     */
    private function run(Element $knot, int $count, float $start, string $role, bool $begins, bool $ends): Run
    {
        $core = $this->draft->piece->cord('core');
        $tier = Manner::Own === $knot->knot?->manner() ? 'core' : $role;

        return new Run(
            $knot,
            $count,
            $start,
            0,
            $this->draft->piece->cord($tier)->cord,
            $tier,
            $this->half($knot),
            $core->count,
            $begins,
            $ends,
            $this->bends,
        );
    }

    /**
     * Returns half of the width of the core inside a knot: a knot is a working cord and a half wider on either side.
     */
    private function half(Element $knot): float
    {
        return $this->draft->piece->cord('core')->bundle()->width()->millimetres / 2 + (\count($knot->takes) - 2) * 0.3 * $this->draft->piece->cord('core')->cord->thickness->millimetres;
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
            foreach (ElementKind::Beside === $element->kind ? $element->beside : [$element] as $part) {
                $bulge = $part->width->millimetres / 2;
                $out = max($out, match (true) {
                    ElementKind::Bare === $element->kind => $rest,
                    ElementKind::Beside !== $element->kind => $bulge + $w / 2,
                    (Lane::Left === $part->lane) === (-1 === $side) => $rest + $bulge,
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
            $beads[] = $this->bead(
                $bead,
                $at[$lane],
                ('left' === $lane ? -1 : 1) * ($rest + $bead->width->millimetres / 2),
            );
            $at[$lane] += $bead->length->millimetres;
        }

        return $beads;
    }

    /**
     * Returns whether the cores leave each other anywhere.
     */
    private function spread(): bool
    {
        return [] !== array_filter(
            $this->draft->setting->elements,
            fn (Element $element): bool => null !== $this->apart($element),
        );
    }

    /**
     * Returns the picture of an element in which the cores lie apart.
     */
    private function apart(Element $element): ?ApartPicture
    {
        return match ($element->kind) {
            ElementKind::Rows => new RowsPicture($this->draft->piece->beads),
            ElementKind::Wave => new WavePicture($this->draft->piece->beads),
            default => null,
        };
    }

    /**
     * Returns the cores on their ways: apart in rows and waves, together in knots.
     *
     * @return list<Cord>
     */
    private function spreadCores(): array
    {
        $use = $this->draft->piece->cord('core');
        $thickness = $use->cord->thickness->millimetres;
        $cords = [];
        for ($core = 0; $core < $use->count; ++$core) {
            $near = ($core - ($use->count - 1) / 2) * $thickness * 0.8;
            $way = [[-1.0, $near], [0.0, $near]];
            foreach ($this->draft->setting->starts() as $i => $start) {
                $element = $this->draft->setting->elements[$i];
                $length = $element->length->millimetres;
                $apart = $this->apart($element);
                foreach ($apart?->shares() ?? (Lane::Strand === $element->lane ? [] : [0.5]) as $share) {
                    $way[] = [
                        $start + $share * $length,
                        $apart?->coreAt($element, $core, $use->count, $share) ?? $near,
                    ];
                }
            }
            $body = $this->draft->body()->millimetres;
            array_push($way, [$body, $near], [$body + 1, $near]);
            $cords[] = new Cord(Curve::between($way, 3), $thickness, $use->cord->colour, 'core');
        }

        return $cords;
    }
}
