<?php

declare(strict_types=1);

namespace Rinkel\Core\Hand;

use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TensionAdjustment;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Stretch;

/**
 * One maker's hand, as far as their samples and pieces tell: by how much their knots differ from the model, and how
 * far the next ones may differ from that.
 */
final class Hand implements TensionAdjustment
{
    /** Beyond so many standard deviations an observation disagrees with the others (judgement). */
    private const ODD = 3.0;

    /** @var array<string, array{float, float}> by kind, cord and what they said */
    private array $moved = [];

    /** @var array<string, Posterior> by what they said of how hard they push */
    private array $posteriors = [];

    /** @var array<string, list<list<float>>> by what they said and what they made */
    private array $covariances = [];

    /** How many observations it is known by. */
    public int $told;

    /**
     * @param list<Observation>      $observations none of a maker about whom nothing is known
     * @param array<string, Stretch> $pulled       what cords gave that they pulled, by the family of the cord
     */
    public function __construct(public readonly array $observations = [], public readonly array $pulled = [])
    {
        $this->told = \count($observations);
    }

    /**
     * Returns what is known by samples, and besides by pieces. Of a cord that was pulled more than once the first given
     * counts.
     *
     * @param array<int|string, OwnSample> $samples by what tells them apart
     * @param list<Observation>            $more
     */
    public static function from(array $samples, array $more = []): self
    {
        $observations = [];
        $pulled = [];
        foreach ($samples as $piece => $sample) {
            $observations[] = $sample->observation((string) $piece);
            $pulled[self::cord($sample->cord())] ??= $sample->stretch();
        }

        return new self([...array_values(array_filter($observations)), ...$more], array_filter($pulled));
    }

    /**
     * Returns the same hand as plans need it: worked out, without what it is known by, however much that is.
     */
    public function settled(): self
    {
        $hand = new self([], $this->pulled);
        $hand->told = $this->told;
        foreach ([null, ...Tension::cases()] as $said) {
            $hand->posteriors[$said->value ?? ''] = $this->knows($said);
        }

        return $hand;
    }

    /**
     * Returns what plans of one piece need of it, so that it can be written down with the piece: whatever becomes of
     * the hand, the piece was planned by this one.
     *
     * @param list<Cord> $cords
     */
    public function about(array $cords, ?Tension $said): self
    {
        $families = array_values(array_unique(array_map(self::cord(...), $cords)));
        $hand = new self([], array_intersect_key($this->pulled, array_flip($families)));
        $hand->told = $this->told;
        foreach ([null, $said] as $one) {
            $hand->posteriors[$one->value ?? ''] = $this->knows($one)->about($families);
        }

        return $hand;
    }

    /**
     * Returns a hand as facts() wrote it down.
     *
     * @param int                      $told       observations by which it was known
     * @param array<string, Stretch>   $pulled
     * @param array<string, Posterior> $posteriors by what they said of how hard they push
     */
    public static function known(int $told, array $pulled, array $posteriors): self
    {
        $hand = new self([], $pulled);
        [$hand->told, $hand->posteriors] = [$told, $posteriors];

        return $hand;
    }

    /**
     * @return array{told: int, pulled: array<string, string>, knows: array<string, array<string, mixed>>}
     */
    public function facts(): array
    {
        return [
            'told' => $this->told,
            'pulled' => array_map(strval(...), $this->pulled),
            'knows' => array_map(static fn (Posterior $one): array => $one->facts(), $this->posteriors),
        ];
    }

    /**
     * Returns by how much such a cord gave that they pulled, null where they pulled none.
     */
    public function pulled(Cord $cord): ?Stretch
    {
        return $this->pulled[self::cord($cord)] ?? null;
    }

    /**
     * Returns the family to which a knot or a section belongs: both ways of a half knot are one.
     */
    public static function kind(string $word): string
    {
        return preg_replace('/ (?:left|right)$/D', '', $word) ?? $word;
    }

    /**
     * Returns the family to which a cord belongs: its fibre and its thickness, to a tenth of a millimetre.
     */
    public static function cord(Cord $cord): string
    {
        return $cord->fibre->value.' '.round($cord->round()->millimetres, 1).' mm';
    }

    /**
     * Returns whether their samples say as much of how hard they push as their own word would.
     */
    public function isKnown(): bool
    {
        return $this->knows(null)->push()[1] <= Priors::push(Tension::Even)[1];
    }

    /**
     * Returns whether nothing is known at all.
     */
    public function isBlank(): bool
    {
        return 0 === $this->told && [] === $this->pulled;
    }

    public function knows(?Tension $said): Posterior
    {
        return $this->posteriors[$said->value ?? ''] ??= new Posterior($this->observations, $said);
    }

    public function of(string $kind, Cord $cord, bool $isPushed, ?Tension $said): array
    {
        if (0 === $this->told) {
            return [1.0, 1.0];
        }
        $family = [self::kind($kind), self::cord($cord)];
        $key = implode(' ', [...$family, $isPushed ? 'pushed' : '', $said->value ?? '']);

        return $this->moved[$key] ??= $this->moved($family[0], $family[1], $isPushed, $said);
    }

    /**
     * @return array{float, float}
     */
    private function moved(string $kind, string $cord, bool $isPushed, ?Tension $said): array
    {
        $learnt = $this->knows($said)->expect($kind, $cord, $isPushed);
        // The model of a hand that was said stands already where its prior does.
        $push = $isPushed ? Priors::push($said)[0] : 0.0;

        return [exp($learnt->pitch + $push), exp($learnt->use - Priors::USE_OF_PUSH * $push)];
    }

    /**
     * Returns how the pitches and the uses of what they make in one piece go together, as covariances of their
     * logarithms: first all pitches, then all uses. What a piece has of its own, all in it have in common.
     *
     * @param list<Made> $made
     *
     * @return list<list<float>>
     */
    public function together(array $made, ?Tension $said): array
    {
        $key = ($said->value ?? '').'|'.implode('|', array_map(static fn (Made $one): string => $one->key, $made));

        return $this->covariances[$key] ??= $this->covaried($made, $said);
    }

    /**
     * @param list<Made> $made
     *
     * @return list<list<float>>
     */
    private function covaried(array $made, ?Tension $said): array
    {
        $terms = [];
        foreach (['pitch', 'use'] as $of) {
            foreach ($made as $one) {
                $terms[] = [$of, $one->kind, $one->cord, $one->isPushed];
            }
        }
        $count = \count($made);
        $own = Priors::PIECE ** 2;
        $covariances = $this->knows($said)->together($terms);
        foreach ($covariances as $i => $row) {
            foreach ($row as $j => $covariance) {
                $isOwn = true === ($made[$i % $count] ?? null)?->isSampled
                    || true === ($made[$j % $count] ?? null)?->isSampled;
                $known = $isOwn ? ($i === $j ? $own : 0.0) : $covariance;
                $covariances[$i][$j] = $known + (intdiv($i, $count) === intdiv($j, $count) ? $own : 0.0);
            }
        }

        return $covariances;
    }

    /**
     * Returns the spread of the length of one knot.
     *
     * @param bool $isSampled whether it was measured for this piece alone
     */
    public function spreadOfPitch(string $kind, Cord $cord, bool $isPushed, bool $isSampled, ?Tension $said): float
    {
        return $isSampled
            ? hypot(Priors::PIECE, Priors::PIECE)
            : $this->knows($said)->expect(self::kind($kind), self::cord($cord), $isPushed)->pitchSpread;
    }

    /**
     * Returns which observations disagree with the others, the worst first left out before the next is judged: how far
     * each is off what the others let expect, in standard deviations of that.
     *
     * @return array<int, float> by the observation's place, none where all agree
     */
    public function odd(?Tension $said): array
    {
        $left = $this->observations;
        $odd = [];
        while (\count($left) > 2) {
            $known = new Posterior(array_values($left), $said);
            $off = array_map(static fn (Observation $one): float => self::off($one, $known), $left);
            $worst = (int) array_search(max($off), $off, true);
            if ($off[$worst] <= self::ODD) {
                break;
            }
            $odd[$worst] = $off[$worst];
            unset($left[$worst]);
        }

        return $odd;
    }

    /**
     * Returns how far an observation is off what all the others let expect, without learning from them again: what it
     * is off what is known with it, over sqrt(v − h), v the variance of its error and h of what is known (the deleted
     * residual of least squares, R. D. Cook and S. Weisberg, 1982, from memory).
     */
    private static function off(Observation $one, Posterior $known): float
    {
        $expected = $known->expect($one->kind, $one->cord, $one->isPushed);
        $piece = Priors::PIECE ** 2;
        $off = static fn (?float $measured, float $mean, float $spread, float $error): float => null === $measured
            ? 0.0
            : abs($measured - $mean) / sqrt(max(1e-9, $error ** 2 + 2 * $piece - $spread ** 2));

        return max(
            $off($one->pitch, $expected->pitch, $expected->pitchSpread, $one->pitchError),
            $off($one->use, $expected->use, $expected->useSpread, $one->useError),
        );
    }
}
