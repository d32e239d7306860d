<?php

declare(strict_types=1);

namespace Rinkel\App\Svg;

use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Drawing\Limb;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Drawing\Sides;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Fit\Ring;
use Rinkel\Core\Geometry\Path;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Geometry\Turns;
use Rinkel\Core\Geometry\WoundPath;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Svg\ScenePainter;
use Rinkel\Core\Svg\Svg;

/**
 * Draws a planned piece where it is worn: around an arm or leg, or hanging on a bust; what is hidden behind shows
 * faintly.
 */
final readonly class WornDrawing
{
    /** So many times as wide as high: a page cuts off at both sides what has no room. */
    private const WIDE = 7.0;

    /** Between wraps, in mm, and at least this share of their width (judgement: what is seen on a wrist). */
    private const BETWEEN = 1.0;
    private const BETWEEN_SHARE = 0.25;

    /** Around what is worn, in mm. */
    private const AIR = 6.0;

    /** How many times the height of what is worn a picture of a leg is high, at most: the foot goes on beyond it. */
    private const TALL = 1.7;

    /**
     * @param bool $right whether it is worn on the right arm: as who works with the left hand does
     */
    public function __construct(
        private Plan $plan,
        private string $prefix,
        private bool $right = false,
    ) {}

    /**
     * @param string $label what the drawing shows, for those who do not see it
     */
    public function paint(Posture $posture, string $label): string
    {
        $scenes = (new Layout($this->plan))->worn($posture->gap($this->plan->draft));

        return BodyPlace::Neck === $this->plan->draft->piece->wearer->place
            ? $this->bust($scenes, $posture, $label)
            : $this->limb($scenes, $posture, $label);
    }

    /**
     * @param array{Scene, Scene} $scenes body and closure
     */
    private function limb(array $scenes, Posture $posture, string $label): string
    {
        $scene = $scenes[0]->with($scenes[1]);
        $draft = $this->plan->draft;
        $turn = deg2rad($posture->turn);
        $length = max(1.0, $scene->frame->right - $scene->frame->left);
        [$ring, $wearer] = [$draft->ring, $draft->piece->wearer];
        $pitch = self::apart($ring);
        // Of an even number of wraps the middle lies where it closes: seen is what lies across from there.
        $away = 0 === $ring->wraps % 2 && !$draft->piece->pattern->tree->isPointed() ? $length / $ring->wraps / 2 : 0.0;
        $body = $draft->body()->millimetres;
        $ratio = $wearer->place->ratio();
        $rise = $pitch * $ring->rise();
        $way = new WoundPath($length, $ring->wraps, $rise, $pitch, $body / 2 - $away, $body, $ratio, $turn);
        $limb = new Limb($wearer, $pitch * $ring->wraps / 2, $turn, $this->right);
        $half = WoundPath::half($length / $ring->wraps, $ratio, $turn) + $scene->frame->height / 2;
        $ys = self::reached($limb, $half);
        [$top, $low] = [
            max(-self::TALL * $half, min(-$half, ...$ys)),
            min(self::TALL * $half, max($half, $scene->low(), ...$ys)),
        ];
        $height = ($low - $top + 2 * self::AIR) / $posture->zoom;

        return $this->svg(
            [
                // From near the piece is in the middle, from afar the hand beside it is seen too.
                -self::WIDE * $height / 2 + (1 === $posture->zoom ? 0.4 * $height : 0),
                (1 === $posture->zoom ? ($top + $low) / 2 : 0) - $height / 2,
                self::WIDE * $height,
                $height,
            ],
            $label,
            $this->skin($limb, 'skin-edge'),
            $this->skin($limb, 'skin'),
            $this->sides($scenes, $way),
        );
    }

    /**
     * @return list<float> how high and how low what is near of the limb reaches
     */
    private static function reached(Limb $limb, float $half): array
    {
        $ys = array_map(static fn (Point $point): float => $point->y, array_filter(
            array_merge(...$limb->outline),
            static fn (Point $point): bool => $point->x > -2 * $half,
        ));
        foreach ($limb->rounds as [$points, $thick]) {
            foreach ($points as $point) {
                array_push($ys, $point->y - $thick / 2, $point->y + $thick / 2);
            }
        }

        return array_values($ys);
    }

    /**
     * Returns what is behind faintly, and over it what is seen.
     *
     * @param array{Scene, Scene} $scenes
     */
    private function sides(array $scenes, Path $way): string
    {
        [$behind, $before] = ['', ''];
        foreach ($scenes as $i => $scene) {
            $sides = new Sides($scene, $way);
            $behind .= (new ScenePainter($this->prefix.'-behind-'.$i, $way))->paint($sides->back);
            $before .= (new ScenePainter($this->prefix.'-'.$i, $way))->paint($sides->front);
        }

        return Svg::element('g', ['class' => 'worn-behind'], $behind).$before;
    }

    private function skin(Limb $limb, string $class): string
    {
        [$upper, $lower] = $limb->outline;
        $drawn = Svg::element('path', [
            'd' => self::path($upper).' L'.substr(self::path($lower), 1).'Z',
            'class' => $class,
            'stroke-width' => 'skin' === $class ? 0 : 1.6,
        ]);
        foreach ($limb->rounds as [$points, $thick]) {
            $drawn .= Svg::element('path', [
                'd' => self::path($points),
                'class' => $class.' is-round',
                'stroke-width' => 'skin' === $class ? $thick : $thick + 1.6,
            ]);
        }

        return $drawn;
    }

    /**
     * Returns a smooth line through points.
     *
     * @param list<Point> $points
     */
    private static function path(array $points): string
    {
        $path = '';
        foreach ($points as $i => $point) {
            $before = $points[$i - 1] ?? null;
            if (null === $before) {
                $path = 'M'.self::pair($point);
                continue;
            }
            $earlier = $points[$i - 2] ?? $before;
            $later = $points[$i + 1] ?? $point;
            // A cubic whose tangents are the chords of the neighbours (E. Catmull and R. Rom, 1974).
            $path .= ' C'.self::pair(
                new Point($before->x + ($point->x - $earlier->x) / 6, $before->y + ($point->y - $earlier->y) / 6),
            )
                .' '.self::pair(
                    new Point($point->x - ($later->x - $before->x) / 6, $point->y - ($later->y - $before->y) / 6),
                )
                .' '.self::pair($point);
        }

        return $path;
    }

    private static function pair(Point $point): string
    {
        return Svg::number($point->x).','.Svg::number($point->y);
    }

    /**
     * Returns how far apart wraps lie: beside each other, with some skin between them, so that each is told from the
     * next.
     */
    private static function apart(Ring $ring): float
    {
        $width = $ring->width->millimetres;

        return 1 === $ring->wraps ? $width : $width + max(self::BETWEEN, self::BETWEEN_SHARE * $width);
    }

    /**
     * Returns the necklace as it hangs on a bust: the middle of its line lowest, its closure behind the neck.
     *
     * @param array{Scene, Scene} $scenes body and closure
     */
    private function bust(array $scenes, Posture $posture, string $label): string
    {
        $scene = $scenes[0]->with($scenes[1]);
        $draft = $this->plan->draft;
        $wraps = $draft->ring->wraps;
        $around = ($scene->frame->right - $scene->frame->left) / $wraps;
        $drape = $draft->piece->drape(Length::ofMillimetres($around));
        $r = $drape->radius();
        $behind = cos(deg2rad($posture->turn)) < 0;
        $pitch = 1 === $wraps ? 0.0 : self::apart($draft->ring);
        $low = $drape->drop()->millimetres + $r + $scene->low() + $pitch * ($wraps - 1) / 2;
        [$lower, $lowest] = $this->below($around, $behind);
        $low = max($low, $lowest);
        $way = new Turns($drape, $around, $draft->body()->millimetres / 2, new Point(0, $pitch), $behind);
        [$top, $bottom] = [-1.9 * $r, max(1.3 * $r, $low + 0.12 * $r)];
        $height = ($bottom - $top) / $posture->zoom;
        $middle = match (true) {
            1 === $posture->zoom => ($top + $bottom) / 2,
            $behind => -$r,
            default => $low - $height / 2 + 0.1 * $height,
        };

        return $this->svg(
            [-self::WIDE * $height / 2, $middle - $height / 2, self::WIDE * $height, $height],
            $label,
            Svg::element('path', ['d' => self::shoulders($r, $bottom), 'class' => 'bust']),
            implode('', array_reverse($lower)),
            $this->sides($scenes, $way),
            Svg::element('path', ['d' => self::head($r, $behind), 'class' => 'bust-head']),
        );
    }

    /**
     * Returns the strands that hang below the first, each on a curve of its own, and how low the last comes.
     *
     * @param float $around the first strand with its closure, in mm
     *
     * @return array{list<string>, float}
     */
    private function below(float $around, bool $behind): array
    {
        [$drawn, $low] = [[], 0.0];
        $draft = $this->plan->draft;
        $scenes = (new Layout($this->plan))->below();
        foreach ($draft->layers as $i => $layer) {
            $long = $around + $layer->longer->millimetres;
            $drape = $draft->piece->drape(Length::ofMillimetres($long), $layer->layer->part->line());
            $way = new Turns($drape, $long, $layer->setting->length->millimetres / 2, new Point(0, 0), $behind);
            $sides = new Sides($scenes[$i], $way);
            $drawn[] = Svg::element(
                'g',
                ['class' => 'worn-behind'],
                (new ScenePainter($this->prefix.'-below-behind-'.$i, $way))->paint($sides->back),
            ).(new ScenePainter($this->prefix.'-below-'.$i, $way))->paint($sides->front);
            $low = max($low, $drape->drop()->millimetres + $drape->radius() + $scenes[$i]->low());
        }

        return [$drawn, $low];
    }

    private static function shoulders(float $r, float $bottom): string
    {
        $left = [
            new Point(-$r, -2.6 * $r), new Point(-$r, -0.9 * $r), new Point(-1.15 * $r, 0.05 * $r),
            new Point(-1.9 * $r, 0.5 * $r), new Point(-2.9 * $r, 0.8 * $r), new Point(-3.5 * $r, 1.5 * $r),
            new Point(-3.8 * $r, $bottom + $r),
        ];
        $right = array_map(static fn (Point $point): Point => new Point(-$point->x, $point->y), array_reverse($left));

        return self::path($left).' L'.substr(self::path($right), 1);
    }

    private static function head(float $r, bool $behind): string
    {
        if ($behind) {
            // The back of the head ends where the hair does.
            return \sprintf(
                'M%1$s,%2$s C%1$s,%3$s %4$s,%5$s 0,%5$s C%6$s,%5$s %7$s,%3$s %7$s,%2$s V%8$s H%1$s Z',
                ...array_map(
                    Svg::number(...),
                    [-1.3 * $r, -3.4 * $r, -1.9 * $r, -0.9 * $r, -1.45 * $r, 0.9 * $r, 1.3 * $r, -3.5 * $r],
                ),
            );
        }

        return \sprintf(
            'M%1$s,%2$s C%1$s,%3$s %4$s,%5$s 0,%5$s C%6$s,%5$s %7$s,%3$s %7$s,%2$s V%2$s Z',
            ...array_map(
                Svg::number(...),
                [-1.35 * $r, -3.4 * $r, -2.2 * $r, -0.8 * $r, -1.5 * $r, 0.8 * $r, 1.35 * $r],
            ),
        );
    }

    /**
     * @param array{float, float, float, float} $box
     */
    private function svg(array $box, string $label, string ...$children): string
    {
        return Svg::drawing($box, $label, 'worn-drawing', ['preserveAspectRatio' => 'xMidYMid slice'], ...$children);
    }
}
