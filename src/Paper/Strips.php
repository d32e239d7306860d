<?php

declare(strict_types=1);

namespace Rinkel\App\Paper;

use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\Setting;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Svg\Ruler;
use Rinkel\Core\Svg\Svg;

/**
 * Paper to measure with: a strip to wrap around a wrist and read, and for one piece its spacings as gauges and its line
 * at true size, to lay beads along.
 */
final readonly class Strips
{
    /** Of the strip to wrap around a wrist, in mm: long enough for an ankle. */
    private const WRIST = 300.0;
    private const DEPTH = 12.0;

    /** Names of parts stand this far apart at least, in mm, and in so many rows below each other. */
    private const APART = 9.0;
    private const ROWS = 3;

    public function __construct(private Words $words, private PieceWriter $writer) {}

    /**
     * Returns a strip with centimetres along one edge and inches along the other, that begins at its arrow.
     */
    public function wrist(Unit $unit): string
    {
        $page = $this->words->page($this->words->of('paper.wrist'), true);
        $page->title($this->words->of('paper.wrist'), $this->words->of('paper.wrist-how'));
        $page->strips(
            Svg::drawing(
                [-12, -self::DEPTH, self::WRIST + 14, 2 * self::DEPTH],
                $this->words->of('paper.wrist'),
                'board-drawing',
                [],
                (new Ruler(Unit::Centimetre, 0, self::WRIST, 0, -self::DEPTH, 100))->paint(),
                (new Ruler(Unit::Inch, 0, self::WRIST, 0, self::DEPTH, 100))->paint(),
                Svg::element('path', ['d' => 'M-10,0 L0,-4 M-10,0 L0,4 M-10,0 H0', 'class' => 'body-span']),
            ),
            fn (int $i, int $of): string => $this->words->of('paper.strip', ['strip' => $i, 'of' => $of]),
        );

        return $page->pdf();
    }

    /**
     * Returns the line of a piece at true size with each bead, knot and gap marked where it begins, and a gauge for
     * each distance that comes again and again.
     */
    public function line(Plan $plan): string
    {
        $unit = $plan->draft->piece->unit;
        $page = $this->words->page($plan->draft->piece->name);
        $page->title($plan->draft->piece->name, $this->words->of('paper.line-how'));
        foreach ($plan->draft->settings() as $strand => $setting) {
            if ($strand > 0) {
                $page->heading($this->words->of('figure.strand', ['strand' => $strand + 1]), with: 45);
            }
            $page->strips(
                $this->marks($plan, $setting),
                fn (int $i, int $of): string => $this->words->of('paper.strip', ['strip' => $i, 'of' => $of]),
            );
        }
        $gauges = $this->gauges($plan);
        if ([] !== $gauges) {
            $page->heading($this->words->of('paper.gauges'));
            foreach ($gauges as [$said, $length]) {
                $page->gauge($said.': '.$this->words->length($length, $unit), $length->millimetres);
            }
        }
        $page->attach($this->writer->write($plan->draft->piece->decided()));

        return $page->pdf();
    }

    private function marks(Plan $plan, Setting $setting): string
    {
        $body = $setting->length->millimetres;
        [$marks, $names] = ['', ''];
        $starts = $setting->starts();
        $last = array_fill(0, self::ROWS, -\INF);
        foreach ($setting->elements as $i => $element) {
            $start = $starts[$i];
            $marks .= 'M'.Svg::number($start).',0 v5';
            $name = $element->name ?? '';
            $row = null;
            for ($one = 0; $one < self::ROWS && null === $row; ++$one) {
                $row = $start - $last[$one] >= self::APART ? $one : null;
            }
            if ('' !== $name && null !== $row) {
                $last[$row] = $start;
                $names .= Svg::element('text', [
                    'x' => $start + $element->extent->length->millimetres / 2,
                    'y' => 8.5 + 3.4 * $row,
                    'font-size' => 2.6,
                    'text-anchor' => 'middle',
                    'class' => 'tape-figure',
                ], Svg::text($name.(null === $element->mention->letter ? '' : ' '.$element->mention->letter)));
            }
        }

        return Svg::drawing(
            [-3, -9, $body + 6, 26],
            $plan->draft->piece->name,
            'board-drawing',
            [],
            (new Ruler($plan->draft->piece->unit, 0, $body, 0, -8, 100))->paint(),
            Svg::element('path', ['d' => $marks.'M0,0 H'.Svg::number($body).' v5', 'class' => 'tape-ticks']),
            $names,
        );
    }

    /**
     * Returns each distance that a maker measures again and again while making, once.
     *
     * @return list<array{string, Length}>
     */
    private function gauges(Plan $plan): array
    {
        $gauges = [];
        $counts = [];
        foreach ($plan->draft->elements() as $element) {
            if (ElementKind::Bare === $element->kind) {
                $key = (string) $element->extent->length;
                $counts[$key] = ($counts[$key] ?? 0) + 1;
                if (2 === $counts[$key]) {
                    $gauges[] = [$this->words->of('figure.gap'), $element->extent->length];
                }
            }
        }
        $fastened = $plan->draft->fastened;
        if (null !== $fastened->span->tail && !$fastened->span->tail->isZero()) {
            $gauges[] = [$this->words->of('figure.tail'), $fastened->span->tail];
        }
        $gauges[] = [$this->words->of('paper.own-gauge'), $plan->draft->piece->gauge()];

        return $gauges;
    }
}
