<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Drawing\DrawnBead;
use Rinkel\Core\Drawing\HangingScene;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\Setting;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Examples;

final class LayoutTest extends TestCase
{
    #[DataProvider('providePlans')]
    public function testTheDrawnPieceIsAsLongAsThePlannedOne(Plan $plan): void
    {
        $scene = (new Layout($plan))->flat();
        $strands = [];
        foreach ($scene->stretches as $stretch) {
            $strands[(string) $stretch->box->y][] = $stretch;
        }
        self::assertCount(\count($plan->draft->settings()), $strands);
        foreach (array_values($strands) as $i => $stretches) {
            $long = $plan->draft->settings()[$i]->length->millimetres;
            self::assertEqualsWithDelta(0, $stretches[0]->box->from, 1e-9);
            self::assertEqualsWithDelta($long, $stretches[\count($stretches) - 1]->box->to, 0.1);
            foreach ($stretches as $j => $stretch) {
                self::assertEqualsWithDelta(
                    $stretch->box->to,
                    ($stretches[$j + 1] ?? null)->box->from ?? $stretch->box->to,
                    1e-6,
                    'no gap between parts',
                );
            }
        }
        [$body, $closure] = (new Layout($plan))->worn();
        $worn = $body->with($closure);
        self::assertEqualsWithDelta(
            $plan->draft->ring->laid($plan->draft->worn())->millimetres,
            $worn->frame->right - $worn->frame->left,
            0.1,
            'the ring closes',
        );
    }

    #[DataProvider('providePlans')]
    public function testEveryKnotAndBeadOfTheLineIsDrawn(Plan $plan): void
    {
        $scene = (new Layout($plan))->flat();
        $all = array_merge(
            $scene->beads,
            ...array_map(static fn (HangingScene $hanging): array => $hanging->scene->beads, $scene->hanging),
        );
        $drawn = array_count_values(array_map(static fn (DrawnBead $bead): string => $bead->name, $all));
        ksort($drawn);
        self::assertSame($plan->beads, $drawn);

        $knots = 0;
        foreach ($scene->placed as $placed) {
            $knots += $placed->count * $placed->knots;
        }
        $strands = $plan->draft->piece->cords['strand']->count ?? 1;
        $planned = $strands * array_sum(array_map(
            static fn (Setting $setting): int => $setting->count(ElementKind::Knot),
            $plan->draft->settings(),
        ));
        self::assertSame($planned, $knots);
    }

    #[DataProvider('providePlans')]
    public function testBeadsLieInOrderAndTouchAtMost(Plan $plan): void
    {
        $beads = (new Layout($plan))->flat()->beads;
        usort(
            $beads,
            static fn (
                DrawnBead $drawnBead,
                DrawnBead $other,
            ): int => [round($drawnBead->y, 6), $drawnBead->x] <=> [round($other->y, 6), $other->x],
        );
        foreach ($beads as $i => $bead) {
            $next = $beads[$i + 1] ?? null;
            if (null !== $next && abs($next->y - $bead->y) < 1e-5 && 0.0 === $bead->turn) {
                self::assertGreaterThanOrEqual($bead->end() - 0.01, $next->x, $bead->name.' before '.$next->name);
            }
            foreach (\array_slice($beads, $i + 1) as $other) {
                if (abs($other->y - $bead->y) > 1e-5 && $other->x < $bead->end() && $bead->x < $other->end()) {
                    $apart = hypot(
                        $other->y - $bead->y,
                        ($other->x + $other->end()) / 2 - ($bead->x + $bead->end()) / 2,
                    );
                    self::assertGreaterThanOrEqual(
                        min(
                            $bead->bead->diameter->millimetres,
                            $bead->bead->length->millimetres,
                            $other->bead->diameter->millimetres,
                            $other->bead->length->millimetres,
                        ) * (0.0 === $bead->turn && 0.0 === $other->turn ? 0.99 : 0.85),
                        $apart,
                        'side by side',
                    );
                }
            }
        }
        self::assertNotSame(
            0,
            \count($beads) + \count((new Layout($plan))->flat()->placed) + \count(
                (new Layout($plan))->flat()->findings,
            ),
        );
    }

    /**
     * @return iterable<string, array{Plan}>
     */
    public static function providePlans(): iterable
    {
        foreach (Constructions::all()->ids() as $id) {
            yield $id => [Examples::planOf($id)];
        }
        foreach (Examples::shipped() as $name => $piece) {
            yield $name => [(new Planner())->plan($piece)];
        }
    }

    public function testTheStopsStandAtTheTailsEnds(): void
    {
        $plan = Examples::plan();
        [$left, $right] = self::stops((new Layout($plan))->flat());
        $tail = $plan->draft->fastened->span->tail->millimetres ?? 0.0;

        self::assertEqualsWithDelta(-$tail, $left->pose->x, 1e-9);
        self::assertEqualsWithDelta($plan->draft->body()->millimetres + $tail, $right->pose->x, 1e-9);
    }

    public function testPulledOpenBothStopsTouchTheSlider(): void
    {
        $plan = Examples::plan();
        $scene = (new Layout($plan))->sliding($plan->draft->fastened->span->wide->millimetres);
        self::assertNotNull($scene);
        $slider = array_values(
            array_filter($scene->placed, static fn (Placed $placed): bool => 'slider' === $placed->motif->name),
        )[0];
        [$onLeftTail, $onRightTail] = self::stops($scene);

        self::assertSame(4, $slider->count);
        self::assertEqualsWithDelta($slider->pose->x, $onRightTail->pose->x, 1e-9);
        self::assertEqualsWithDelta($slider->end(), $onLeftTail->pose->x, 1e-9);
        self::assertNull(
            (new Layout(Examples::planOf('stretch')))->sliding(10),
            'what does not slide has no such picture',
        );
    }

    /**
     * A thousand knots must stay a light drawing: few runs, whatever their length.
     */
    public function testLongRunsAreFewPictures(): void
    {
        $plan = Examples::plan(['pattern' => '(1 square) x 1000']);

        self::assertLessThan(10, \count((new Layout($plan))->flat()->placed));
    }

    /**
     * The layout of every construction as it was last looked at; `./rinkel golden` writes them anew.
     */
    #[DataProvider('provideConstructions')]
    #[Group('golden')]
    public function testTheLayoutIsTheOneLookedAt(string $construction): void
    {
        $file = \dirname(__DIR__, 2).'/golden/'.$construction.'.txt';
        $told = self::told((new Layout(Examples::planOf($construction)))->flat());
        if (false !== getenv('UPDATE_GOLDEN')) {
            file_put_contents($file, $told);
        }

        self::assertSame((string) @file_get_contents($file), $told);
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function provideConstructions(): iterable
    {
        foreach (Constructions::all()->ids() as $id) {
            yield $id => [$id];
        }
    }

    private static function told(Scene $scene): string
    {
        $lines = [
            \sprintf(
                'from %.2f to %.2f, %.2f across',
                $scene->frame->left,
                $scene->frame->right,
                $scene->frame->height,
            ),
        ];
        foreach ($scene->cords as $cord) {
            $points = array_map(
                static fn ($point): string => \sprintf('%.2f,%.2f', $point->x, $point->y),
                $cord->points,
            );
            $lines[] = \sprintf(
                'cord %s %.2f: %s',
                $cord->role,
                $cord->thickness,
                implode(
                    ' ',
                    \count($points) > 6 ? [...\array_slice($points, 0, 3), '…', ...\array_slice($points, -3)] : $points,
                ),
            );
        }
        foreach ($scene->placed as $placed) {
            $lines[] = \sprintf(
                '%d x %s at %.2f,%.2f to %.2f by %.2f%s',
                $placed->count,
                $placed->motif->name,
                $placed->pose->x,
                $placed->pose->y,
                $placed->end(),
                $placed->pose->scale,
                $placed->pose->turned ? ', turned' : '',
            );
        }
        foreach ($scene->findings as $drawn) {
            $lines[] = \sprintf('%s at %.2f,%.2f', $drawn->finding->kind->value, $drawn->x, $drawn->y);
        }
        foreach ($scene->beads as $bead) {
            $lines[] = \sprintf('bead %s at %.2f,%.2f', $bead->name, $bead->x, $bead->y);
        }

        return implode("\n", $lines)."\n";
    }

    /**
     * @return list<Placed>
     */
    private static function stops(Scene $scene): array
    {
        return array_values(
            array_filter($scene->placed, static fn (Placed $placed): bool => 'stop' === $placed->motif->name),
        );
    }

    /**
     * A maker's own sample says how long a knot is, not how often it is wrapped.
     */
    public function testABarrelIsDrawnWithItsWrapsHoweverLongItsSampleIs(): void
    {
        $plan = Examples::planOf(
            'spaced-knots',
            [
                'pattern' => '1 barrel 4, gap fit, 2 barrel 2',
                'samples.barrel' => ['pitch' => '11 mm', 'use' => '60 mm'],
            ],
        );
        $barrels = array_filter(
            (new Layout($plan))->flat()->placed,
            static fn (Placed $placed): bool => $placed->knots > 0,
        );

        self::assertSame(
            ['barrel-cord-4', 'barrel-cord-2', 'barrel-cord-2'],
            array_values(array_map(static fn (Placed $placed): string => $placed->motif->name, $barrels)),
        );
    }
}
