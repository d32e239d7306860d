<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

use Rinkel\Core\Cutting\Risk;
use Rinkel\Core\Hand\Belief;
use Rinkel\Core\Hand\Made;
use Rinkel\Core\Hand\Priors;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Work\Acts;

/**
 * What becomes of a piece in the making: how long it comes out and whether its cord is enough, by what is known of its
 * maker's hand and by what was read on the tape.
 *
 * Readings tell of what this piece has of its own, in pitches p and in uses u: its length of p, its cord of u, and
 * through what they have in common each of the other. What is still to come is the same ledger that the cord was cut
 * by, from the act in hand on, with the length that is still to go on the tape.
 *
 * @internal
 */
final readonly class Forecast
{
    /** What reading a tape along the work leaves, in mm, as a standard deviation (judgement). */
    private const TAPE = 1.5;

    /** Nineteen of twenty lie within so many standard deviations. */
    private const WITHIN = 1.96;

    /** What is made mostly, and so tells of the hand. */
    private ?Made $mainly;

    public float $pitch;
    public float $pitchSpread;
    public float $use;
    public float $useSpread;

    /**
     * @param float       $start log of this hand's pitch against an even one
     * @param LengthSoFar $along what is made of the body
     * @param Rest|null   $rest  what the measured end is still used for
     */
    private function __construct(
        private Plan $plan,
        private Worked $worked,
        private TapeReading $reached,
        private Belief $belief,
        private float $start,
        private LengthSoFar $along,
        private ?Rest $rest,
    ) {
        $this->mainly = $along->mainly();
        $key = $this->mainly->key ?? '';
        $this->pitch = $belief->pitches()[$key] ?? 0.0;
        $this->pitchSpread = $belief->spread($key, true);
        $this->use = $belief->uses()[$key] ?? 0.0;
        $this->useSpread = $belief->spread($key, false);
    }

    public static function of(Plan $plan, Acts $acts, TapeReading $reached): self
    {
        $worked = Worked::until($plan, $acts, $reached->moves);
        $along = LengthSoFar::of($acts, $reached->moves, $worked->half);
        $rest = null === $reached->role ? null : Rest::of($plan, $acts, $reached, $worked, $along);
        $made = $along->made;
        foreach (null === $rest ? [] : [...$rest->ledger->made(), ...array_values($rest->doneMade)] as $one) {
            $made[$one->key] ??= $one;
        }
        $made = array_values($made);
        $piece = $plan->draft->piece;
        $belief = Belief::before($made, [] === $made ? [] : $piece->hand->together($made, $piece->tension));
        if (null !== $reached->length) {
            $read = $reached->length->millimetres - $along->doneBare;
            $belief = $read > 0.0 ? $belief->read($read, $along->done, true, self::TAPE) : $belief;
        }
        if (null !== $rest && null !== $rest->used) {
            $used = $rest->used - $rest->doneExact;
            $belief = $used > 0.0 ? $belief->read($used, $rest->done, false, sqrt(2) * self::TAPE) : $belief;
        }
        $main = $along->mainly();
        $start = null === $main ? 0.0 : $piece->hand->knows($piece->tension)->expect(
            $main->kind,
            $main->cord,
            $main->isPushed,
        )->pitch;

        return new self($plan, $worked, $reached, $belief, $start, $along, $rest);
    }

    /**
     * Returns how long the body comes out with the knots that are planned, and between which lengths nineteen of twenty
     * such pieces do.
     *
     * @return array{Length, Length, Length} as expected, least, most
     */
    public function body(): array
    {
        // The reading is in the pitches already, with what the tape leaves open. What no act makes, as what halves hang
        // on, is as long as it is.
        $knots = array_sum($this->along->all);
        $bare = $this->plan->draft->body()->millimetres - $knots;
        $pitches = $this->belief->pitches();
        [$mean, $spread] = [$bare, 0.0];
        foreach ($this->along->all as $key => $length) {
            $mean += $length * exp($pitches[$key] ?? 0.0);
            $spread += $length * exp($pitches[$key] ?? 0.0) * $this->belief->spread((string) $key, true);
        }
        $at = static fn (float $deviations): Length => Length::ofMillimetres(max(
            0.0,
            $knots > 0.0 ? $bare + ($mean - $bare) * exp($deviations * $spread / max(1e-9, $mean - $bare)) : $mean,
        ));

        return [$at(0.0), $at(-self::WITHIN), $at(self::WITHIN)];
    }

    /**
     * Returns how many moves of knots more bring the body to its planned length, fewer when negative; zero while none
     * are tied or none are to come.
     */
    public function more(): int
    {
        if (0 === $this->worked->left || $this->worked->lengths->restKnots <= 0.0) {
            return 0;
        }
        $each = $this->worked->lengths->restKnots / $this->worked->left * exp($this->pitch);

        return (int) round($this->plan->draft->body()->minus($this->body()[0])->millimetres / $each);
    }

    /**
     * Returns between which lengths the knots of the part in hand can be pushed together and drawn apart.
     *
     * @return array{Length, Length}
     */
    public function give(): array
    {
        $straight = $this->worked->lengths->done - $this->worked->lengths->doneKnots;
        $at = fn (float $hand): Length => Length::ofMillimetres(
            $straight + $this->worked->lengths->doneKnots * exp($hand - $this->start),
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
        return null === $this->rest ? null : [
            Length::ofMillimetres($this->rest->ledger->expected($this->belief->pitches(), $this->belief->uses())),
            Length::ofMillimetres($this->most($this->rest)),
        ];
    }

    /**
     * Returns the chance that the measured end is enough, 0 to 1.
     */
    public function suffices(): ?float
    {
        if (null === $this->rest || null === $this->reached->left) {
            return null;
        }

        return $this->rest->ledger->chance(
            ($this->reached->has() ?? $this->reached->left)->millimetres,
            $this->among($this->rest),
            $this->belief->pitches(),
            $this->belief->uses(),
        );
    }

    /**
     * Returns which share of what is still to tie the measured end serves at the risk that its maker accepts, 0 to 1.
     */
    public function serves(): float
    {
        if (null === $this->rest || null === $this->reached->left) {
            return 1.0;
        }
        $along = $this->most($this->rest) - $this->rest->end;
        $has = ($this->reached->has() ?? $this->reached->left)->millimetres;

        return $along <= 0.0 ? 1.0 : max(0.0, min(1.0, ($has - $this->rest->end) / $along));
    }

    /**
     * Returns what the rest of the measured end takes, as expected.
     */
    public function rest(): Length
    {
        return $this->needed()[0] ?? Length::zero();
    }

    /**
     * Returns how long the measured end was when it was cut.
     */
    public function begun(): ?Length
    {
        return $this->rest?->begun;
    }

    private function most(Rest $rest): float
    {
        return $rest->ledger->quantile(
            Risk::oneIn($this->plan->draft->piece->risk)->deviations(),
            $this->among($rest),
            $this->belief->pitches(),
            $this->belief->uses(),
        );
    }

    /**
     * Returns how what the rest is made of goes together, by what is believed now.
     *
     * @return list<list<float>>
     */
    private function among(Rest $rest): array
    {
        $at = [];
        $count = \count($this->belief->made);
        foreach ([0, $count] as $offset) {
            foreach ($rest->ledger->made() as $made) {
                foreach ($this->belief->made as $i => $known) {
                    if ($known->key === $made->key) {
                        $at[] = $offset + $i;
                    }
                }
            }
        }

        return array_map(fn (int $i): array => array_map(
            fn (int $j): float => $this->belief->covariance[$i][$j] ?? 0.0,
            $at,
        ), $at);
    }
}
