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
     * Returns the scene for a small drawing: what lies behind the core is left out, each knot is one copy.
     */
    public function paintSmall(Scene $scene): string
    {
        $knots = array_map($this->whole(...), $scene->placed);
        $stops = array_map($this->whole(...), $scene->stops);

        return Svg::element('defs', [], ...$this->wholeDefinitions([...$scene->placed, ...$scene->stops]))
            .Svg::element('g', ['color' => $this->core->hex], ...array_map($this->straight(...), $scene->straights), ...$stops)
            .Svg::element('g', ['color' => $this->working->hex], ...$knots);
    }

    private function whole(Placed $placed): string
    {
        return $this->copy($this->prefix.'-'.$placed->motif->name, $placed, null);
    }

    /**
     * @param list<Placed> $all
     *
     * @return list<string>
     */
    private function wholeDefinitions(array $all): array
    {
        $definitions = [];
        foreach ($this->motifs($all) as $motif) {
            $levels = $this->levelsOf($motif);
            ksort($levels);
            $id = $this->prefix.'-'.$motif->name;
            $definitions[$id] = Svg::element('g', ['id' => $id], ...array_map(
                fn (int $level): string => $level < 0 ? '' : implode('', $this->layers($levels[$level])),
                array_keys($levels),
            ));
        }

        return array_values($definitions);
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
        foreach ($this->motifs($all) as $motif) {
            foreach ($this->levelsOf($motif) as $level => $spans) {
                $id = $this->id($motif, $level);
                $definitions[$id] = $this->definition($id, $spans);
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
        [$edges, $bodies, $known] = [[], [], []];
        foreach ($all as $placed) {
            $known[$placed->motif->name] ??= array_keys($this->levelsOf($placed->motif));
            foreach ($known[$placed->motif->name] as $level) {
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
        $scale = Svg::number($placed->scale);
        $transform = 'translate('.Svg::number($placed->x).' '.Svg::number($placed->y).') scale('
            .($placed->turned ? '-'.$scale.' ' : '').$scale.')';

        return '<use href="#'.$id.'" transform="'.$transform.'"'
            .(null === $number ? '' : ' data-knot="'.$placed->motif->name.'-'.$number.'"').'/>';
    }

    /**
     * @param list<Placed> $all
     *
     * @return array<string, Motif> each once, by name
     */
    private function motifs(array $all): array
    {
        $motifs = [];
        foreach ($all as $placed) {
            $motifs[$placed->motif->name] = $placed->motif;
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
        [$edges, $bodies] = $this->layers($spans);

        return Svg::element('g', ['id' => $id.'e'], $edges).Svg::element('g', ['id' => $id], $bodies);
    }

    /**
     * @param list<Span> $spans
     *
     * @return array{string, string} dark edges, and bodies with their light from the far side
     */
    private function layers(array $spans): array
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

        return [$edges, $bodies];
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
