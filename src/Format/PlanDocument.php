<?php

declare(strict_types=1);

namespace Rinkel\App\Format;

use Rinkel\App\Wording\Wording;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Fit\EaseScale;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Check;
use Rinkel\Core\Plan\Figure;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Step;

/**
 * Writes a plan as a document for JSON: lengths as exact texts in mm, sentences in the maker's unit.
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
        $scale = new EaseScale($plan->piece->wearer);

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'piece' => $plan->piece->name,
            'band' => ['squareKnots' => $plan->squareKnots, 'length' => (string) $plan->body],
            'inside' => [
                'shut' => (string) $plan->closed,
                'worn' => (string) $plan->wished,
                'wornZone' => $scale->zoneOf($plan->wished)->value,
                'open' => (string) $plan->open,
            ],
            'slider' => ['length' => (string) $plan->slider->length, 'tail' => (string) $plan->slider->tail],
            'cuts' => array_map($this->cut(...), $plan->cuts),
            'checks' => array_map(fn (Check $check): array => $this->check($check, $plan), $plan->checks),
            'figures' => array_map(fn (Figure $figure): array => $this->figure($figure, $plan), $plan->figures),
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
            'folded' => $cut->folded,
            'parts' => array_map(static fn (Length $part): string => (string) $part, $cut->parts),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private function check(Check $check, Plan $plan): array
    {
        $remedy = $check->remedy;

        return [
            'code' => $check->code,
            'severity' => $check->severity->value,
            'sentence' => $this->wording->check($check, $plan->piece->unit),
        ] + (null === $remedy ? [] : ['remedy' => [
            'path' => $remedy->path,
            'value' => $remedy->value instanceof Length ? (string) $remedy->value : $remedy->value,
        ]]);
    }

    /**
     * @return array<string, mixed>
     */
    private function figure(Figure $figure, Plan $plan): array
    {
        return [
            'value' => $figure->value instanceof Length ? (string) $figure->value : $figure->value,
            'how' => array_map(fn (Step $step): string => $this->wording->step($step, $plan->piece->unit), $figure->steps),
        ];
    }
}
