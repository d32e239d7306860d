<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Cutting\Risk;
use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Hand\Priors;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Plan;

/**
 * What becomes of a piece in the making: how long it comes out and whether its cord is enough, by what is known of its
 * maker's hand and by what was read on the tape.
 *
 * What this piece has of its own, in pitch p and in use u (logarithms against the plan), is normal with the spreads
 * that the hand's samples leave; a reading of its length tells of p, one of its cord of u, and of both together.
 */
final readonly class Forecast
{
    /** What reading a tape along the work leaves, in mm, as a standard deviation (judgement). */
    private const TAPE = 1.5;

    /** Nineteen of twenty lie within so many standard deviations. */
    private const WITHIN = 1.96;

    /**
     * @param float    $pitch    p, and how sure it is
     * @param float    $use      u, and how sure it is
     * @param float    $together how p and u go together, as a covariance
     * @param float    $start    log of this hand's pitch against an even one
     * @param Cut|null $cut      of the cord that was measured
     */
    private function __construct(
        private Plan $plan,
        private Worked $worked,
        private Reached $reached,
        public float $pitch,
        public float $pitchSpread,
        public float $use,
        public float $useSpread,
        private float $together,
        private float $start,
        private ?Cut $cut,
    ) {}

    public static function of(Plan $plan, Steps $steps, Reached $reached): self
    {
        $worked = Worked::until($plan, $steps, $reached->moves);
        [$kind, $cord, $isPushed] = self::mainly($plan, $steps);
        $piece = $plan->draft->piece;
        $hand = $piece->hand->knows($piece->tension)->expect(Hand::kind($kind), Hand::cord($cord), $isPushed);
        $together = ($hand->pitchSpread ** 2 + $hand->useSpread ** 2 - $hand->perLengthSpread ** 2) / 2;
        $cut = null === $reached->role ? null : $worked->cut($reached->role);
        $known = new self(
            $plan,
            $worked,
            $reached,
            0.0,
            $hand->pitchSpread,
            0.0,
            $hand->useSpread,
            $together,
            $hand->pitch,
            $cut,
        );

        return $known->told($known->readPitch(), true)->told($known->readUse(), false);
    }

    /**
     * Returns how long the body comes out with the knots that are planned, and between which lengths nineteen of twenty
     * such pieces do.
     *
     * @return array{Length, Length, Length} as expected, least, most
     */
    public function body(): array
    {
        // The reading is in the pitch already, with what the tape leaves open. What no step makes, as what halves hang
        // on, is as long as it is.
        $knots = $this->worked->doneKnots + $this->worked->restKnots + $this->worked->otherKnots;
        $straight = $this->plan->draft->body()->millimetres - $knots;
        $at = static fn (float $pitch): Length => Length::ofMillimetres($straight + $knots * exp($pitch));

        return [
            $at($this->pitch),
            $at($this->pitch - self::WITHIN * $this->pitchSpread),
            $at($this->pitch + self::WITHIN * $this->pitchSpread),
        ];
    }

    /**
     * Returns how many moves of knots more bring the body to its planned length, fewer when negative; nought while none
     * are tied or none are to come.
     */
    public function more(): int
    {
        if (0 === $this->worked->left || $this->worked->restKnots <= 0.0) {
            return 0;
        }
        $each = $this->worked->restKnots / $this->worked->left * exp($this->pitch);

        return (int) round($this->plan->draft->body()->minus($this->body()[0])->millimetres / $each);
    }

    /**
     * Returns between which lengths the knots of the part in hand can be pushed together and drawn apart.
     *
     * @return array{Length, Length}
     */
    public function give(): array
    {
        $straight = $this->worked->done - $this->worked->doneKnots;
        $at = fn (float $hand): Length => Length::ofMillimetres(
            $straight + $this->worked->doneKnots * exp($hand - $this->start),
        );
        $now = $this->start + $this->pitch;

        // As far as a firm and a loose hand tie; pushed by s a knot is s shorter.
        return [
            $at(min($now, -Priors::push(Tension::Firm)[0])),
            $at(max($now, -Priors::push(Tension::Loose)[0])),
        ];
    }

    /**
     * Returns what each end of the measured cord still needs, with the knots bound by the length: as expected, and so
     * much that it runs short only as often as its maker accepts.
     *
     * @return array{Length, Length}|null null where no cord was measured
     */
    public function needed(): ?array
    {
        if (null === $this->cut) {
            return null;
        }
        [$knots, $rest] = $this->perEnd($this->cut);
        $mean = $this->use - $this->pitch;
        $most = $mean + Risk::oneIn($this->plan->draft->piece->risk)->deviations() * $this->spread();

        return [
            Length::ofMillimetres($rest + $knots * exp($mean)),
            Length::ofMillimetres($rest + $knots * exp($most)),
        ];
    }

    /**
     * Returns the chance that the measured end is enough, 0 to 1.
     */
    public function suffices(): ?float
    {
        if (null === $this->cut || null === $this->reached->left) {
            return null;
        }
        [$knots, $rest] = $this->perEnd($this->cut);
        $over = ($this->reached->has() ?? $this->reached->left)->millimetres - $rest;
        if ($knots <= 0.0) {
            return $over >= 0.0 ? 1.0 : 0.0;
        }

        return $over <= 0.0
            ? 0.0
            : self::below((log($over / $knots) - ($this->use - $this->pitch)) / max(1e-6, $this->spread()));
    }

    /**
     * Returns which share of what is still to tie the measured end serves at the risk that its maker accepts, 0 to 1.
     */
    public function serves(): float
    {
        if (null === $this->cut || null === $this->reached->left) {
            return 1.0;
        }
        [$knots, $rest] = $this->perEnd($this->cut);
        $end = $this->endOf($this->cut);
        $most = $this->use - $this->pitch
            + Risk::oneIn($this->plan->draft->piece->risk)->deviations() * $this->spread();
        $along = $knots * exp($most) + $rest - $end;

        return $along <= 0.0 ? 1.0 : max(
            0.0,
            min(1.0, (($this->reached->has() ?? $this->reached->left)->millimetres - $end) / $along),
        );
    }

    /**
     * Returns what the rest of one end of a cord takes straight and in knots, in the plan.
     */
    public function rest(Cut $cut): Length
    {
        [$knots, $rest] = $this->perEnd($cut);

        return Length::ofMillimetres($rest + $knots * exp($this->use - $this->pitch));
    }

    /**
     * Returns the spread of use per length, as a standard deviation of its logarithm.
     */
    private function spread(): float
    {
        return sqrt(max(0.0, $this->useSpread ** 2 + $this->pitchSpread ** 2 - 2 * $this->together));
    }

    /**
     * @return array{float, float} what knots of the body still take of one end, and what all else does, in mm
     */
    private function perEnd(Cut $cut): array
    {
        $ends = $cut->folded ? 2 : 1;
        $share = 1 - $this->worked->share;

        return [
            $cut->part('knots')->millimetres / $ends * $share,
            $cut->part('straight')->millimetres / $ends * $share + $this->endOf($cut),
        ];
    }

    /**
     * Returns what the closure and the handling of one end take, in mm.
     */
    private function endOf(Cut $cut): float
    {
        $ends = $cut->folded ? 2 : 1;
        $both = $cut->part('closure')->plus($cut->part('ends'))->millimetres / $ends;

        return $cut->folded ? $both : max(0.0, $both - ($cut->begin->millimetres ?? 0.0));
    }

    /**
     * @return array{float, float}|null what the length says of p, and how sure
     */
    private function readPitch(): ?array
    {
        $knots = $this->worked->doneKnots;
        $measured = ($this->reached->length->millimetres ?? 0.0) - ($this->worked->done - $knots);

        return null === $this->reached->length || $knots <= 0.0 || $measured <= 0.0
            ? null
            : [log($measured / $knots), self::TAPE / $measured];
    }

    /**
     * @return array{float, float}|null what the cord says of u, and how sure
     */
    private function readUse(): ?array
    {
        if (null === $this->cut || null === $this->reached->left || $this->worked->share <= 0.0) {
            return null;
        }
        $ends = $this->cut->folded ? 2 : 1;
        $begun = $this->cut->folded
            ? ($this->cut->fold ?? $this->cut->length->times(0.5))->millimetres
            : $this->cut->length->minus($this->cut->begin ?? Length::zero())->millimetres;
        $straight = $this->cut->part('straight')->millimetres / $ends * $this->worked->share;
        $planned = $this->cut->part('knots')->millimetres / $ends * $this->worked->share;
        $used = $begun - $this->reached->left->millimetres - $straight;

        return $planned <= 0.0 || $used <= 0.0
            ? null
            : [log($used / $planned), sqrt(2) * self::TAPE / $used];
    }

    /**
     * Returns what is known after a reading of p or of u: the other moves with it as far as they go together.
     *
     * @param array{float, float}|null $reading and how sure it is
     */
    private function told(?array $reading, bool $ofPitch): self
    {
        if (null === $reading) {
            return $this;
        }
        [$own, $other] = $ofPitch ? [$this->pitchSpread, $this->useSpread] : [$this->useSpread, $this->pitchSpread];
        $weight = 1 / ($own ** 2 + $reading[1] ** 2);
        $off = $reading[0] - ($ofPitch ? $this->pitch : $this->use);
        $moved = [$own ** 2 * $weight * $off, $this->together * $weight * $off];
        $spreads = [
            sqrt($own ** 2 * (1 - $own ** 2 * $weight)),
            sqrt(max(0.0, $other ** 2 - $this->together ** 2 * $weight)),
        ];
        [$pitch, $use] = $ofPitch ? [0, 1] : [1, 0];

        return new self(
            $this->plan,
            $this->worked,
            $this->reached,
            $this->pitch + $moved[$pitch],
            $spreads[$pitch],
            $this->use + $moved[$use],
            $spreads[$use],
            $this->together * (1 - $own ** 2 * $weight),
            $this->start,
            $this->cut,
        );
    }

    /**
     * Returns the kind of knot that makes most of the body, the cord that ties it, and whether such knots are pushed.
     *
     * @return array{string, Cord, bool}
     */
    private static function mainly(Plan $plan, Steps $steps): array
    {
        $lengths = [];
        $roles = [];
        foreach ($steps->all as $step) {
            $knot = $step->move(0)->knot;
            if (null !== $knot && null !== $step->due && null !== $step->from) {
                $lengths[$knot] = ($lengths[$knot] ?? 0.0) + $step->due->minus($step->from)->millimetres;
                $roles[$knot] ??= $step->role;
            }
        }
        arsort($lengths);
        $kind = (string) (array_key_first($lengths) ?? 'square');
        $piece = $plan->draft->piece;
        $use = $piece->cords[$roles[$kind] ?? ''] ?? $plan->draft->construction->ends($piece);
        foreach ($plan->draft->setting->elements as $element) {
            if ($element->word() === $kind) {
                return [$kind, $use->cord, true === $element->knot?->manner()->isPushed()];
            }
        }

        return [$kind, $use->cord, true];
    }

    /**
     * Returns how often a normal variable lies below so many standard deviations (Abramowitz and Stegun, Handbook of
     * Mathematical Functions, 26.2.17; to 7.5e-8).
     */
    private static function below(float $deviations): float
    {
        $t = 1 / (1 + 0.2316419 * abs($deviations));
        $tail = exp(-$deviations ** 2 / 2) / sqrt(2 * \M_PI) * $t * (0.319381530 + $t * (-0.356563782
            + $t * (1.781477937 + $t * (-1.821255978 + $t * 1.330274429))));

        return $deviations > 0 ? 1 - $tail : $tail;
    }
}
