<?php

declare(strict_types=1);

namespace Rinkel\App\Document;

use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Making\Move;
use Rinkel\Core\Making\Pace;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Making\Steps;
use Rinkel\Core\Making\Tool;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Plan\Plan;

/**
 * The making of a piece as a document, docs/steps.schema.json, or as a sheet to read.
 */
final readonly class StepsDocument
{
    public function __construct(private Wording $wording) {}

    /**
     * @return array<string, mixed>
     */
    public function of(Plan $plan, Pace $pace = new Pace()): array
    {
        $steps = Steps::of($plan);
        $chain = $pace->chain($steps);
        $unit = $plan->draft->piece->unit;

        return [
            'format' => 'rinkel-steps',
            'version' => 1,
            'piece' => $plan->draft->piece->name,
            'moves' => $steps->moves,
            'minutes' => [
                'hands' => (int) round(array_sum(array_column($chain, 0))),
                'waiting' => array_sum(array_column($chain, 1)),
            ],
            'knots' => (object) $steps->knots(),
            'beads' => (object) $steps->beads(),
            'steps' => array_map(
                fn (Step $step, int $i): array => ['number' => $i + 1] + $this->step($step, $unit),
                $steps->all,
                array_keys($steps->all),
            ),
        ];
    }

    /**
     * Returns the steps as a sheet, a line each with a box to tick.
     */
    public function sheet(Plan $plan): string
    {
        $lines = [$plan->draft->piece->name, ''];
        foreach ($this->lines($plan) as $i => [$said, $due, $look]) {
            $lines[] = \sprintf('[ ] %3d  %s%s', $i + 1, $said, '' === $due ? '' : '  → '.$due);
            if ('' !== $look) {
                $lines[] = '         '.$look;
            }
        }

        return implode("\n", $lines);
    }

    /**
     * Returns each step as it is said, the length that it comes to, and what to look at; "" where there is none.
     *
     * @return list<array{string, string, string}>
     */
    public function lines(Plan $plan): array
    {
        $unit = $plan->draft->piece->unit;

        return array_map(fn (Step $step): array => [
            $this->wording->making($step->said, $unit),
            null === $step->due || $step->due->isZero() ? '' : (string) $this->wording->length($step->due, $unit),
            null === $step->look ? '' : $this->wording->making($step->look, $unit),
        ], Steps::of($plan)->all);
    }

    /**
     * @return array<string, mixed>
     */
    public function step(Step $step, Unit $unit): array
    {
        return array_filter([
            'do' => $step->deed->value,
            'say' => $this->wording->making($step->said, $unit),
            'look' => null === $step->look ? null : $this->wording->making($step->look, $unit),
            'count' => $step->count,
            'moves' => array_map(static fn (Move $move): object => (object) self::move($move), $step->moves),
            'cord' => $step->role,
            'end' => $step->acting?->value,
            'from' => null === $step->from ? null : (string) $step->from,
            'due' => null === $step->due ? null : (string) $step->due,
            'half' => 0 === $step->half ? null : $step->half,
            'counter' => 0 === $step->lane ? null : $step->lane,
            'tools' => [] === $step->tools ? null : array_map(
                static fn (Tool $tool): string => $tool->value,
                $step->tools,
            ),
            'lesson' => $step->lesson,
            'minutes' => 0 === $step->minutes ? null : $step->minutes,
        ], static fn (mixed $value): bool => null !== $value);
    }

    /**
     * @return array<string, mixed>
     */
    public static function move(Move $move): array
    {
        return array_filter([
            'knot' => $move->knot,
            'share' => null === $move->knot ? null : $move->share,
            'side' => $move->side?->value,
            'bead' => $move->bead?->name,
            'on' => $move->bead?->lane->value,
            'letter' => $move->bead?->letter,
            'strand' => $move->bead?->strand,
        ], static fn (mixed $value): bool => null !== $value);
    }
}
