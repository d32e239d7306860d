<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Fit\EaseScale;
use Rinkel\Core\Fit\FitZone;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Internal\Lazy;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;
use Rinkel\Core\Work\Acts;
use Rinkel\Core\Work\Sheet;

/**
 * All that follows from a piece: lengths, counts, cuts, judgements, and how every figure comes about.
 *
 * Inside girths are what the wearer feels; lengths along the piece are measured laid flat, along its middle.
 */
final readonly class Plan
{
    /** @var list<Cut> */
    public array $cuts;

    /**
     * @param Sheet                       $sheet      how it is made: its cords, cuts and acts
     * @param array<string, int>          $beads      how many of each, by short name
     * @param Lazy<list<Neighbour>>       $neighbours shortest first
     * @param Lazy<array<string, Figure>> $figures    by their key
     * @param list<Check>                 $checks     worst first
     * @param int|null                    $pieces     how many whole pieces the beads in stock make
     * @param list<CountRange>            $ranges     how sure the count of each fit is
     */
    public function __construct(
        public Draft $draft,
        public Sheet $sheet,
        public array $beads,
        private Lazy $neighbours,
        private Lazy $figures,
        public array $checks,
        public ?int $pieces,
        public array $ranges,
    ) {
        $this->cuts = $sheet->cuts;
    }

    /**
     * Returns all that is done to make it, in order.
     */
    public function acts(): Acts
    {
        return $this->sheet->acts;
    }

    /**
     * Returns how every figure comes about, by its key.
     *
     * @return array<string, Figure>
     */
    public function figures(): array
    {
        return $this->figures->get();
    }

    /**
     * Returns what fits nearly as well, shortest first.
     *
     * @return list<Neighbour>
     */
    public function neighbours(): array
    {
        return $this->neighbours->get();
    }

    /**
     * Returns how much of each cord all cuts together take, by fibre, thickness and colour.
     *
     * @return list<array{Cord, Length}>
     */
    public function cordTotals(): array
    {
        $totals = [];
        foreach ($this->cuts as $cut) {
            $key = $cut->cord->materialKey();
            $totals[$key] = [$cut->cord, ($totals[$key][1] ?? Length::zero())->plus($cut->total())];
        }

        return array_values($totals);
    }

    /**
     * Returns how many of each bead lie where: on the core or only cord, beside it on the left and the right, or on a
     * strand.
     *
     * @return array<string, array<string, int>> by name and lane
     */
    public function beadPlaces(): array
    {
        $places = [];
        foreach ($this->draft->elements() as $element) {
            foreach ([] === $element->beside ? [$element] : $element->beside as $part) {
                if (isset($this->beads[$part->name])) {
                    $lane = $part->seat->lane->value;
                    $places[$part->name][$lane] = ($places[$part->name][$lane] ?? 0) + 1;
                }
            }
        }

        foreach ($this->draft->fastened->fittings->beads as $name => $count) {
            $places[$name]['tail'] = $count;
        }

        return $places;
    }

    /**
     * Returns which letters of each letter bead the piece takes.
     *
     * @return array<string, array<string, int>> by the bead's name and the letter
     */
    public function letters(): array
    {
        return $this->draft->letters();
    }

    /**
     * Returns the findings that the piece takes, by short name, and how many of each.
     *
     * @return array<string, int>
     */
    public function findings(): array
    {
        $names = [];
        foreach ($this->draft->elements() as $element) {
            $names[] = isset($this->draft->piece->findings[$element->name]) && !isset($this->draft->piece->beads[$element->name]) ? (string) $element->name : null;
        }
        foreach ($this->draft->fastened->fittings->named as [$name]) {
            $names[] = isset($this->draft->piece->findings[$name]) ? $name : null;
        }

        return array_count_values(array_filter($names, is_string(...)));
    }

    /**
     * Returns the cut of a role; null where there is none.
     */
    public function cut(string $role): ?Cut
    {
        foreach ($this->cuts as $cut) {
            if ($role === $cut->role) {
                return $cut;
            }
        }

        return null;
    }

    /**
     * Returns what stands in the way, or wants a look, worst first.
     *
     * @return list<Check>
     */
    public function warnings(): array
    {
        return array_values(array_filter(
            $this->checks,
            static fn (Check $check): bool => \in_array($check->severity, [Severity::Stop, Severity::Warn], true),
        ));
    }

    /**
     * Returns what is wrong with the hole of a bead; null when all that goes through it passes.
     */
    public function tooNarrow(string $bead): ?Check
    {
        foreach ($this->checks as $check) {
            if ('cord-does-not-pass' === $check->code && $bead === ($check->values['bead'] ?? null)) {
                return $check;
            }
        }

        return null;
    }

    /**
     * Returns the counts that depend on how hard knots are pushed.
     *
     * @return list<CountRange>
     */
    public function unsure(): array
    {
        return array_values(array_filter($this->ranges, static fn (CountRange $range): bool => !$range->isSure()));
    }

    public function zone(): FitZone
    {
        return (new EaseScale($this->draft->piece->wearer))->zoneOf($this->draft->worn());
    }

    /**
     * Returns how it fits by its word: a zone of ease, or "as-set" where its length was set, whatever its wearer
     * measures.
     */
    public function fit(): string
    {
        return null === $this->draft->piece->askedLength() ? $this->zone()->value : 'as-set';
    }

    public function worst(): Severity
    {
        return $this->checks[0]->severity ?? Severity::Caution;
    }
}
