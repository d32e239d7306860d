<?php

declare(strict_types=1);

namespace Rinkel\App\Drawing;

use Rinkel\Core\Drawing\BandScenes;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Plan\Plan;

/**
 * Draws a planned band to scale, with or without its two tapes.
 */
final readonly class BandDrawing
{
    private const TAPE = 7.0;
    private const AIR = 2.5;

    /** Width of a small drawing, in mm. */
    private const SMALL = 300.0;

    public function __construct(
        private Plan $plan,
        private string $prefix,
    ) {}

    /**
     * Returns the band opened flat between a tape in cm and one in inches.
     *
     * @param int    $zoom  how many times the width of the page; tapes keep their size on the screen
     * @param string $label what the drawing shows, for those who do not see it
     */
    public function board(int $zoom, string $label): string
    {
        $scene = (new BandScenes($this->plan))->flat();
        $tape = self::TAPE / $zoom;
        $half = $scene->height / 2 + self::AIR;
        $left = $scene->left - 3;
        $right = $scene->right + 3;

        return $this->svg(
            [$left, -$half - $tape, $right - $left, 2 * ($half + $tape)],
            $label,
            'board-drawing',
            ['width' => 100 * $zoom.'%'],
            (new Ruler(Unit::Centimetre, $left, $right, -$half, -$tape))->paint(),
            (new Ruler(Unit::Inch, $left, $right, $half, $tape))->paint(),
            $this->span($half),
            $this->painter()->paint($scene),
        );
    }

    /**
     * Returns the band alone, for a list of pieces: all to one scale unless a piece is longer than that allows.
     */
    public function small(string $label): string
    {
        $scene = (new BandScenes($this->plan))->flat();
        $width = max(self::SMALL, $scene->right - $scene->left);

        return $this->svg(
            [($scene->left + $scene->right - $width) / 2, -$scene->height / 2 - 1, $width, $scene->height + 2],
            $label,
            'small-drawing',
            [],
            $this->painter()->paintSmall($scene),
        );
    }

    /**
     * Returns the closure with the body's ends $gap apart.
     */
    public function closure(Length $gap, string $label): string
    {
        $scene = (new BandScenes($this->plan))->closure($gap->millimetres);

        return $this->svg(
            [$scene->left, -$scene->height / 2 - 1, $scene->right - $scene->left, $scene->height + 2],
            $label,
            'closure-drawing',
            [],
            $this->painter()->paint($scene),
        );
    }

    private function painter(): ScenePainter
    {
        return new ScenePainter($this->plan->piece->core->colour, $this->plan->piece->working->colour, $this->prefix);
    }

    /**
     * Returns the marks at the body's two ends, from tape to tape.
     */
    private function span(float $half): string
    {
        $body = $this->plan->body->millimetres;

        return Svg::element('path', [
            'd' => \sprintf('M0,%1$s V%2$s M%3$s,%1$s V%2$s', Svg::number(-$half), Svg::number($half), Svg::number($body)),
            'class' => 'body-span',
            'data-body' => $body,
        ]);
    }

    /**
     * @param array{float, float, float, float} $box
     * @param array<string, string>             $attributes
     */
    private function svg(array $box, string $label, string $class, array $attributes, string ...$children): string
    {
        return Svg::element('svg', [
            'xmlns' => 'http://www.w3.org/2000/svg',
            'viewBox' => implode(' ', array_map(Svg::number(...), $box)),
            'role' => 'img',
            'aria-label' => $label,
            'class' => $class,
        ] + $attributes, ...$children);
    }
}
