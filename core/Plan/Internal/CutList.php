<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan\Internal;

use Rinkel\Core\Closure\EndTake;
use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Construction\Leg;
use Rinkel\Core\Construction\Role;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Cutting\CutLeg;
use Rinkel\Core\Cutting\Risk;
use Rinkel\Core\Knot\KnotTake;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\Take;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;

/**
 * What is cut for a draft: of each end of each cord what its lanes take, and what the closure takes where it makes that.
 *
 * @internal
 */
final readonly class CutList
{
    private Runs $runs;

    public function __construct(private Draft $draft)
    {
        $this->runs = new Runs($draft);
    }

    /**
     * @return list<Cut>
     */
    public function cuts(): array
    {
        $cuts = array_map($this->cut(...), $this->draft->construction->roles($this->draft));
        $own = $this->draft->fastened->own;

        return null === $own ? $cuts : [...$cuts, $this->slider($own)];
    }

    private function slider(Length $own): Cut
    {
        $cord = $this->draft->piece->sliderCord() ?? $this->draft->construction->ends($this->draft->piece)->cord;
        $leg = new CutLeg(Take::knots($own->times(0.5)), Take::none(), EndTake::slider(), Length::zero());

        return $this->of('slider', 1, $cord, [$leg, $leg], [new KnotTake('slider', 1.0, false, true, false)]);
    }

    private function cut(Role $role): Cut
    {
        $takes = [];
        foreach ($role->legs as $leg) {
            array_push($takes, ...$this->takes($leg));
        }

        return $this->of(
            $role->name,
            $role->count,
            $this->draft->piece->cord($role->name)->cord,
            array_map(fn (Leg $leg): CutLeg => $this->leg($role, $leg), $role->legs),
            $takes,
        );
    }

    /**
     * @param non-empty-list<CutLeg> $legs
     * @param list<KnotTake>         $takes in knots of the body; what its closure's knots take is added
     */
    private function of(string $role, int $count, Cord $cord, array $legs, array $takes): Cut
    {
        $closure = array_sum(array_map(static fn (CutLeg $leg): float => $leg->closure->knots->millimetres, $legs));

        return Cut::of(
            $role,
            $count,
            $cord,
            $this->draft->piece->habits->cutStep($this->draft->piece->unit),
            $legs,
            $this->draft->piece->hand->spreadOfUse(
                [...$takes, new KnotTake('closure', $closure, false, false, false)],
                $cord,
                $this->draft->piece->tension,
            ),
            Risk::oneIn($this->draft->piece->risk),
        );
    }

    private function leg(Role $role, Leg $leg): CutLeg
    {
        $body = Take::none();
        foreach ($leg->lanes as $lane) {
            $setting = $this->draft->setting;
            $body = $body->plus($leg->halved ? $setting->takeOfHalf($lane) : $setting->take($lane));
        }
        $held = EndTake::held();
        $start = $leg->opens ? $this->draft->fastened->start : $held;
        $finish = $leg->closes ? $this->draft->fastened->finish : $held;
        $closure = self::twisted($start->take, $leg->twist)->plus(self::twisted($finish->take, $leg->twist));
        if ($role->ties && null !== $this->draft->fastened->heads) {
            $closure = $closure->plus(Take::knots($this->draft->fastened->heads->times(0.5)));
        }
        $hand = $this->draft->piece->habits->hold($leg->opens || $leg->closes);
        [$begun, $ended] = [$start->free->length($hand), $finish->free->length($hand)];
        $free = $role->isFolded() ? $role->spare ?? $ended : $role->spare?->times(2) ?? $begun->plus($ended);
        $lead = $start->take->total()->plus($role->spare ?? $begun);

        return new CutLeg($body->times($leg->share), $closure, $free, $role->isFolded() ? Length::zero() : $lead);
    }

    private static function twisted(Take $take, float $twist): Take
    {
        return new Take($take->straight->times($twist), $take->knots);
    }

    /**
     * @return list<KnotTake>
     */
    private function takes(Leg $leg): array
    {
        $uses = [];
        foreach ($this->draft->setting->elements as $element) {
            foreach ($leg->lanes as $lane) {
                $use = ($element->takes[$lane] ?? null)?->knots->millimetres ?? 0.0;
                $free = $this->runs->isFree($element);
                $key = $element->word().($free ? ' free' : '');
                $uses[$key] = [($uses[$key][0] ?? 0.0) + $use, $element, $free];
            }
        }

        return array_values(array_map(
            fn (array $use): KnotTake => $this->take($use[1], $use[0], $use[2]),
            $uses,
        ));
    }

    private function take(Element $element, float $use, bool $free): KnotTake
    {
        return new KnotTake(
            Runs::kind($element),
            $use,
            $free,
            $this->runs->isPushed($element),
            $this->runs->isSampled($element),
        );
    }
}
