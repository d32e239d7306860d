<?php

declare(strict_types=1);

namespace Rinkel\App\Drawing;

use Rinkel\Core\Drawing\Motif;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Drawing\Span;
use Rinkel\Core\Drawing\Straight;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Material\Colour;

/**
 * Paints a scene: each motif once per level as a definition, then its copies, level by level.
 *
 * Colours come in from outside: a definition paints with currentColor, its copies say which that is.
 */
final readonly class ScenePainter
{
    /**
     * @param string $prefix keeps definitions of several scenes on one page apart
     */
    public function __construct(
        private Colour $core,
        private Colour $working,
        private string $prefix,
    ) {}

    /**
     * Returns the scene as SVG elements in mm.
     */
    public function paint(Scene $scene): string
    {
        $knots = $this->levels($scene->placed);
        $stops = $this->levels($scene->stops);
        $behind = array_filter($knots, static fn (int $level): bool => $level < 0, \ARRAY_FILTER_USE_KEY);
        $before = array_diff_key($knots, $behind);

        return Svg::element('defs', [], ...$this->definitions([...$scene->placed, ...$scene->stops]))
            .$this->coloured($this->working, $behind)
            .Svg::element('g', ['color' => $this->core->hex], ...array_map($this->straight(...), $scene->straights))
            .$this->coloured($this->core, $stops)
            .$this->coloured($this->working, $before);
    }

    /**
     * @param array<int, list<string>> $levels
     */
    private function coloured(Colour $colour, array $levels): string
    {
        return [] === $levels ? '' : Svg::element('g', ['color' => $colour->hex], ...array_merge(...$levels));
    }

    /**
     * @param list<Placed> $all
     *
     * @return list<string>
     */
    private function definitions(array $all): array
    {
        $definitions = [];
        foreach ($all as $placed) {
            foreach ($this->levelsOf($placed->motif) as $level => $spans) {
                $id = $this->id($placed->motif, $level);
                $definitions[$id] ??= $this->definition($id, $spans);
            }
        }

        return array_values($definitions);
    }

    /**
     * @param list<Placed> $all
     *
     * @return array<int, list<string>> copies by level, lowest first
     */
    private function levels(array $all): array
    {
        [$edges, $bodies] = [[], []];
        foreach ($all as $placed) {
            foreach (array_keys($this->levelsOf($placed->motif)) as $level) {
                $id = $this->id($placed->motif, $level);
                $edges[$level][] = $this->copy($id.'e', $placed, null);
                $bodies[$level][] = $this->copy($id, $placed, 1 === $level && $placed->number > 0 ? $placed->number : null);
            }
        }
        ksort($edges);

        return array_combine(array_keys($edges), array_map(
            static fn (int $level): array => [...$edges[$level], ...$bodies[$level]],
            array_keys($edges),
        ));
    }

    private function copy(string $id, Placed $placed, ?int $number): string
    {
        return Svg::element('use', [
            'href' => '#'.$id,
            'transform' => \sprintf(
                'translate(%s %s) scale(%s %s)',
                Svg::number($placed->x),
                Svg::number($placed->y),
                Svg::number($placed->turned ? -$placed->scale : $placed->scale),
                Svg::number($placed->scale),
            ),
            'data-knot' => null === $number ? null : $placed->motif->name.'-'.$number,
        ]);
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

    private function id(Motif $motif, int $level): string
    {
        return $this->prefix.'-'.$motif->name.'-'.($level < 0 ? 'b' : $level);
    }

    /**
     * Returns one level of a motif, its dark edges apart from its bodies: all edges are painted first, so that a strand that
     * goes on from copy to copy shows no seam.
     *
     * @param list<Span> $spans
     */
    private function definition(string $id, array $spans): string
    {
        [$edges, $bodies] = ['', ''];
        foreach ($spans as $span) {
            $path = 'M'.implode(' ', array_map(
                static fn (Point $point): string => Svg::number($point->x).','.Svg::number($point->y),
                $span->points,
            ));
            $edges .= Svg::element('path', ['d' => $path, 'class' => 'cord-edge']);
            $bodies .= Svg::element('path', ['d' => $path, 'class' => 'cord-body'])
                .Svg::element('path', ['d' => $path, 'class' => 'cord-light', 'transform' => 'translate(-0.06 -0.17)']);
        }

        return Svg::element('g', ['id' => $id.'e'], $edges).Svg::element('g', ['id' => $id], $bodies);
    }

    private function straight(Straight $cord): string
    {
        $line = static fn (string $class, float $width, float $shift): string => Svg::element('path', [
            'd' => \sprintf('M%s,%s H%s', Svg::number($cord->from), Svg::number($cord->y + $shift), Svg::number($cord->to)),
            'class' => $class,
            'stroke-width' => $width,
        ]);

        return $line('core-edge', $cord->thickness, 0)
            .$line('core-body', 0.8 * $cord->thickness, 0)
            .$line('core-light', 0.2 * $cord->thickness, -0.17 * $cord->thickness);
    }
}
