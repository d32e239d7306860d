<?php

declare(strict_types=1);

namespace Rinkel\Core\Svg;

use Rinkel\Core\Drawing\Placed;

/**
 * The lines of all motifs on one level that have a colour, an axis and a size in common. What lies on a level does not
 * cross, so they are one path, which a browser reads once and draws three times: as edge, as body and as light.
 *
 * @internal
 */
final class LevelLines
{
    /** So many copies of a longer run are written once, and copied. */
    private const BLOCK = 25;

    /** @var array<string, string> path data by colour, '' for that of the cord that ties */
    private array $loose = [];

    /** @var array<string, array<string, array{string, list<float>}>> by colour: what blocks draw, and from where */
    private array $blocks = [];

    private int $knots = 0;

    /**
     * @param string $id    of what it defines, unique on the page
     * @param Placed $first of those that are added, like which the others are
     */
    public function __construct(
        private readonly string $id,
        private readonly Placed $first,
    ) {}

    /**
     * Returns what all that is drawn together has in common.
     */
    public static function key(Placed $placed): string
    {
        return $placed->colour->hex.' '.Svg::number($placed->pose->y).' '.round($placed->pose->scale, 6);
    }

    /**
     * @param array<string, non-empty-list<Polyline>> $lines   of the motif on this level, by colour
     * @param bool                                    $counted whether its knots are told here
     */
    public function add(Placed $placed, array $lines, bool $counted): void
    {
        $this->knots += $counted ? $placed->count * $placed->knots : 0;
        $from = $placed->pose->x / $placed->pose->scale;
        $step = $placed->motif->length;
        $loose = $placed->count <= 2 * self::BLOCK ? $placed->count : $placed->count % self::BLOCK;
        foreach ($lines as $colour => $some) {
            $this->loose[$colour] = ($this->loose[$colour] ?? '').self::copies($some, $from, $step, $loose);
            if ($loose < $placed->count) {
                $name = $placed->motif->name.($placed->pose->turned ? ' turned' : '');
                $this->blocks[$colour][$name] ??= [self::copies($some, 0.0, $step, self::BLOCK), []];
                for ($i = $loose; $i < $placed->count; $i += self::BLOCK) {
                    $this->blocks[$colour][$name][1][] = $from + $i * $step;
                }
            }
        }
    }

    public function paint(): string
    {
        $defined = '';
        $edges = '';
        $bodies = '';
        foreach ($this->loose as $colour => $loose) {
            $id = $this->id.('' === $colour ? '' : '-'.substr($colour, 1));
            $places = [];
            if ('' !== $loose) {
                $defined .= Svg::element('path', ['id' => $id, 'd' => $loose]);
                $places[] = [$id, null];
            }
            foreach (array_values($this->blocks[$colour] ?? []) as $i => [$lines, $xs]) {
                $defined .= Svg::element('path', ['id' => $id.'x'.$i, 'd' => $lines]);
                foreach ($xs as $x) {
                    $places[] = [$id.'x'.$i, $x];
                }
            }
            $own = '' === $colour ? [] : ['color' => $colour];
            $edges .= self::uses($places, ['class' => 'cord-edge']);
            $bodies .= self::uses($places, ['class' => 'cord-body'] + ('' === $colour ? [] : ['color' => $colour]));
            foreach ($places as [$href, $x]) {
                $at = ['x' => ($x ?? 0.0) - 0.06, 'y' => -0.17];
                $bodies .= Svg::element('use', ['href' => '#'.$href] + $at + ['class' => 'cord-light']);
            }
        }

        return Svg::element('defs', [], $defined).Svg::element('g', [
            'color' => $this->first->colour->hex,
            'transform' => 'translate(0 '.Svg::number($this->first->pose->y).') scale('.round(
                $this->first->pose->scale,
                6,
            ).')',
            'data-knots' => 0 === $this->knots ? null : $this->knots,
        ], $edges, $bodies);
    }

    /**
     * @param list<array{string, float|null}> $places what is drawn, and where it begins
     * @param array<string, string>           $more   attributes
     */
    private static function uses(array $places, array $more): string
    {
        return implode('', array_map(
            static fn (array $place): string => Svg::element(
                'use',
                ['href' => '#'.$place[0], 'x' => $place[1]] + $more,
            ),
            $places,
        ));
    }

    /**
     * @param non-empty-list<Polyline> $lines
     */
    private static function copies(array $lines, float $from, float $step, int $count): string
    {
        $written = '';
        for ($i = 0; $i < $count; ++$i) {
            foreach ($lines as $line) {
                $written .= $line->at($from + $i * $step);
            }
        }

        return $written;
    }
}
