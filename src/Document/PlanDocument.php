<?php

declare(strict_types=1);

namespace Rinkel\App\Document;

use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Construction\Layered;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Line\Setting;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Plan\CountRange;
use Rinkel\Core\Plan\Figure;
use Rinkel\Core\Plan\Neighbour;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Step;

/**
 * Writes a plan as a document for JSON (docs/plan.schema.json): lengths as exact texts in mm, sentences in the maker's
 * unit.
 */
final readonly class PlanDocument
{
    public const FORMAT = 'rinkel-plan';
    public const VERSION = 1;

    public function __construct(private Wording $wording) {}

    /**
     * @return array<string, mixed>
     */
    public function of(Plan $plan): array
    {
        $draft = $plan->draft;
        $unit = $draft->piece->unit;

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'piece' => $draft->piece->name,
            'construction' => $draft->piece->construction,
            'pattern' => (string) $draft->piece->pattern->tree,
            'counts' => $draft->setting->counts,
            'ranges' => array_map(static fn (CountRange $range): array => [
                'count' => $range->count,
                'least' => $range->least,
                'most' => $range->most,
                'spread' => round($range->spread, 4),
            ], $plan->ranges),
            ...self::measures($plan),
            'line' => array_merge(...array_map($this->line(...), $draft->settings(), array_keys($draft->settings()))),
        ] + self::strands($draft) + [
            'beads' => (object) $plan->beads,
            'findings' => (object) $plan->findings(),
            'cords' => array_map(
                static fn (array $total): array => self::cord($total[0]) + ['length' => (string) $total[1]],
                $plan->cordTotals(),
            ),
            'cuts' => array_map($this->cut(...), $plan->cuts),
            'neighbours' => array_map(
                fn (Neighbour $near): array => $this->neighbour($near, $plan->fit()),
                $plan->neighbours(),
            ),
            'piecesFromStock' => $plan->pieces,
            'checks' => array_map(fn (Check $check): array => $this->check($check, $unit), $plan->checks),
            'figures' => array_map(fn (Figure $figure): array => $this->figure($figure, $unit), $plan->figures()),
        ];
    }

    /**
     * @return array<string, array<string, mixed>> how long and how wide it comes out
     */
    private static function measures(Plan $plan): array
    {
        $draft = $plan->draft;
        $span = $draft->fastened->span;

        return [
            'body' => [
                'length' => (string) $draft->body(),
                'goal' => (string) $draft->goal,
                'over' => (string) $draft->setting->over,
                'thickness' => (string) $draft->ring->profile->thick,
                'lift' => (string) $draft->ring->lift($draft->worn()),
            ],
            'inside' => [
                'closed' => (string) $draft->closed(),
                'worn' => (string) $draft->worn(),
                'open' => (string) $draft->open(),
                'wished' => (string) $draft->wished(),
                'zone' => $plan->fit(),
            ],
            'closure' => array_filter([
                'kind' => $draft->fastened->kind->id(),
                'narrow' => (string) $span->narrow,
                'wide' => (string) $span->wide,
                'tail' => null === $span->tail ? null : (string) $span->tail,
                'length' => null === $span->length ? null : (string) $span->length,
                'sizes' => array_map(strval(...), $span->sizes),
            ], static fn (mixed $value): bool => null !== $value && [] !== $value),
        ];
    }

    /**
     * @return array{strands?: list<array<string, string>>}
     */
    private static function strands(Draft $draft): array
    {
        return [] === $draft->layers ? [] : [
            'strands' => array_map(static fn (Layered $layer): array => [
                'cord' => $layer->layer->role,
                'hangs' => (string) $layer->hangs,
                'length' => (string) $layer->setting->length,
            ], $draft->layers),
        ];
    }

    /**
     * Returns the plan as sentences: each figure and how it comes about, then what to look at.
     */
    public function explained(Plan $plan): string
    {
        $unit = $plan->draft->piece->unit;
        $lines = [$plan->draft->piece->name];
        foreach ($plan->figures() as $figure) {
            $lines[] = '';
            $lines[] = $this->wording->figure($figure->key).': '.($figure->value instanceof Length ? $this->wording->length($figure->value, $unit) : $figure->value);
            foreach ($figure->steps as $step) {
                $lines[] = '  '.$this->wording->step($step, $unit);
            }
        }
        $lines[] = '';
        foreach ($plan->checks as $check) {
            $lines[] = $check->severity->value.': '.$this->wording->check($check, $unit);
        }

        return implode("\n", $lines);
    }

    /**
     * Returns where each element of a strand lies; equal ones in a row are one entry with their count.
     *
     * @param int $strand from 0; all but the first are said
     *
     * @return list<array<string, mixed>>
     */
    private function line(Setting $setting, int $strand): array
    {
        $line = [];
        $starts = $setting->starts();
        foreach ($setting->elements as $i => $element) {
            $entry = array_filter(
                [
                    'what' => $element->word(),
                    'name' => $element->name,
                    'letter' => $element->mention->letter,
                    'each' => (string) $element->extent->length,
                ],
                static fn (?string $value): bool => null !== $value,
            );
            $last = array_pop($line);
            if (null !== $last && $entry === array_diff_key($last, ['at' => 0, 'count' => 0, 'strand' => 0])) {
                $line[] = ['count' => $last['count'] + 1] + $last;
                continue;
            }
            $line = null === $last ? $line : [...$line, $last];
            $line[] = $entry + (0 === $strand ? [] : ['strand' => $strand + 1])
                + ['at' => (string) Length::ofMillimetres($starts[$i]), 'count' => 1];
        }

        return $line;
    }

    /**
     * @return array<string, string>
     */
    private static function cord(Cord $cord): array
    {
        return [
            'fibre' => $cord->fibre->value,
            'thickness' => (string) $cord->thickness,
            'colour' => $cord->colour->hex,
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private function cut(Cut $cut): array
    {
        return [
            'cord' => $cut->role,
            'count' => $cut->count,
            'length' => (string) $cut->length,
            'folded' => $cut->parting->folded,
            'needed' => (string) $cut->needed(),
            'spread' => round($cut->margin->spread, 4),
            'oneIn' => $cut->margin->oneIn,
            'parts' => array_map(static fn (Length $part): string => (string) $part, $cut->parts),
        ] + array_map(strval(...), array_filter(['fold' => $cut->parting->fold, 'begin' => $cut->parting->begin]));
    }

    /**
     * @return array<string, mixed>
     */
    private function neighbour(Neighbour $near, string $fit): array
    {
        return [
            'pattern' => $near->pattern,
            'difference' => (string) $near->difference,
            'closed' => (string) $near->closed,
            'zone' => 'as-set' === $fit ? $fit : $near->zone->value,
            'beads' => $near->beads,
            'way' => null === $near->way ? 'a whole repeat' : $this->wording->told($near->way),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private function check(Check $check, Unit $unit): array
    {
        $remedy = $check->remedy;

        return [
            'code' => $check->code,
            'severity' => $check->severity->value,
            'sentence' => $this->wording->check($check, $unit),
        ] + (null === $remedy ? [] : ['remedy' => [
            'path' => $remedy->path,
            'value' => $remedy->value instanceof Length ? (string) $remedy->value : $remedy->value,
        ]]);
    }

    /**
     * @return array<string, mixed>
     */
    private function figure(Figure $figure, Unit $unit): array
    {
        return [
            'value' => $figure->value instanceof Length ? (string) $figure->value : $figure->value,
            'how' => array_map(fn (Step $step): string => $this->wording->step($step, $unit), $figure->steps),
        ];
    }
}
