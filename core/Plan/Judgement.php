<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan;

use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\Kind\Breakaway;
use Rinkel\Core\Closure\Kind\SingleBarrel;
use Rinkel\Core\Construction\Construction;
use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Construction\Look;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Fit\EaseScale;
use Rinkel\Core\Fit\FitZone;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\LineSetter;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Material\Hole;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Node\Group;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Plan\Internal\Load;
use Rinkel\Core\Plan\Internal\Remainder;
use Rinkel\Core\Plan\Internal\Stopping;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Remedy;
use Rinkel\Core\Remark\Severity;
use Rinkel\Core\Work\How;
use Rinkel\Core\Work\Sheet;

/**
 * What a maker of experience would say about a planned piece, whatever its construction.
 *
 * @internal
 */
final readonly class Judgement
{
    public function __construct(
        private Draft $draft,
        private Construction $construction,
        private Sheet $sheet,
    ) {}

    /**
     * @return list<Check> worst first
     */
    public function checks(): array
    {
        $checks = array_values(array_filter([
            ...($this->draft->fastened->kind->slides() ? [
                $this->tooLong(),
                $this->cannotOpen(),
            ] : [$this->fit(), $this->cannotPass()]),
            $this->nearer(),
            ...$this->unplaced(),
            ...$this->idle(),
            (new FixedCounts($this->draft))->check(),
            (new Remainder($this->draft))->check(),
            ...$this->draft->fastened->checks,
            ...$this->holes(),
            ...Stopping::checks($this->draft),
            $this->shortage(),
            ...$this->lettersMissing(),
            $this->notSymmetric(),
            ...$this->construction->checks($this->draft),
            ...(new Load($this->draft, $this->construction))->checks(),
            $this->instantGlue(),
            $this->handEstimated(),
            $this->tensionUnsaid(),
            ...$this->ending(),
            ...$this->cautions(),
        ]));
        $order = array_flip(array_map(static fn (Severity $severity): string => $severity->value, Severity::cases()));
        usort(
            $checks,
            static fn (Check $check, Check $other): int => $order[$check->severity->value] <=> $order[$other->severity->value],
        );

        return $checks;
    }

    /**
     * Of two counts that one is chosen which wears better: that the other is nearer to what was wished is told.
     */
    private function nearer(): ?Check
    {
        $nearest = $this->draft->nearest;
        $isShort = null !== $nearest && $nearest->isShorterThan(Length::zero());

        return null === $nearest ? null : new Check('nearer-count', Severity::Hint, [
            'over' => $this->draft->setting->over->absolute(),
            'long' => $this->draft->setting->over->isShorterThan(Length::zero()) ? 'no' : 'yes',
            'nearest' => $nearest->absolute(),
            'side' => $isShort ? 'fewer' : 'more',
        ]);
    }

    /**
     * A finding that no act puts on has no place yet: what hangs can hang in the middle, else it may belong to the
     * closure. The stones of a net are changed at will.
     *
     * @return list<Check>
     */
    private function unplaced(): array
    {
        $piece = $this->draft->piece;
        $placed = [];
        foreach ($this->sheet->acts->all as $act) {
            foreach ($act->stint->things as $name) {
                $placed[$name] = true;
            }
        }
        $checks = [];
        foreach (array_diff_key($piece->findings, $placed) as $name => $finding) {
            if (FindingKind::Stone === $finding->kind && Look::Net === $this->construction->look()) {
                continue;
            }
            $hangs = \in_array($finding->kind, [FindingKind::Charm, FindingKind::Connector], true);
            $named = implode(' ', [...$piece->closure->findings, (string) $name]);
            $takes = \in_array('findings', ClosureOption::here($this->construction->closures(), $piece->closure->kind), true);
            $checks[] = new Check(
                'finding-unplaced',
                Severity::Warn,
                ['finding' => (string) $name, 'hangs' => $hangs ? 'yes' : 'no'],
                match (true) {
                    $hangs => new Remedy('pattern', (string) $piece->pattern->tree->hung((string) $name)),
                    $takes => new Remedy('closure.findings', $named),
                    default => null,
                },
            );
        }

        return $checks;
    }

    /**
     * @return list<Check> one for each cord that nothing is made with
     */
    private function idle(): array
    {
        $used = [];
        foreach ($this->sheet->cords as $cord) {
            $used[$cord->role] = true;
        }

        return array_map(
            static fn (int|string $name): Check => new Check('cord-idle', Severity::Warn, ['cord' => (string) $name]),
            array_keys(array_diff_key($this->draft->piece->cords, $used)),
        );
    }

    private function tooLong(): ?Check
    {
        $draft = $this->draft;
        if (!$draft->closed()->isLongerThan($draft->wished()->plus(LineSetter::tolerance($draft->goal)))) {
            return null;
        }
        $shorter = $this->shortened($draft->ring->wished()->minus($draft->fastened->span->narrow));

        return new Check('band-too-long', Severity::Stop, [
            'closed' => $draft->closed(),
            'wished' => $draft->wished(),
            'over' => $draft->closed()->minus($draft->wished()),
            'pattern' => (string) $shorter,
        ], null === $shorter ? null : new Remedy('pattern', (string) $shorter));
    }

    /**
     * Returns the pattern of one repeated part with as many repeats as fit into $length, or null for any other pattern.
     */
    private function shortened(Length $length): ?Pattern
    {
        $part = $this->draft->piece->pattern->tree->parts[0];
        $count = 1 === \count($this->draft->piece->pattern->tree->parts) && ($part instanceof Group || $part instanceof Knots) ? $part->count() : null;
        if (null === $count || $this->draft->body()->isZero()) {
            return null;
        }
        $fitting = $length->wholeTimes($this->draft->body()->times(1 / $count));

        return $fitting < 1 ? null : new Pattern([$part->times($fitting)]);
    }

    private function cannotOpen(): ?Check
    {
        $draft = $this->draft;
        $needed = Length::longest($draft->piece->wearer->handGirth(), $draft->wished());
        if (null !== $draft->piece->askedLength() || !$draft->open()->isShorterThan($needed)) {
            return null;
        }
        $short = $draft->ring->through($needed)->minus($draft->body()->plus($draft->fastened->span->wide));
        $share = $draft->fastened->kind instanceof SingleBarrel ? 1.0 : 0.5;
        $tail = $draft->fastened->span->tail?->plus($short->times($share))->roundedUpTo(Length::ofMillimetres(1));

        return new Check('cannot-open', Severity::Stop, [
            'open' => $draft->open(),
            'hand' => $needed,
            'short' => $needed->minus($draft->open()),
            'tail' => $tail ?? Length::zero(),
        ], null === $tail ? null : new Remedy('closure.tail', $tail));
    }

    private function fit(): ?Check
    {
        $zone = (new EaseScale($this->draft->piece->wearer))->zoneOf($this->draft->closed());
        if (null !== $this->draft->piece->askedLength() || (FitZone::TooTight !== $zone && FitZone::TooLoose !== $zone)) {
            return null;
        }

        return new Check(
            'fit-'.$zone->value,
            Severity::Warn,
            ['closed' => $this->draft->closed(), 'wished' => $this->draft->wished()],
        );
    }

    private function cannotPass(): ?Check
    {
        $draft = $this->draft;
        $hand = $draft->piece->wearer->handGirth();
        $give = 1 + $this->give();

        return $draft->fastened->kind->passesShut() && $draft->closed()->times($give)->isShorterThan($hand)
            ? new Check('cannot-pass', Severity::Stop, ['closed' => $draft->closed(), 'hand' => $hand])
            : null;
    }

    /**
     * Returns by how much of its length the piece gives: no more than the stiffest of the cords that go around it.
     */
    private function give(): float
    {
        $ends = $this->construction->ends($this->draft->piece)->cord;
        $tasks = [];
        foreach ($this->sheet->cords as $cord) {
            $tasks[$cord->task->value][] = $cord->material;
        }
        foreach ($tasks as $materials) {
            if (\in_array($ends, $materials, true)) {
                return min(array_map(static fn (Cord $cord): float => $cord->give(), $materials));
            }
        }

        return $ends->give();
    }

    /**
     * @return list<Check>
     */
    private function holes(): array
    {
        $checks = [];
        foreach ($this->each() as $element) {
            $bead = null === $element->name ? null : ($this->draft->piece->beads[$element->name] ?? null);
            if (null === $bead || isset($checks[$element->name.$element->seat->lane->value])) {
                continue;
            }
            $passes = $this->construction->passes($this->draft->piece, $element);
            if ([] === $passes) {
                continue;
            }
            $short = (new Hole($bead->hole))->shortfall($passes);
            $severity = $bead->isHoleAssumed() ? Severity::Warn : Severity::Stop;
            $checks[$element->name.$element->seat->lane->value] = $short->isZero()
                ? null
                : new Check('cord-does-not-pass', $severity, [
                    'assumed' => $bead->isHoleAssumed() ? 'yes' : 'no',
                    'bead' => (string) $element->name,
                    'hole' => $bead->hole->written(Unit::Millimetre),
                    'passes' => \count($passes),
                    'cord' => $passes[0]->thickness->written(Unit::Millimetre),
                    'short' => $short->roundedUpTo(Length::ofMillimetres(0.1))->written(Unit::Millimetre),
                    'one' => number_format(
                        (new Hole($bead->hole))->thickestFor(1, $passes[0]->fibre)->millimetres,
                        2,
                        '.',
                        '',
                    ).' mm',
                    'all' => number_format(
                        (new Hole($bead->hole))->thickestFor(\count($passes), $passes[0]->fibre)->millimetres,
                        2,
                        '.',
                        '',
                    ).' mm',
                ]);
        }

        return array_values(array_filter($checks));
    }

    /**
     * Returns the elements of the line, those side by side one by one; each only once, however often it stands there.
     *
     * @return array<int, Element>
     */
    private function each(): array
    {
        $each = [];
        foreach ($this->draft->elements() as $element) {
            if (!isset($each[spl_object_id($element)])) {
                $each[spl_object_id($element)] = $element;
                foreach ($element->beside as $part) {
                    $each[spl_object_id($part)] = $part;
                }
            }
        }

        return $each;
    }

    private function shortage(): ?Check
    {
        $short = $this->draft->setting->shortage;
        if (null === $short) {
            foreach ($this->draft->beads() as $name => $wanted) {
                $stock = $this->draft->piece->beads[$name]->stock ?? null;
                $short = null !== $stock && $stock < $wanted ? [
                    'bead' => $name,
                    'stock' => $stock,
                    'wanted' => $wanted,
                ] : $short;
            }
        } else {
            $short = ['bead' => $short->bead, 'stock' => $short->stock, 'wanted' => $short->wanted];
        }

        return null === $short ? null : new Check('beads-run-out', Severity::Warn, $short);
    }

    /**
     * @return list<Check> one for each letter bead of which some are not at hand
     */
    private function lettersMissing(): array
    {
        $checks = [];
        foreach ($this->draft->letters() as $name => $wanted) {
            $missing = $this->draft->piece->beads[$name]?->letters?->missing($wanted) ?? [];
            if ([] !== $missing) {
                $checks[] = new Check('letters-missing', Severity::Warn, [
                    'bead' => $name,
                    'letters' => implode(', ', array_map(
                        static fn (int|string $letter, int $count): string => $count.' × '.$letter,
                        array_keys($missing),
                        $missing,
                    )),
                ]);
            }
        }

        return $checks;
    }

    /**
     * A focal, or a word, that stands off the middle is rarely meant.
     */
    private function notSymmetric(): ?Check
    {
        $centre = 0.0;
        $weight = 0;
        foreach ($this->draft->setting->starts() as $i => $start) {
            $element = $this->draft->setting->elements[$i];
            if (ElementKind::Focal === $element->kind || ElementKind::Letter === $element->kind) {
                $centre += $start + $element->extent->length->millimetres / 2;
                ++$weight;
            }
        }
        $off = 0 === $weight ? 0.0 : $centre / $weight - $this->draft->body()->millimetres / 2;

        return abs($off) < 1 ? null : new Check(
            'not-symmetric',
            Severity::Hint,
            ['off' => Length::ofMillimetres(abs($off))],
        );
    }

    private function instantGlue(): ?Check
    {
        $glass = array_filter(
            array_keys($this->draft->beads()),
            fn (string $name): bool => true === ($this->draft->piece->beads[$name] ?? null)?->isGlass(),
        );

        return $this->draft->piece->instantGlue && [] !== $glass
            ? new Check('instant-glue-near-glass', Severity::Warn, ['bead' => implode(', ', $glass)])
            : null;
    }

    /**
     * Says what the cords are cut for as long as nobody knows how hard knots are pushed.
     */
    private function tensionUnsaid(): ?Check
    {
        $unsaid = null === $this->draft->piece->tension && !$this->draft->piece->hand->isKnown();
        foreach ($unsaid ? $this->draft->elements() : [] as $element) {
            if ($element->isPushed() && !$element->isSampledIn($this->draft->piece->knots())) {
                return new Check('tension-unsaid', Severity::Hint, ['knot' => $element->word()]);
            }
        }

        return null;
    }

    private function handEstimated(): ?Check
    {
        $wearer = $this->draft->piece->wearer;
        if (null !== $wearer->hand || $this->draft->fastened->kind->opensFully() || null !== $this->draft->piece->askedLength()) {
            return null;
        }

        return new Check(
            'hand-estimated',
            Severity::Hint,
            ['hand' => $wearer->handGirth(), 'ratio' => $wearer->ratio(), 'place' => $wearer->place->value],
        );
    }

    /**
     * @return list<Check>
     */
    private function ending(): array
    {
        $slides = $this->draft->fastened->kind->slides();
        $glued = $this->draft->piece->closure->knot->glued;

        return [
            ...$this->finishing()->checks(),
            ...($slides ? [
                new Check($glued ? 'slider-glued' : 'slider-no-glue', $glued ? Severity::Stop : Severity::Hint),
            ] : []),
        ];
    }

    /**
     * @return list<Finding> that go on the piece while it is made
     */
    private function used(): array
    {
        $findings = array_column($this->draft->fastened->parts(), 1, 0) + $this->draft->piece->findings;
        $used = [];
        foreach ($this->sheet->acts->all as $act) {
            foreach ($act->stint->things as $name) {
                $used[$name] = $findings[$name] ?? null;
            }
        }

        return array_values(array_filter($used));
    }

    /**
     * @return list<Check>
     */
    private function cautions(): array
    {
        $piece = $this->draft->piece;
        $kind = $this->draft->fastened->kind;
        $used = $this->used();
        $nickel = array_filter($used, static fn (Finding $finding): bool => $finding->nickel);
        $metal = array_filter($used, static fn (Finding $finding): bool => $finding->kind->isMetal());
        $isNecklace = BodyPlace::Neck === $piece->wearer->place;

        return [
            ...($piece->forChild && $isNecklace && !$kind instanceof Breakaway ? [
                new Check('child-needs-breakaway', Severity::Stop),
            ] : []),
            ...($piece->forChild && \in_array('magnets', $kind->cautions(), true) ? [
                new Check('magnets-for-a-child', Severity::Stop),
            ] : []),
            ...($this->finishing()->has(How::Singe) ? [new Check('open-flame', Severity::Caution)] : []),
            ...($this->finishing()->has(How::Glue) ? [new Check('glue-fumes', Severity::Caution)] : []),
            ...($this->finishing()->has(How::Varnish) ? [new Check('varnish-fumes', Severity::Caution)] : []),
            new Check('small-parts', Severity::Caution),
            ...($isNecklace && !$piece->forChild ? [
                new Check('necklace-catches', Severity::Caution),
            ] : []),
            ...array_map(static fn (string $code): Check => new Check($code, Severity::Caution), $kind->cautions()),
            ...([] === $metal && [] === $nickel ? [] : [
                new Check('nickel', Severity::Caution, ['known' => [] === $nickel ? 'no' : 'yes']),
            ]),
        ];
    }

    private function finishing(): Finishing
    {
        return new Finishing($this->sheet, $this->draft->piece->habits);
    }
}
