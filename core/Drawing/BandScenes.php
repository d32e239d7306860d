<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Plan\Plan;

/**
 * Lays a planned square-knot band out: the whole band opened flat, and its closure at any gap.
 */
final readonly class BandScenes
{
    public function __construct(private Plan $plan) {}

    /**
     * Returns the band opened flat: the left tail, the knots from 0 to the body's length, the right tail.
     */
    public function flat(): Scene
    {
        $body = $this->plan->body->millimetres;
        $tail = $this->plan->slider->tail->millimetres;
        $reach = $tail + $this->plan->stopKnot->pitch->millimetres + $this->plan->slider::tailEnd()->millimetres;

        return new Scene(
            -$reach,
            $body + $reach,
            $this->plan->knot->width->millimetres,
            $this->cores(-$reach, $body + $reach, 0),
            $this->run($this->plan->piece->coreBundle(), $this->plan->squareKnots, 0, $this->plan->knot->pitch->millimetres, 'band'),
            [$this->stop(-$tail, 0, true), $this->stop($body + $tail, 0, false)],
        );
    }

    /**
     * Returns the closure with $gap mm between the body's ends: the left body ends at 0, the right one begins at the gap, a
     * slider halfway, each tail through it to its stop knot.
     */
    public function closure(float $gap): Scene
    {
        $plan = $this->plan;
        $tail = $plan->slider->tail->millimetres;
        $stop = $plan->stopKnot->pitch->millimetres;
        $end = $tail + $stop + $plan->slider::tailEnd()->millimetres;
        $half = $plan->piece->coreBundle()->width()->millimetres / 2;
        $pitch = $plan->knot->pitch->millimetres;
        $shown = 4;
        $left = min(-$shown * $pitch, $gap - $end);
        $right = max($gap + $shown * $pitch, $end);
        $band = $this->run($plan->piece->coreBundle(), $shown, -$shown * $pitch, $pitch, 'band', 2);
        $other = $this->run($plan->piece->coreBundle(), $shown, $gap, $pitch, 'band', 1);
        $slider = $this->run(
            $plan->piece->tailBundle(),
            $plan->piece->sliderKnots,
            ($gap - $plan->slider->length->millimetres) / 2,
            $plan->sliderKnot->pitch->millimetres,
            'slider',
        );

        return new Scene(
            $left,
            $right,
            max($plan->sliderKnot->width->millimetres, 2 * $half + $plan->stopKnot->width->millimetres),
            [
                ...$this->cores(-$shown * $pitch, 0, 0), ...$this->cores($gap, $gap + $shown * $pitch, 0),
                ...$this->cores(0, $end, -$half), ...$this->cores($gap - $end, $gap, $half),
            ],
            [...$band, ...$other, ...$slider],
            [$this->stop($tail, -$half, false), $this->stop($gap - $tail, $half, true)],
        );
    }

    /**
     * @return list<Placed>
     */
    private function run(Bundle $core, int $count, float $from, float $pitch, string $name, int $ends = 3): array
    {
        $scale = $this->plan->piece->working->thickness->millimetres;
        $sinnet = new FlatSinnet($core->width()->millimetres / 2 / $scale, $pitch / 2 / $scale);
        $knot = $sinnet->squareKnot($name);
        $placed = [];
        for ($i = 0; $i < $count; ++$i) {
            $placed[] = new Placed($knot, $from + $i * $pitch, 0, $scale, $i + 1);
        }
        if (0 !== ($ends & 1)) {
            array_unshift($placed, new Placed($sinnet->start($name.'-start'), $from, 0, $scale));
        }
        if (0 !== ($ends & 2)) {
            $placed[] = new Placed($sinnet->finish($name.'-finish'), $from + $count * $pitch, 0, $scale);
        }

        return $placed;
    }

    /**
     * Returns the core cords that the face of the piece shows: those behind others are not drawn.
     *
     * @return list<Straight>
     */
    private function cores(float $from, float $to, float $y): array
    {
        $thickness = $this->plan->piece->core->thickness->millimetres;
        $width = $this->plan->piece->coreBundle()->width()->millimetres;
        $seen = (int) round($width / $thickness);
        $cores = [];
        for ($i = 0; $i < $seen; ++$i) {
            $cores[] = new Straight($from, $to, $y + $thickness * ($i - ($seen - 1) / 2), $thickness);
        }

        return $cores;
    }

    private function stop(float $x, float $y, bool $turned): Placed
    {
        $motif = StopKnot::motif('stop');
        $length = $this->plan->stopKnot->pitch->millimetres;

        return new Placed($motif, $x, $y, $length / $motif->length, 0, $turned);
    }
}
