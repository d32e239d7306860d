<?php

declare(strict_types=1);

namespace Rinkel\App\Svg;

use Rinkel\Core\Drawing\Cord;
use Rinkel\Core\Drawing\DrawnBead;
use Rinkel\Core\Drawing\DrawnFinding;
use Rinkel\Core\Drawing\Hanging;
use Rinkel\Core\Drawing\Motif;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Drawing\Span;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Geometry\StraightWay;
use Rinkel\Core\Geometry\Way;

/**
 * Paints a scene along a way: each motif and bead once as a definition, then its copies, level by level.
 *
 * Colours come in from outside: a motif paints with currentColor, its copies say which that is. Long runs are copied
 * ten at a time where the way is straight.
 */
final readonly class ScenePainter
{
    private const BLOCK = 10;

    /** A line of more points than these is written once. */
    private const LONG = 6;

    /** Bare cord is bent in steps of this length, in mm. */
    private const BEND = 2.0;

    private bool $isStraight;

    /**
     * @param string     $prefix keeps definitions of several scenes on one page apart
     * @param float|null $far    how high a run can be, in mm, when it is seen from so far that its knots look alike
     */
    public function __construct(
        private string $prefix,
        private Way $way = new StraightWay(),
        private ?float $far = null,
    ) {
        $this->isStraight = $way instanceof StraightWay;
    }

    /**
     * Returns the scene as SVG elements in mm.
     */
    public function paint(Scene $scene): string
    {
        $levels = $this->levels($scene->placed);
        $behind = array_filter($levels, static fn (int $level): bool => $level < 0, \ARRAY_FILTER_USE_KEY);

        return Svg::element('defs', [], ...$this->definitions($scene), ...$this->beads($scene))
            .implode('', $behind)
            .$this->findings($scene, true)
            .implode('', array_map($this->cord(...), $scene->cords, array_keys($scene->cords)))
            .implode('', array_diff_key($levels, $behind))
            .implode('', array_map($this->hanging(...), $scene->hanging))
            .$this->ornaments($scene);
    }

    /**
     * Returns the scene for a small drawing: what lies behind is left out, each run's motif is one copy a time.
     */
    public function paintSmall(Scene $scene): string
    {
        $knots = '';
        foreach ($scene->placed as $placed) {
            $knots .= Svg::element(
                'g',
                ['color' => $placed->colour->hex],
                ...$this->copies($this->id($placed->motif, null), $placed),
            );
        }

        return Svg::element('defs', [], ...$this->wholeDefinitions($scene), ...$this->beads($scene))
            .$this->findings($scene, true).implode(
                '',
                array_map($this->cord(...), $scene->cords, array_keys($scene->cords)),
            ).$knots.implode(
                '',
                array_map($this->hanging(...), $scene->hanging),
            ).$this->ornaments($scene);
    }

    private function hanging(Hanging $hanging): string
    {
        $at = $this->way->at($hanging->x, 0);

        return Svg::element(
            'g',
            ['transform' => 'translate('.Svg::number($at->x).' '.Svg::number($at->y).')'],
            (new self($this->prefix.'-hung'))->paint($hanging->scene),
        );
    }

    private function ornaments(Scene $scene): string
    {
        return $this->findings($scene, false).implode('', array_map($this->bead(...), $scene->beads));
    }

    private function findings(Scene $scene, bool $beneath): string
    {
        return implode(
            '',
            array_map(
                $this->finding(...),
                array_filter(
                    $scene->findings,
                    static fn (DrawnFinding $drawnFinding): bool => $beneath === $drawnFinding->beneath,
                ),
            ),
        );
    }

    /**
     * @return list<string>
     */
    private function beads(Scene $scene): array
    {
        $definitions = [];
        foreach ($scene->beads as $bead) {
            $definitions[$bead->name] ??= BeadPicture::definition(
                $this->prefix.'-bead-'.$bead->name,
                $this->prefix.'-light',
                $bead->bead,
            );
        }

        return [
            ...([] === $definitions ? [] : [BeadPicture::light($this->prefix.'-light')]),
            ...array_values($definitions),
        ];
    }

    private function bead(DrawnBead $drawn): string
    {
        $middle = $drawn->x + $drawn->bead->length->millimetres / 2;
        $copy = '<use href="#'.$this->prefix.'-bead-'.$drawn->name.'" transform="'.$this->laid(
            $middle,
            $drawn->y,
            $drawn,
        ).(0.0 === $drawn->turn ? '' : ' rotate('.Svg::number($drawn->turn).')').'" data-bead="'.$drawn->name.'"/>';
        if (null === $drawn->letter || '' === trim($drawn->letter)) {
            return $copy;
        }
        $size = 0.7 * min($drawn->bead->diameter->millimetres, $drawn->bead->length->millimetres);

        return $copy.Svg::element('text', [
            'class' => 'bead-letter',
            'font-size' => $size,
            'text-anchor' => 'middle',
            'transform' => $this->laid($middle, $drawn->y, $drawn),
            'y' => 0.36 * $size,
            'fill' => $drawn->bead->colour->lab()[0] > 55 ? '#14201f' : '#f5f7f7',
        ], Svg::text($drawn->letter));
    }

    private function finding(DrawnFinding $drawn): string
    {
        $middle = $drawn->x + $drawn->finding->length->millimetres / 2;

        return Svg::element(
            'g',
            [
                'class' => 'finding',
                'transform' => $this->laid($middle, $drawn->y).($drawn->turned ? ' scale(-1 1)' : ''),
                'data-finding' => $drawn->finding->kind->value,
            ],
            FindingPicture::of($drawn->finding),
        );
    }

    /**
     * Returns the transform that lays a picture around its middle there.
     */
    private function laid(float $x, float $y, ?DrawnBead $drawn = null): string
    {
        $at = $this->way->at($x, $y);
        if ($this->isStraight) {
            return 'translate('.Svg::number($at->x).' '.Svg::number($at->y).')';
        }
        $frame = $this->way->frame($x);
        $bead = $drawn?->bead;
        $map = null === $bead
            ? $frame->matrix()
            : $frame->round($bead->length->millimetres, $bead->diameter->millimetres);

        return 'matrix('.implode(' ', array_map(static fn (float $one): string => (string) round($one, 4), $map))
            .' '.Svg::number($at->x).' '.Svg::number($at->y).')';
    }

    /**
     * @return list<string>
     */
    private function definitions(Scene $scene): array
    {
        $definitions = [];
        foreach ($this->motifs($scene->placed) as [$motif, $most, $short, $isSingle]) {
            foreach ($this->levelsOf($motif) as $level => $spans) {
                $id = $this->id($motif, $level);
                [$edges, $bodies] = $this->layers($spans);
                if ($isSingle) {
                    $definitions[] = Svg::element('g', ['id' => $id.'e'], $edges)
                        .Svg::element('g', ['id' => $id], $bodies);
                }
                if ($this->isStraight && $most >= self::BLOCK) {
                    $definitions[] = $this->block($id.'e', $motif).$this->block($id, $motif);
                }
                foreach ($short as $count) {
                    $run = $this->layers($spans, $count, $motif->length);
                    $definitions[] = Svg::element('g', ['id' => $id.'r'.$count], ...$run);
                }
            }
        }

        return $definitions;
    }

    /**
     * @return list<string>
     */
    private function wholeDefinitions(Scene $scene): array
    {
        $definitions = [];
        foreach ($this->motifs($scene->placed) as [$motif, $most]) {
            $levels = array_filter(
                $this->levelsOf($motif),
                static fn (int $level): bool => $level >= 0,
                \ARRAY_FILTER_USE_KEY,
            );
            ksort($levels);
            $id = $this->id($motif, null);
            $definitions[] = Svg::element(
                'g',
                ['id' => $id],
                ...array_map(fn (array $spans): string => implode('', $this->layers($spans)), array_values($levels)),
            );
            if ($this->isStraight && $most >= self::BLOCK) {
                $definitions[] = $this->block($id, $motif);
            }
        }

        return $definitions;
    }

    /**
     * Returns a definition of ten copies in a row.
     */
    private function block(string $id, Motif $motif): string
    {
        return Svg::element('g', ['id' => $id.'x'], ...array_map(
            static fn (int $i): string => Svg::element('use', ['href' => '#'.$id, 'x' => $i * $motif->length]),
            range(0, self::BLOCK - 1),
        ));
    }

    /**
     * @param list<Placed> $all
     *
     * @return array<int, string> copies by level, lowest first; of each run its edges before its bodies
     */
    private function levels(array $all): array
    {
        $painted = [];
        $known = [];
        foreach ($all as $placed) {
            $known[$placed->motif->name] ??= array_keys($this->levelsOf($placed->motif));
            foreach ($known[$placed->motif->name] as $level) {
                $id = $this->id($placed->motif, $level);
                $counted = 1 === $level && $placed->knots > 0;
                $painted[$level] ??= '';
                $painted[$level] .= Svg::element(
                    'g',
                    [
                        'color' => $placed->colour->hex,
                    ] + ($counted ? [
                        'data-knots' => $placed->count * $placed->knots,
                        'data-motif' => $placed->motif->name,
                    ] : []),
                    ...($this->isShort($placed) ? [$this->copy(
                        $id.'r'.$placed->count,
                        $placed,
                        $placed->x,
                        $placed->motif->length * $placed->scale,
                    )] : [...$this->copies($id.'e', $placed), ...$this->copies($id, $placed)]),
                );
            }
        }
        ksort($painted);

        return $painted;
    }

    /**
     * @return list<string>
     */
    private function copies(string $id, Placed $placed): array
    {
        $copies = [];
        $step = $placed->motif->length * $placed->scale;
        if (null !== $this->far && $this->isStraight && !$placed->turned && $placed->count >= self::BLOCK) {
            return self::tiled($id, $placed, $step, $this->far);
        }
        for ($i = 0; $i < $placed->count; $i += $some) {
            $some = $this->isStraight && $placed->count - $i >= self::BLOCK ? self::BLOCK : 1;
            $copies[] = $this->copy($id.(self::BLOCK === $some ? 'x' : ''), $placed, $placed->x + $i * $step, $step);
        }

        return $copies;
    }

    /**
     * Returns a run as one tile that is repeated: seen from so far that nobody tells it from its copies, and painted at
     * once.
     *
     * @return list<string>
     */
    private static function tiled(string $id, Placed $placed, float $step, float $height): array
    {
        $tile = $id.'-'.str_replace('.', '_', Svg::number($placed->x));
        $shift = 'translate('.Svg::number($placed->x).' '.Svg::number($placed->y).')';
        $size = ' scale('.round($placed->scale, 6).')';

        return [
            Svg::element(
                'pattern',
                [
                    'id' => $tile,
                    'patternUnits' => 'userSpaceOnUse',
                    'width' => (string) round($step, 6), // repeated hundreds of times
                    'height' => $height,
                    'y' => -$height / 2,
                    'patternTransform' => $shift,
                ],
                ...array_map(
                    static fn (int $i): string => '<use href="#'.$id.'" transform="translate('.Svg::number($i * $step)
                        .')'.$size.'"/>',
                    [-1, 0, 1],
                ),
            ),
            Svg::element('rect', [
                'x' => $placed->x,
                'y' => $placed->y - $height / 2,
                'width' => $placed->count * $step,
                'height' => $height,
                'fill' => 'url(#'.$tile.')',
            ]),
        ];
    }

    private function copy(string $id, Placed $placed, float $x, float $step): string
    {
        $scale = (string) round($placed->scale, 6);
        $size = ' scale('.($placed->turned ? '-'.$scale.' ' : '').$scale.')';
        if ($this->isStraight) {
            return '<use href="#'.$id.'" transform="translate('.Svg::number($x).' '.Svg::number($placed->y).')'.$size.'"/>';
        }
        // A knot is laid whole, turned as the way is at its middle.
        $half = $placed->turned ? -$step / 2 : $step / 2;

        return '<use href="#'.$id.'" transform="'.$this
            ->laid($x + $half, $placed->y).' translate('.Svg::number(-$half).')'.$size.'"/>';
    }

    /**
     * Returns whether a run is so short that it is one picture: edges of all its knots, then their bodies.
     */
    private function isShort(Placed $placed): bool
    {
        return $this->isStraight && !$placed->turned && $placed->count < self::BLOCK;
    }

    /**
     * @param list<Placed> $all
     *
     * @return array<string, array{Motif, int, list<int>, bool}> each once by name, with the longest run of it, the
     *                                                           counts of its short runs, and whether single copies are
     *                                                           wanted
     */
    private function motifs(array $all): array
    {
        $motifs = [];
        foreach ($all as $placed) {
            [, $most, $short, $isSingle] = $motifs[$placed->motif->name] ?? [null, 0, [], false];
            $isShort = $this->isShort($placed);
            $motifs[$placed->motif->name] = [
                $placed->motif,
                max($placed->count, $most),
                $isShort && !\in_array($placed->count, $short, true) ? [...$short, $placed->count] : $short,
                $isSingle || !$isShort,
            ];
        }

        return $motifs;
    }

    /**
     * @return array<int, list<Span>>
     */
    private function levelsOf(Motif $motif): array
    {
        $levels = [];
        foreach ($motif->strands as $strand) {
            foreach ($strand->spans as $span) {
                $levels[$span->level][] = $span;
            }
        }

        return $levels;
    }

    private function id(Motif $motif, ?int $level): string
    {
        return $this->prefix.'-'.str_replace(' ', '-', $motif->name).match (true) {
            null === $level => '',
            $level < 0 => '-b',
            default => '-'.$level,
        };
    }

    /**
     * @param list<Span> $spans
     * @param int        $count of copies, each $length further than the one before it
     *
     * @return array{string, string} dark edges, and bodies with their light from the far side
     */
    private function layers(array $spans, int $count = 1, float $length = 0.0): array
    {
        // What lies on one level does not cross: all of it in a colour is one path, which a browser draws at once.
        $paths = [];
        foreach ($spans as $span) {
            $colour = $span->colour->hex ?? '';
            for ($i = 0; $i < $count; ++$i) {
                $points = 0 === $i ? $span->points : array_map(
                    static fn (Point $point): Point => new Point($point->x + $i * $length, $point->y),
                    $span->points,
                );
                $paths[$colour] = ($paths[$colour] ?? '').self::path($points);
            }
        }
        $bodies = '';
        foreach ($paths as $colour => $path) {
            $own = '' === $colour ? [] : ['color' => $colour];
            $bodies .= Svg::element('path', ['d' => $path, 'class' => 'cord-body'] + $own)
                .Svg::element('path', ['d' => $path, 'class' => 'cord-light', 'transform' => 'translate(-0.06 -0.17)']);
        }

        return [Svg::element('path', ['d' => implode('', $paths), 'class' => 'cord-edge']), $bodies];
    }

    private function cord(Cord $cord, int $i): string
    {
        if ($this->isStraight && \count($cord->points) > self::LONG) {
            return $this->longCord($cord, $this->prefix.'-cord-'.$i);
        }
        $path = self::path($this->isStraight ? $cord->points : $this->bent($cord->points));
        $light = self::path($this->isStraight
            ? array_map(
                static fn (Point $point): Point => new Point($point->x, $point->y - 0.17 * $cord->thickness),
                $cord->points,
            )
            : $this->bent(
                array_map(
                    static fn (Point $point): Point => new Point($point->x, $point->y - 0.17 * $cord->thickness),
                    $cord->points,
                ),
            ));
        $line = static fn (string $class, float $width, string $path): string => Svg::element(
            'path',
            ['d' => $path, 'class' => $class, 'stroke-width' => $width],
        );

        return Svg::element(
            'g',
            ['color' => $cord->colour->hex, 'data-cord' => $cord->role],
            $line('core-edge', $cord->thickness, $path),
            $line('core-body', 0.8 * $cord->thickness, $path),
            $line('core-light', 0.2 * $cord->thickness, $light),
        );
    }

    /**
     * Returns a cord of many points: its line is written once, and drawn as edge, body and light.
     */
    private function longCord(Cord $cord, string $id): string
    {
        $line = static fn (string $class, float $width, ?float $up = null): string => Svg::element(
            'use',
            ['href' => '#'.$id, 'y' => $up, 'class' => $class, 'stroke-width' => $width],
        );

        return Svg::element('defs', [], Svg::element('path', ['id' => $id, 'd' => self::path($cord->points)]))
            .Svg::element(
                'g',
                ['color' => $cord->colour->hex, 'data-cord' => $cord->role],
                $line('core-edge', $cord->thickness),
                $line('core-body', 0.8 * $cord->thickness),
                $line('core-light', 0.2 * $cord->thickness, -0.17 * $cord->thickness),
            );
    }

    /**
     * @param list<Point> $points
     *
     * @return list<Point>
     */
    private function bent(array $points): array
    {
        $bent = [];
        foreach ($points as $i => $point) {
            $before = $points[$i - 1] ?? $point;
            $steps = max(1, (int) ceil($before->distanceTo($point) / self::BEND));
            for ($step = 0 === $i ? $steps : 1; $step <= $steps; ++$step) {
                $share = $step / $steps;
                $bent[] = $this->way->at(
                    $before->x + $share * ($point->x - $before->x),
                    $before->y + $share * ($point->y - $before->y),
                );
            }
        }

        return $bent;
    }

    /**
     * @param list<Point> $points
     */
    private static function path(array $points): string
    {
        return 'M'.implode(
            ' ',
            array_map(static fn (Point $point): string => Svg::number($point->x).','.Svg::number($point->y), $points),
        );
    }
}
