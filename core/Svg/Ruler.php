<?php

declare(strict_types=1);

namespace Rinkel\Core\Svg;

use Rinkel\Core\Measure\Unit;

/**
 * A strip of tape along a drawing: ticks that grow at fives and tens, or by halving for inches, and figures.
 *
 * @internal
 */
final readonly class Ruler
{
    /** Tick spacing in mm and how many ticks make up each longer one. */
    private const METRIC = ['tick' => 1.0, 'middle' => 5, 'long' => 10];
    private const METRIC_COARSE = ['tick' => 5.0, 'middle' => 2, 'long' => 10];
    private const INCHES = ['tick' => 3.175, 'middle' => 4, 'long' => 8];

    /** A longer strip has no room for millimetres, in mm. */
    private const COARSE_FROM = 450.0;

    /** Height of a figure, in depths of the strip, and width of a digit, in heights of a figure. */
    private const FIGURE = 0.46;
    private const DIGIT = 0.62;

    /**
     * @param float $from  where the strip begins, in mm
     * @param float $to    where it ends
     * @param float $edge  y of the edge that faces the piece
     * @param float $depth thickness of the strip; negative when it lies above the edge
     * @param int   $zoom  how many times the width of the page it is
     */
    public function __construct(
        private Unit $unit,
        private float $from,
        private float $to,
        private float $edge,
        private float $depth,
        private int $zoom = 1,
    ) {}

    public function paint(): string
    {
        $coarse = ($this->to - $this->from) / $this->zoom > self::COARSE_FROM;
        $scale = match (true) {
            $this->unit->isImperial() => self::INCHES,
            $coarse => self::METRIC_COARSE,
            default => self::METRIC,
        };
        $ticks = '';
        $figures = '';
        $every = $scale['long'] * $this->figured($scale['tick'] * $scale['long']);
        for ($i = (int) ceil($this->from / $scale['tick']); $i * $scale['tick'] <= $this->to; ++$i) {
            $ticks .= \sprintf(
                'M%s,%s v%s',
                Svg::number($i * $scale['tick']),
                Svg::number($this->edge),
                Svg::number($this->depth * $this->share($i, $scale)),
            );
            $figures .= 0 === $i % $every ? $this->figure(
                $i * $scale['tick'],
                intdiv($i, $scale['long']) * ($coarse && !$this->unit->isImperial() ? 5 : 1),
            ) : '';
        }

        return Svg::element(
            'g',
            ['class' => 'tape', 'data-unit' => $this->unit->value],
            Svg::element('rect', [
                'x' => $this->from,
                'y' => min($this->edge, $this->edge + $this->depth),
                'width' => $this->to - $this->from,
                'height' => abs($this->depth),
                'class' => 'tape-strip',
            ]),
            Svg::element('path', ['d' => $ticks, 'class' => 'tape-ticks']),
            $figures,
        );
    }

    /**
     * Returns how long a tick is, of the tape's depth.
     *
     * @param array{long: int, middle: int, tick: float} $scale
     */
    private function share(int $i, array $scale): float
    {
        return match (true) {
            0 === $i % $scale['long'] => 0.5,
            0 === $i % $scale['middle'] => 0.38,
            $this->unit->isImperial() && 0 === $i % 2 => 0.28,
            default => 0.2,
        };
    }

    /**
     * Returns how many of its long ticks a strip goes on from one figure to the next, so that each has room.
     *
     * @param float $apart how far its long ticks are from each other, in mm
     */
    private function figured(float $apart): int
    {
        $digits = \strlen((string) (int) max($this->to / $apart, -$this->from / $apart, 1));
        $room = self::FIGURE * abs($this->depth) * (self::DIGIT * $digits + 0.4);
        foreach ($this->unit->isImperial() ? [1, 2, 3, 6] : [1, 2, 4, 10] as $some) {
            if ($some * $apart > $room) {
                return $some;
            }
        }

        return $this->unit->isImperial() ? 12 : 20;
    }

    private function figure(float $x, int $number): string
    {
        $size = self::FIGURE * abs($this->depth);

        return Svg::element('text', [
            'x' => $x + 0.12 * $size,
            'y' => $this->edge + $this->depth * 0.62 + ($this->depth > 0 ? 0.66 : 0.06) * $size,
            'font-size' => $size,
            'class' => 0 === $number ? 'tape-figure tape-zero' : 'tape-figure',
        ], Svg::text(0 === $number ? $this->unit->value : (string) $number));
    }
}
