<?php

declare(strict_types=1);

namespace Rinkel\Core\Svg;

use Rinkel\Core\Drawing\DrawnBead;
use Rinkel\Core\Drawing\DrawnPart;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Fit\EaseScale;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Plan\Plan;

/**
 * Draws a planned piece to scale: flat between two tapes, small, or only its closure.
 */
final readonly class PieceDrawing
{
    private const TAPE = 7.0;
    private const AIR = 2.5;

    /** So many times as wide as high is what lies flat, at least: some 150 pixels of a desk's screen. */
    private const FLAT = 7.6;

    /** A page of so many mm shows a knot a few pixels wide. */
    private const FAR = 700.0;

    /** Zoom at which a tape of any length shows every centimetre. */
    private const NEAR = 100;

    /** Size of a zone's word, in depths of a tape. */
    private const WORD = 0.3;

    /** Width of a small drawing, in mm. */
    private const SMALL = 300.0;

    /** Width of a sample, in mm. */
    private const SAMPLE = 78.0;

    private Layout $layout;

    public function __construct(
        private Plan $plan,
        private string $prefix,
    ) {
        $this->layout = new Layout($plan);
    }

    /**
     * Returns the piece lying flat between a tape in cm and one in inches.
     *
     * @param int                   $zoom  how many times the width of the page; tapes keep their size on the screen
     * @param string                $label what the drawing shows, for those who do not see it
     * @param array<string, string> $zones words by zone of fit
     */
    public function board(int $zoom, string $label, array $zones = []): string
    {
        $scene = $this->layout->flat();
        $left = $scene->frame->left - 3;
        $right = $scene->frame->right + 3;
        $tape = self::TAPE / $zoom * max(1.0, ($right - $left) / 330);
        $top = $scene->frame->height / 2 + self::AIR;
        $half = $scene->low() + self::AIR;
        // The tapes go on beside what is tall, so that it takes no more of the page's height than its share.
        $beside = max(0.0, self::FLAT * ($top + $half + 2 * $tape) - ($right - $left)) / 2;
        [$left, $right] = [$left - $beside, $right + $beside];
        $far = ($right - $left) / $zoom > self::FAR ? self::far($scene) : null;

        return Svg::drawing(
            [$left, -$top - $tape, $right - $left, $top + $half + 2 * $tape],
            $label,
            'board-drawing',
            ['width' => 100 * $zoom.'%', 'data-scale' => $right - $left, 'data-tape' => $tape] + $this->strands($scene),
            (new Ruler(Unit::Centimetre, $left, $right, -$top, -$tape, $zoom))->paint(),
            (new Ruler(Unit::Inch, $left, $right, $half, $tape, $zoom))->paint(),
            $this->zones($half, $tape, $zones),
            $this->span($top, $half),
            (new ScenePainter($this->prefix, far: $far))->paint($scene),
            $this->lacking($scene, $top, $half),
            self::hits($scene->stretches, $top, $half),
        );
    }

    /**
     * Returns where each of several strands lies across, for the Board to cover what is still to come of it.
     *
     * @return array<string, string> pairs of its axis and its height
     */
    private function strands(Scene $scene): array
    {
        $heights = [];
        foreach ([] === $this->plan->draft->layers ? [] : $scene->stretches as $stretch) {
            $axis = Svg::number($stretch->box->y ?? 0.0);
            $heights[$axis] = max($heights[$axis] ?? 0.0, $stretch->box->height);
        }

        return [] === $heights ? [] : ['data-strands' => implode(' ', array_map(
            static fn (int|string $axis, float $height): string => $axis.','.Svg::number($height),
            array_keys($heights),
            $heights,
        ))];
    }

    /**
     * Returns a veil over what cannot be made of the beads in stock: from where the first of them runs out, from the
     * middle on both sides where halves are made alike.
     */
    private function lacking(Scene $scene, float $top, float $half): string
    {
        $middle = $this->plan->draft->isHalved() ? $this->plan->draft->body()->millimetres / 2 : $scene->frame->left;
        $end = \INF;
        foreach ($this->plan->beads as $name => $count) {
            $stock = ($this->plan->draft->piece->beads[$name] ?? null)?->stock;
            if (null === $stock || $count <= $stock) {
                continue;
            }
            $away = array_map(
                static fn (DrawnBead $bead): float => max($middle - $bead->end(), $bead->x - $middle, 0.0),
                array_filter($scene->beads, static fn (DrawnBead $bead): bool => $bead->name === (string) $name),
            );
            sort($away);
            $end = min($end, $away[$stock] ?? \INF);
        }
        $veil = static fn (float $from, float $to): string => Svg::element('path', [
            'd' => \sprintf('M%s,%s H%s V%s H%s Z', ...array_map(Svg::number(...), [$from, -$top, $to, $half, $from])),
            'class' => 'veil',
        ]);

        return match (true) {
            is_infinite($end) => '',
            $this->plan->draft->isHalved() => $veil($scene->frame->left, $middle - $end).$veil(
                $middle + $end,
                $scene->frame->right,
            ),
            default => $veil($middle + $end, $scene->frame->right),
        };
    }

    /**
     * Returns the piece between its tapes at true size, for paper and other programs.
     */
    public function trueSize(string $label): string
    {
        $scene = $this->layout->flat();
        [$left, $right] = [$scene->frame->left - 3, $scene->frame->right + 3];
        [$top, $half] = [$scene->frame->height / 2 + self::AIR, $scene->low() + self::AIR];

        return Svg::drawing(
            [$left, -$top - self::TAPE, $right - $left, $top + $half + 2 * self::TAPE],
            $label,
            'board-drawing',
            [],
            (new Ruler(Unit::Centimetre, $left, $right, -$top, -self::TAPE, self::NEAR))->paint(),
            (new Ruler(Unit::Inch, $left, $right, $half, self::TAPE, self::NEAR))->paint(),
            $this->span($top, $half),
            (new ScenePainter($this->prefix))->paint($scene),
        );
    }

    /**
     * Returns the piece alone, for a list of pieces: all to one scale unless a piece is longer than that allows.
     */
    public function small(string $label): string
    {
        $scene = $this->layout->flat();
        $width = max(self::SMALL, $scene->frame->right - $scene->frame->left);

        return Svg::drawing(
            [
                ($scene->frame->left + $scene->frame->right - $width) / 2,
                -$scene->frame->height / 2 - 1,
                $width,
                $scene->frame->height / 2 + $scene->low() + 2,
            ],
            $label,
            'small-drawing',
            [],
            (new ScenePainter($this->prefix, far: self::far($scene)))->paint($scene, false),
        );
    }

    /**
     * Returns what is most its own of the piece, near to: from a little before its first knot or bead.
     */
    public function sample(string $label): string
    {
        $scene = $this->layout->flat();
        $firsts = [];
        foreach ($scene->placed as $placed) {
            // A knot as long as a hand is broad is what the piece is about, wherever it stands.
            $isLarge = $placed->end() - $placed->pose->x > 40 && 1 === $placed->count;
            $firsts[] = match (true) {
                $isLarge => $placed->pose->x - 1000,
                $placed->pose->x >= 0 && $placed->knots > 0 => $placed->pose->x,
                default => \INF,
            };
        }
        array_push($firsts, ...array_map(static fn (DrawnBead $drawnBead): float => $drawnBead->x, $scene->beads));
        $first = [] === $firsts || is_infinite(min($firsts)) ? 0.0 : min($firsts);
        $large = $first < -500;
        $isTall = $scene->low() > 30;
        $width = $large || $isTall ? 2 * self::SAMPLE : self::SAMPLE;
        $from = max($scene->frame->left - 2, ($large ? $first + 1000 : $first) - $width / ($isTall ? 2 : 3));

        return Svg::drawing(
            [$from, $isTall ? -$width / 16 : -$width / 7, $width, 2 * $width / 7],
            $label,
            'sample-drawing',
            ['preserveAspectRatio' => 'xMidYMid slice'],
            (new ScenePainter($this->prefix))->paint($scene),
        );
    }

    /**
     * Returns the sliding closure with the body's ends $gap apart; empty for a closure that does not slide.
     */
    public function closure(Length $gap, string $label): string
    {
        $scene = $this->layout->sliding($gap->millimetres);

        return null === $scene ? '' : Svg::drawing(
            [
                $scene->frame->left,
                -$scene->frame->height / 2 - 1,
                $scene->frame->right - $scene->frame->left,
                $scene->frame->height + 2,
            ],
            $label,
            'closure-drawing',
            [],
            (new ScenePainter($this->prefix))->paint($scene),
        );
    }

    /**
     * Returns how high a run can be that is seen from afar, in mm.
     */
    private static function far(Scene $scene): float
    {
        return 2 * $scene->frame->height + 4;
    }

    /**
     * Returns the zones of fit on the tape: the length at which the piece, with its closure as near as it comes, begins
     * to be snug, comfortable and so on.
     *
     * @param array<string, string> $words
     */
    private function zones(float $half, float $tape, array $words): string
    {
        $draft = $this->plan->draft;
        if ([] === $words || null !== $draft->piece->askedLength() || $draft->fastened->kind->slides()) {
            return '';
        }
        $drawn = '';
        $starts = array_map(
            static fn (Length $start): float => $draft->ring->laid($start)->minus($draft->fastened->span->narrow)
                ->millimetres,
            (new EaseScale($draft->piece->wearer))->starts(),
        );
        $size = self::WORD * $tape;
        foreach ($starts as $zone => $x) {
            $next = min([\INF, ...array_filter($starts, static fn (float $other): bool => $other > $x)]);
            $word = $words[$zone] ?? $zone;
            $drawn .= Svg::element(
                'path',
                [
                    'd' => \sprintf('M%1$s,%2$s V%3$s', Svg::number($x), Svg::number($half), Svg::number($half - 1.6)),
                    'class' => 'zone-mark',
                    'data-zone' => $zone,
                ],
            )
                .($next - $x < 0.5 * $size * mb_strlen($word) ? '' : Svg::element(
                    'text',
                    ['x' => $x + 0.4, 'y' => $half - 0.5, 'font-size' => $size, 'class' => 'zone-word'],
                    Svg::text($word),
                ));
        }

        return $drawn;
    }

    /**
     * Returns the marks at the body's two ends, from tape to tape.
     */
    private function span(float $top, float $half): string
    {
        $body = $this->plan->draft->body()->millimetres;

        return Svg::element('path', [
            'd' => \sprintf(
                'M0,%1$s V%2$s M%3$s,%1$s V%2$s',
                Svg::number(-$top),
                Svg::number($half),
                Svg::number($body),
            ),
            'class' => 'body-span',
            'data-body' => $body,
        ]);
    }

    /**
     * Returns what takes the pointer over the parts of the pattern: each lights up, wherever it stands, when chosen.
     *
     * @param list<DrawnPart> $stretches
     */
    private static function hits(array $stretches, float $top, float $half): string
    {
        $hits = [];
        foreach ($stretches as $stretch) {
            if (null !== $stretch->place) {
                $place = $stretch->place->line.':'.$stretch->place->column;
                $hits[$place][implode(' ', array_unique($stretch->roles))][] = \sprintf(
                    'M%1$s,%2$sh%3$sv%4$sh-%3$sz',
                    Svg::number($stretch->box->from),
                    Svg::number(null === $stretch->box->y ? -$top : $stretch->box->y - $stretch->box->height / 2 - 1),
                    Svg::number(max(0.2, $stretch->box->to - $stretch->box->from)),
                    Svg::number(null === $stretch->box->y ? $top + $half : $stretch->box->height + 2),
                );
            }
        }
        $drawn = '';
        foreach ($hits as $place => $byRoles) {
            foreach ($byRoles as $roles => $boxes) {
                $drawn .= Svg::element('path', [
                    'd' => implode('', $boxes),
                    'class' => 'hit',
                    'data-place' => $place,
                    'data-roles' => $roles,
                ]);
            }
        }

        return $drawn;
    }
}
