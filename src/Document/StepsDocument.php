<?php

declare(strict_types=1);

namespace Rinkel\App\Document;

use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Making\Pace;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Round;
use Rinkel\Core\Work\Tool;

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
        $steps = $plan->acts();
        $chain = $pace->chain($steps);
        $unit = $plan->draft->piece->unit;

        return [
            'format' => 'rinkel-steps',
            'version' => 2,
            'piece' => $plan->draft->piece->name,
            'moves' => $steps->moves,
            'minutes' => [
                'hands' => (int) round(array_sum(array_column($chain, 0))),
                'waiting' => array_sum(array_column($chain, 1)),
            ],
            'knots' => (object) $steps->knots(),
            'beads' => (object) $steps->beads(),
            'steps' => array_map(
                fn (Act $step, int $i): array => ['number' => $i + 1] + $this->step($step, $unit, $pace),
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
        foreach ($this->lines($plan) as [$number, $said, $due, $look]) {
            $lines[] = \sprintf('[ ] %4s  %s%s', $number, $said, '' === $due ? '' : '  → '.$due);
            if ('' !== $look) {
                $lines[] = '         '.$look;
            }
        }

        return implode("\n", $lines);
    }

    /**
     * Returns the lines of a sheet: the number of each, what it says, the length that it comes to, and what to look at;
     * "" where there is none. What is done over and over is said once, with how often, and the first and last lengths
     * that it comes to.
     *
     * @return list<array{string, string, string, string}>
     */
    public function lines(Plan $plan, Pace $pace = new Pace()): array
    {
        $unit = $plan->draft->piece->unit;
        $all = $plan->acts()->all;
        $lines = [];
        foreach ($plan->acts()->rounds() as $i => $round) {
            if ($round->times > 1) {
                $said = $this->wording->making(new Message('round', ['times' => $round->times]), $unit);
                $lines[] = [(string) ($i + 1), $said, '', ''];
            }
            foreach (\array_slice($all, $round->from, $round->length) as $which => $act) {
                $due = $this->comesTo($round, \array_slice($all, $round->from + $which), $unit);
                $isAgain = $round->times > 1 && '' !== $due;
                $lines[] = [
                    1 === $round->times ? (string) ($i + 1) : ($i + 1).'abcdefghijklmnop'[$which],
                    $this->wording->making($isAgain ? $act->said->with('due', $due) : $pace->said($act), $unit),
                    $isAgain && isset($act->said->values['due']) ? '' : $due,
                    $this->wording->makings($act->advice->looks, $unit),
                ];
            }
        }

        return $lines;
    }

    /**
     * @param list<Act> $acts from the one that is told of on
     */
    private function comesTo(Round $round, array $acts, Unit $unit): string
    {
        $dues = [];
        for ($time = 0; $time < $round->times; ++$time) {
            $due = $acts[$time * $round->length]->spot->due;
            if (null !== $due && !$due->isZero()) {
                $dues[] = (string) $this->wording->length($due, $unit);
            }
        }

        return \count($dues) > 3
            ? $dues[0].', '.$dues[1].' … '.$dues[\count($dues) - 1]
            : implode(', ', $dues);
    }

    /**
     * @return array<string, mixed>
     */
    public function step(Act $step, Unit $unit, Pace $pace = new Pace()): array
    {
        return array_filter([
            'do' => $step->does->value,
            'say' => $this->wording->making($pace->said($step), $unit),
            'look' => [] === $step->advice->looks ? null : $this->wording->makings($step->advice->looks, $unit),
            'count' => $step->stint->count,
            'moves' => array_map(static fn (Move $move): object => (object) self::move($move), $step->stint->moves),
            'cord' => $step->grip->role,
            'end' => $step->grip->acting?->value,
            'from' => null === $step->spot->from ? null : (string) $step->spot->from,
            'due' => null === $step->spot->due ? null : (string) $step->spot->due,
            'half' => 0 === $step->grip->half ? null : $step->grip->half,
            'counter' => 0 === $step->grip->lane ? null : $step->grip->lane,
            'tools' => [] === $step->advice->tools ? null : array_map(
                static fn (Tool $tool): string => $tool->value,
                $step->advice->tools,
            ),
            'lesson' => $step->advice->lesson,
            'minutes' => 0 === $pace->waits($step) ? null : $pace->waits($step),
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
