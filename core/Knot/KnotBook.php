<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;

/**
 * Every knot as one maker ties it: by their own sample where there is one, else by the model, moved
 * by what is known of their hand.
 */
final readonly class KnotBook
{
    /**
     * @param array<string, Sample>                $samples by the knot's word, "square", "half left", …
     * @param (\Closure(Knot): ?TyingContext)|null $usual   on which ground a maker measures a knot; as it is tied when null
     * @param TensionAdjustment|null               $touch   how their knots differ from the model; not at all when null
     */
    public function __construct(
        private ?Tension $said,
        private array $samples = [],
        private ?\Closure $usual = null,
        private ?TensionAdjustment $touch = null,
    ) {}

    /**
     * Returns what was measured of something that is no knot: "braid", "link", "wave".
     */
    public function sampleOf(string $word): ?Sample
    {
        return $this->samples[$word] ?? null;
    }

    /**
     * Returns what a section that is not tied under tension takes of a cord, by what is known of this maker's hand.
     *
     * @param Length $model as any maker's takes
     */
    public function section(string $word, Cord $cord, Length $model): Length
    {
        [, $more] = $this->touch?->of($word, $cord, false, $this->said) ?? [1.0, 1.0];

        return $model->times($more);
    }

    public function hasSample(Knot $knot): bool
    {
        return isset($this->samples[$knot->word()]);
    }

    /**
     * Returns a knot that $working ties around $core.
     */
    public function around(Knot $knot, Bundle $core, Cord $working): TiedKnot
    {
        return $this->measured($knot, TyingContext::around($core, $working));
    }

    /**
     * Returns a knot that $together cords tie in themselves.
     */
    public function in(Knot $knot, Cord $cord, int $together = 1, ?int $turns = null): TiedKnot
    {
        return $this->measured($knot, TyingContext::itself($cord, $together, $turns ?? $knot->usualTurns() ?? 1));
    }

    /**
     * Returns a knot that $cord ties around one straight $along and that slides on it.
     */
    public function sliding(Knot $knot, Cord $cord, Cord $along, ?int $turns = null): TiedKnot
    {
        return $this->measured($knot, TyingContext::sliding($cord, $along, $turns ?? $knot->usualTurns() ?? 1));
    }

    /**
     * A sample is of the knot on its usual ground and with its usual turns; on another it changes as the model does.
     */
    private function measured(Knot $knot, TyingContext $ground): TiedKnot
    {
        $model = $this->modelled($knot, $ground);
        $sample = $this->samples[$knot->word()] ?? null;

        if (null === $sample) {
            return $model;
        }
        $own = (null === $this->usual ? null : ($this->usual)($knot)) ?? $ground;
        $usual = $this->modelled($knot, $own->usual($knot));

        return new TiedKnot(
            $sample->pitch->times($model->pitch->ratioTo($usual->pitch)),
            $sample->use->times($model->use->ratioTo($usual->use)),
            $model->width,
            $model->thickness,
        );
    }

    /**
     * Returns a knot as the model has it, and as this maker's hand moves that.
     */
    private function modelled(Knot $knot, TyingContext $ground): TiedKnot
    {
        $model = $knot->tied($ground, $this->said ?? Tension::Even);
        [$longer, $more] = $this->touch?->of(
            $knot->word(),
            $ground->cord,
            $knot->manner()->isPushed(),
            $this->said,
        ) ?? [1.0, 1.0];

        return 1.0 === $longer && 1.0 === $more ? $model : new TiedKnot(
            $model->pitch->times($longer),
            Length::longest($model->pitch->times($longer), $model->use->times($more)),
            $model->width,
            $model->thickness,
            $model->raised,
        );
    }
}
