<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan\Internal;

use Rinkel\Core\Construction\Construction;
use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;

/**
 * What the cords have to bear: the weight of the beads, and the pull of knots.
 *
 * @internal
 */
final readonly class Load
{
    /** Leather thinner than this is guided, not jerked; below half of it knots cut it (common practice, judgement). */
    private const DELICATE = 1.0;

    /** In a bracelet the arm bears half of what hangs on the cord at a necklace (judgement). */
    private const ON_ARM = 0.5;

    public function __construct(
        private Draft $draft,
        private Construction $construction,
    ) {}

    /**
     * @return list<Check>
     */
    public function checks(): array
    {
        return [...$this->weight(), ...$this->leather()];
    }

    /**
     * Returns the weight of all beads, in grams.
     */
    public function grams(): float
    {
        $grams = 0.0;
        foreach ($this->draft->beads() as $name => $count) {
            $bead = $this->draft->piece->beads[$name] ?? null;
            $grams += null === $bead ? 0.0 : $count * $bead->weight();
        }

        return $grams;
    }

    /**
     * @return list<Check>
     */
    private function weight(): array
    {
        $ends = $this->construction->ends($this->draft->piece);
        $bears = $ends->count * self::bears($ends->cord);
        $weight = $this->grams() * (BodyPlace::Neck === $this->draft->piece->wearer->place ? 1.0 : self::ON_ARM);

        return $weight <= $bears ? [] : [new Check('too-heavy', Severity::Warn, [
            'weight' => (int) round($this->grams()),
            'bears' => (int) round($bears),
            'cord' => $ends->cord->thickness->written(Unit::Millimetre),
        ])];
    }

    private static function bears(Cord $cord): float
    {
        return $cord->fibre->bears() * $cord->round()->millimetres ** 2;
    }

    /**
     * @return list<Check>
     */
    private function leather(): array
    {
        $thinnest = null;
        foreach (array_diff_key($this->draft->piece->cords, ['slider' => 0]) as $use) {
            $cord = $use->cord;
            if (Fibre::Leather === $cord->fibre && $cord->thickness->millimetres <= self::DELICATE) {
                $thinnest = null === $thinnest || $cord->thickness->isShorterThan($thinnest) ? $cord->thickness : $thinnest;
            }
        }
        $isTooThin = null !== $thinnest && $thinnest->millimetres < self::DELICATE / 2;

        return null === $thinnest ? [] : [new Check(
            $isTooThin ? 'leather-too-thin' : 'leather-delicate',
            $isTooThin ? Severity::Warn : Severity::Hint,
            ['cord' => $thinnest->written(Unit::Millimetre)],
        )];
    }
}
