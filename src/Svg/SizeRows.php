<?php

declare(strict_types=1);

namespace Rinkel\App\Svg;

use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Svg\Ruler;
use Rinkel\Core\Svg\ScenePainter;
use Rinkel\Core\Svg\Svg;

/**
 * Draws pieces below each other on one tape, each from where its body begins: what differs between sizes is seen.
 */
final readonly class SizeRows
{
    private const TAPE = 6.0;
    private const AIR = 3.0;

    /** A knot of a run that is higher than this share of it is told from its neighbours. */
    private const FAR = 700.0;

    /** Marks of all rows together. */
    private const MOST = 4000;

    /**
     * @param non-empty-list<Plan> $plans
     * @param list<string>         $names of each
     * @param list<Length>         $held  what each is drawn out from by a handle at its end; none for no handles
     */
    public static function paint(array $plans, array $names, Unit $unit, string $label, array $held = []): string
    {
        $scenes = array_map(
            static fn (Plan $plan) => (new Layout($plan))->flat()->thinned(intdiv(self::MOST, \count($plans))),
            $plans,
        );
        $left = min(array_map(static fn ($scene): float => $scene->frame->left, $scenes)) - 3;
        $right = max(array_map(static fn ($scene): float => $scene->frame->right, $scenes)) + 3;
        $wide = $right - $left;
        $size = max(3.0, $wide / 90);
        [$y, $rows] = [0.0, ''];
        foreach ($scenes as $i => $scene) {
            $top = $y + self::AIR + $size;
            $middle = $top + $scene->frame->height / 2;
            $body = $plans[$i]->draft->body()->millimetres;
            $rows .= self::name($i, $names[$i] ?? '', $left + 1, $y + $size, $size)
                .self::row($i, $scene, $wide, $middle)
                .Svg::element('path', [
                    'd' => \sprintf(
                        'M0,%1$s V%2$s M%3$s,%1$s V%2$s',
                        Svg::number($top - 1),
                        Svg::number($middle + $scene->frame->height / 2 + 1),
                        Svg::number($body),
                    ),
                    'class' => 'body-span',
                ])
                .(isset($held[$i]) ? self::handle($i, $held[$i], $body, $top - 1, $size) : '');
            $y = $middle + $scene->low() + self::AIR;
        }

        return Svg::drawing(
            [$left, -self::TAPE, $wide, $y + self::TAPE],
            $label,
            'size-rows',
            [] === $held ? [] : ['data-unit' => $unit->value],
            (new Ruler($unit, $left, $right, 0, -self::TAPE))->paint(),
            $rows,
        );
    }

    private static function name(int $i, string $name, float $x, float $y, float $size): string
    {
        return Svg::element('text', [
            'x' => $x, 'y' => $y, 'font-size' => $size, 'class' => 'size-name', 'data-name' => $i,
        ], Svg::text($name));
    }

    private static function row(int $i, Scene $scene, float $wide, float $middle): string
    {
        return Svg::element(
            'g',
            ['transform' => 'translate(0 '.Svg::number($middle).')', 'data-size' => $i],
            (new ScenePainter(
                'size-'.$i,
                far: $wide > self::FAR ? 2 * $scene->frame->height + 4 : null,
            ))->paint($scene),
        );
    }

    /**
     * Draws what a size is drawn out by: an arrow either way, at the top of the line where its body ends.
     */
    private static function handle(int $i, Length $from, float $at, float $y, float $size): string
    {
        $d = 'M%1$s,%3$s l%2$s,-%2$s v%4$s z M%5$s,%3$s l-%2$s,-%2$s v%4$s z';

        return Svg::element('g', [
            'class' => 'size-grip',
            'data-grip' => $i,
            'data-mm' => $from->millimetres,
        ], Svg::element('rect', [
            'x' => $at - 2.5 * $size, 'y' => $y - 1.5 * $size, 'width' => 5 * $size, 'height' => 5 * $size,
            'class' => 'grip-room',
        ]), Svg::element('path', ['d' => \sprintf(
            $d,
            ...array_map(Svg::number(...), [$at - $size, $size * 0.6, $y, $size * 1.2, $at + $size]),
        )]));
    }
}
