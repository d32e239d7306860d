<?php

declare(strict_types=1);

namespace Rinkel\Core\Svg;

use Rinkel\Core\Drawing\DrawnBead;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Drawing\DrawnFinding;
use Rinkel\Core\Drawing\HangingScene;
use Rinkel\Core\Drawing\Motif;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Drawing\Span;
use Rinkel\Core\Geometry\Path;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Geometry\StraightWay;

/**
 * Paints a scene along a way: each motif and bead once as a definition, then its copies, level by level.
 *
 * Colours come in from outside: a motif paints with currentColor, its copies say which that is. Where the way is
 * straight, all that lies on a level is drawn together.
 *
 * @internal
 */
final readonly class ScenePainter
{
    /** A run of so many knots can be one tile. */
    /** Straight pieces of a line that goes along a bent piece. */
    private const BENDS = 120;

    private const RUN = 10;

    /** More beads of a kind than these are drawn together when they are seen from afar. */
    private const MANY = 60;

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
        private Path $way = new StraightWay(),
        private ?float $far = null,
    ) {
        $this->isStraight = $way instanceof StraightWay;
    }

    /**
     * Returns the scene as SVG elements in mm.
     *
     * @param bool $withBack whether what lies behind the cores is drawn, too: a small drawing does without
     */
    public function paint(Scene $scene, bool $withBack = true): string
    {
        $levels = $this->levels($scene->placed);
        $behind = array_filter($levels, static fn (int $level): bool => $level < 0, \ARRAY_FILTER_USE_KEY);

        return Svg::element('defs', [], ...$this->definitions($scene), ...$this->beads($scene))
            .($withBack ? implode('', $behind) : '')
            .$this->findings($scene, true)
            .implode('', array_map($this->cord(...), $scene->cords, array_keys($scene->cords)))
            .implode('', array_diff_key($levels, $behind))
            .implode('', array_map($this->hanging(...), $scene->hanging))
            .$this->ornaments($scene)
            .$this->omitted($scene);
    }

    /**
     * Returns a broken line where too much lies to be drawn one by one.
     */
    private function omitted(Scene $scene): string
    {
        if (null === $scene->frame->omitted) {
            return '';
        }
        [$from, $to] = $scene->frame->omitted;
        $points = array_map(function (int $i) use ($from, $to): string {
            $at = $this->way->at($from + ($to - $from) * $i / self::BENDS, 0);

            return Svg::number($at->x).','.Svg::number($at->y);
        }, range(0, self::BENDS));

        return Svg::element('path', ['d' => 'M'.implode(' L', $points), 'class' => 'body-span is-omitted']);
    }

    private function hanging(HangingScene $hanging): string
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
        $isPlain = static fn (DrawnBead $bead): bool => null === $bead->letter && 0.0 === $bead->turn;
        $alike = [];
        foreach (null === $this->far || !$this->isStraight ? [] : array_filter($scene->beads, $isPlain) as $bead) {
            $alike[$bead->name][] = $bead;
        }
        $alike = array_filter($alike, static fn (array $beads): bool => \count($beads) > self::MANY);
        $alone = array_filter(
            $scene->beads,
            static fn (DrawnBead $bead): bool => !$isPlain($bead) || !isset($alike[$bead->name]),
        );

        return $this->findings($scene, false)
            .implode('', array_map(BeadPicture::afar(...), $alike))
            .implode('', array_map($this->bead(...), $alone));
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
     * Returns the motifs that are copied one by one: their edges and their bodies by level.
     *
     * @return array<string, string> by id
     */
    private function definitions(Scene $scene): array
    {
        $definitions = [];
        foreach ($scene->placed as $placed) {
            if ($this->isTogether($placed)) {
                continue;
            }
            foreach (self::levelsOf($placed->motif) as $level => $spans) {
                $id = $this->id($placed->motif, $level);
                $definitions[$id] ??= self::picture($id, $spans);
            }
        }

        return $definitions;
    }

    /**
     * @param list<Span> $spans
     */
    private static function picture(string $id, array $spans): string
    {
        $edges = '';
        $bodies = '';
        foreach (self::lines($spans, false) as $colour => $lines) {
            $path = implode('', array_map(static fn (Polyline $line): string => $line->at(0), $lines));
            $own = '' === $colour ? [] : ['color' => $colour];
            $edges .= $path;
            $bodies .= Svg::element('path', ['d' => $path, 'class' => 'cord-body'] + $own)
                .Svg::element('path', ['d' => $path, 'class' => 'cord-light', 'transform' => 'translate(-0.06 -0.17)']);
        }

        return Svg::element('g', ['id' => $id.'e'], Svg::element('path', ['d' => $edges, 'class' => 'cord-edge']))
            .Svg::element('g', ['id' => $id], $bodies);
    }

    /**
     * @param list<Placed> $all
     *
     * @return array<int, string> what is placed by level, lowest first
     */
    private function levels(array $all): array
    {
        $painted = [];
        $spans = [];
        $lines = [];
        foreach ($all as $placed) {
            $name = $placed->motif->name;
            foreach ($spans[$name] ??= self::levelsOf($placed->motif) as $level => $some) {
                $counted = 1 === $level && $placed->knots > 0;
                if (!$this->isTogether($placed)) {
                    $painted[$level][] = $this->apart($placed, $this->id($placed->motif, $level), $counted);
                    continue;
                }
                $key = LevelLines::key($placed);
                $id = $this->prefix.'-level'.$level.'-'.\count($painted[$level] ?? []);
                $together = $painted[$level][$key] ??= new LevelLines($id, $placed);
                \assert($together instanceof LevelLines);
                $lines[$name][$level][(int) $placed->pose->turned] ??= self::lines($some, $placed->pose->turned);
                $together->add($placed, $lines[$name][$level][(int) $placed->pose->turned], $counted);
            }
        }
        ksort($painted);

        return array_map(static fn (array $level): string => implode('', array_map(
            static fn (LevelLines|string $one): string => $one instanceof LevelLines ? $one->paint() : $one,
            $level,
        )), $painted);
    }

    /**
     * Returns whether a motif is drawn together with others of its colour: not where a way bends it, and not where it
     * is the tile of a run.
     */
    private function isTogether(Placed $placed): bool
    {
        return $this->isStraight && !$this->isTiled($placed);
    }

    private function isTiled(Placed $placed): bool
    {
        return $this->isStraight && null !== $this->far && !$placed->pose->turned && $placed->count >= self::RUN;
    }

    private function apart(Placed $placed, string $id, bool $counted): string
    {
        return Svg::element(
            'g',
            [
                'color' => $placed->colour->hex,
                'data-knots' => $counted ? $placed->count * $placed->knots : null,
            ],
            ...$this->copies($id.'e', $placed),
            ...$this->copies($id, $placed),
        );
    }

    /**
     * @return list<string>
     */
    private function copies(string $id, Placed $placed): array
    {
        $step = $placed->motif->length * $placed->pose->scale;

        if (null !== $this->far && $this->isTiled($placed)) {
            return self::tiled($id, $placed, $step, $this->far);
        }

        return array_map(
            fn (int $i): string => $this->copy($id, $placed, $placed->pose->x + $i * $step, $step),
            range(0, $placed->count - 1),
        );
    }

    /**
     * Returns a run as one tile that is repeated: seen from so far that nobody tells it from its copies, and painted at
     * once.
     *
     * @return list<string>
     */
    private static function tiled(string $id, Placed $placed, float $step, float $height): array
    {
        $tile = $id.'-'.str_replace('.', '_', Svg::number($placed->pose->x));
        $shift = 'translate('.Svg::number($placed->pose->x).' '.Svg::number($placed->pose->y).')';
        $size = ' scale('.round($placed->pose->scale, 6).')';

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
                    // What a tile shows is laid from the tile's own corner.
                    static fn (int $i): string => '<use href="#'.$id.'" transform="translate('.Svg::number($i * $step)
                        .' '.Svg::number($height / 2).')'.$size.'"/>',
                    [-1, 0, 1],
                ),
            ),
            Svg::element('rect', [
                'x' => $placed->pose->x,
                'y' => $placed->pose->y - $height / 2,
                'width' => $placed->count * $step,
                'height' => $height,
                'fill' => 'url(#'.$tile.')',
            ]),
        ];
    }

    /**
     * Returns a knot laid whole, turned as the way is at its middle.
     */
    private function copy(string $id, Placed $placed, float $x, float $step): string
    {
        $scale = (string) round($placed->pose->scale, 6);
        $half = $placed->pose->turned ? -$step / 2 : $step / 2;

        return '<use href="#'.$id.'" transform="'.$this->laid(
            $x + $half,
            $placed->pose->y,
        ).' translate('.Svg::number(-$half)
            .') scale('.($placed->pose->turned ? '-'.$scale.' ' : '').$scale.')"/>';
    }

    /**
     * @return array<int, list<Span>>
     */
    private static function levelsOf(Motif $motif): array
    {
        $levels = [];
        foreach ($motif->strands as $strand) {
            foreach ($strand->spans as $span) {
                $levels[$span->level][] = $span;
            }
        }

        return $levels;
    }

    /**
     * @param list<Span> $spans
     *
     * @return array<string, non-empty-list<Polyline>> by colour, '' for that of the cord that ties
     */
    private static function lines(array $spans, bool $turned): array
    {
        $lines = [];
        foreach ($spans as $span) {
            $lines[$span->colour->hex ?? ''][] = Polyline::through($span->points, $turned);
        }

        return $lines;
    }

    private function id(Motif $motif, ?int $level): string
    {
        return $this->prefix.'-'.str_replace(' ', '-', $motif->name).match (true) {
            null === $level => '',
            $level < 0 => '-b',
            default => '-'.$level,
        };
    }

    private function cord(DrawnCord $cord, int $i): string
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
    private function longCord(DrawnCord $cord, string $id): string
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
        return Polyline::through($points)->at(0);
    }
}
