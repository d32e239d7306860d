<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan;

use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Hand\Expectation;
use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Hand\Observation;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\OnEnd;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\PieceSpec;

/**
 * What a finished piece tells of its maker's hand: how long it came out and what was left of its cords, against what it
 * was planned, as far as one kind of knot makes nearly all of that.
 *
 * @internal
 */
final readonly class Finished
{
    /**
     * Such a share of a cord's knots, or of a body's, has to be of one kind for the piece to tell of it (judgement).
     */
    private const NEARLY_ALL = 0.8;

    /** What reading a tape along a finished piece leaves, in mm, as a standard deviation (judgement). */
    private const TAPE = 1.5;

    private Plan $even;

    /**
     * @param PieceSpec             $wish  as it was decided when it was planned
     * @param Plan                  $plan  by which it was cut
     * @param Length|null           $body  how long it came out, null where nobody measured
     * @param int|null              $knots tied of the kind that makes most of it, as planned when null
     * @param array<string, Length> $left  of each cord, trimmed ends with it, by role
     * @param array<string, Length> $cut   how long each cord was cut in fact, by role; as planned where nobody says
     */
    public function __construct(
        PieceSpec $wish,
        private Plan $plan,
        private ?Length $body = null,
        private ?int $knots = null,
        private array $left = [],
        private array $cut = [],
    ) {
        $this->even = (new Planner())->plan($wish->withTension(Tension::Even));
    }

    /**
     * Returns the kind of knot that makes nearly all of the body's knotted length, by its word; null when none does.
     */
    public function kind(): ?string
    {
        $lengths = [];
        foreach ($this->plan->draft->setting->elements as $element) {
            if (null !== $element->knot) {
                $lengths[$element->word()] = ($lengths[$element->word()] ?? 0.0)
                    + $element->extent->length->millimetres;
            }
        }
        arsort($lengths);
        $word = array_key_first($lengths);

        return null !== $word && $lengths[$word] >= self::NEARLY_ALL * array_sum($lengths) ? $word : null;
    }

    /**
     * Returns how many of that kind were planned.
     */
    public function planned(): int
    {
        return \count($this->of($this->plan));
    }

    /**
     * @param string $piece by which it is told from others
     *
     * @return list<Observation>
     */
    public function observations(string $piece): array
    {
        $mine = $this->of($this->plan);
        $model = $this->of($this->even)[0] ?? null;
        if ([] === $mine || null === $model || null === $model->knot) {
            return [];
        }
        $count = $this->knots ?? \count($mine);
        $pushed = $model->knot->manner()->isPushed();
        $kind = Hand::kind($model->word());
        $observations = [];
        $length = $this->lengthOf($mine);
        if (null !== $length && $length > 0.0) {
            $cord = Hand::cord($this->plan->draft->piece->cord($this->tying($mine[0]))->cord);
            $pitch = log($length / ($count * $model->extent->length->millimetres));
            $observations[] = new Observation($piece, $kind, $cord, $pitch, self::TAPE / $length, null, 1.0, $pushed);
        }
        foreach ($this->plan->cuts as $cut) {
            $used = $this->usedOf($cut, $mine);
            $one = $this->oneOf($cut);
            if (null !== $used && $used > 0.0 && $one > 0.0) {
                $use = log($used / ($count * $one));
                $error = sqrt(2) * self::TAPE / $used;
                $observations[] = new Observation(
                    $piece,
                    $kind,
                    Hand::cord($cut->cord),
                    null,
                    1.0,
                    $use,
                    $error,
                    $pushed,
                );
            }
        }

        return $observations;
    }

    /**
     * Returns how far what was measured is off what was planned for this hand, in the spreads that such pieces have:
     * "body", and "left.<cord>" of each cord.
     *
     * @return array<string, float>
     */
    public function far(): array
    {
        $mine = $this->of($this->plan);
        $piece = $this->plan->draft->piece;
        if ([] === $mine || null === $mine[0]->knot) {
            return [];
        }
        $times = ($this->knots ?? \count($mine)) / \count($mine);
        $known = static fn (Cord $cord): Expectation => $piece->hand->knows($piece->tension)->expect(
            Hand::kind($mine[0]->word()),
            Hand::cord($cord),
            $mine[0]->knot->manner()->isPushed(),
        );
        $off = static fn (float $real, float $planned, float $spread): float => $real <= 0.0 || $planned <= 0.0
            ? \INF : abs(log($real / $planned)) / $spread;
        $far = [];
        $length = $this->lengthOf($mine);
        if (null !== $length) {
            $planned = array_sum(
                array_map(static fn (Element $knot): float => $knot->extent->length->millimetres, $mine),
            );
            $cord = $piece->cord($this->tying($mine[0]))->cord;
            $far['body'] = $off($length, $times * $planned, $known($cord)->pitchSpread);
        }
        foreach ($this->plan->cuts as $cut) {
            $used = $this->usedOf($cut, $mine);
            if (null !== $used) {
                $planned = $times * $this->plan->sheet->tiedOf($cut, $mine[0]->word());
                $far['left.'.$cut->role] = $off($used, $planned, $known($cut->cord)->useSpread);
            }
        }

        return $far;
    }

    /**
     * @return list<Element>
     */
    private function of(Plan $plan): array
    {
        $kind = $this->kind();

        return array_values(array_filter(
            $plan->draft->setting->elements,
            static fn (Element $element): bool => null !== $kind
                && null !== $element->knot
                && $element->word() === $kind,
        ));
    }

    /**
     * Returns how long the knots of that kind came out together: what is no knot of it is as long as planned.
     *
     * @param list<Element> $knots
     */
    private function lengthOf(array $knots): ?float
    {
        $planned = array_sum(array_map(static fn (Element $knot): float => $knot->extent->length->millimetres, $knots));

        return null === $this->body
            ? null
            : $planned + $this->body->minus($this->plan->draft->body())->millimetres;
    }

    /**
     * Returns what all knots of that kind took of one cord, both its ends together: what runs straight, and what the
     * closure took, is as planned. Null where nobody measured, or other knots took too much of it.
     *
     * @param list<Element> $knots
     */
    private function usedOf(Cut $cut, array $knots): ?float
    {
        $left = $this->left[$cut->role] ?? null;
        $planned = [] === $knots ? 0.0 : $this->plan->sheet->tiedOf($cut, $knots[0]->word());
        $all = $cut->part('knots')->millimetres;
        if (null === $left || $all <= 0.0 || $planned < self::NEARLY_ALL * $all) {
            return null;
        }

        return ($this->cut[$cut->role] ?? $cut->length)->minus($left)->minus($cut->part('straight'))->minus($cut->part('closure'))
            ->millimetres - ($all - $planned);
    }

    /**
     * Returns what one knot of that kind takes of a cord, with both its ends, in an even hand.
     */
    private function oneOf(Cut $cut): float
    {
        $kind = $this->kind();
        $even = array_values(array_filter(
            $this->even->cuts,
            static fn (Cut $one): bool => $one->role === $cut->role,
        ))[0] ?? null;
        $count = \count($this->of($this->even));

        return null === $kind || null === $even || 0 === $count
            ? 0.0
            : $this->even->sheet->tiedOf($even, $kind) / $count;
    }

    private function tying(Element $knot): string
    {
        foreach ($knot->takes as $lane => $take) {
            $role = OnEnd::role((string) $lane);
            if ($take->ties() && isset($this->plan->draft->piece->cords[$role])) {
                return $role;
            }
        }

        return (string) array_key_first($this->plan->draft->piece->cords);
    }
}
