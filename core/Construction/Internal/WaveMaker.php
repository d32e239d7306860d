<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Internal;

use Rinkel\Core\Knot\Ground;
use Rinkel\Core\Knot\Kind\VerticalLarksHead;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\Take;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Pattern\Node\Wave;

/**
 * Waves of two arms, each of one core and one working cord: in every step a vertical lark's head, a round bead on the
 * core and seed beads outside; square knots around both cores join the arms again.
 *
 * Even beside the joins the rounds of both arms must lie side by side: of k steps the first stands half a round off the
 * middle. So an arm rises by f = r / (1 − (1 − 1/k)²) (a flat arc is a parabola); of length S it turns through a half
 * angle a = 4 f / S, and the wave is S sin(a) / a long along the piece.
 *
 * @internal
 */
final readonly class WaveMaker extends BandMaker
{
    /**
     * Returns how many seed beads go around the outer side of a round.
     */
    public static function seedsAround(Bead $round, Bead $seed, Cord $working): int
    {
        return max(1, (int) floor(self::around($round, $seed, $working)->ratioTo($seed->length) + 1e-9));
    }

    /**
     * Returns the way around the outer side of a round from knot to knot: half an ellipse whose axes are the round and
     * a seed bead along the core, and the round with a seed bead on it (pi times the mean square of the half axes),
     * less a cord at either end where the knots turn out.
     */
    public static function around(Bead $round, Bead $seed, Cord $working): Length
    {
        $along = ($round->length->millimetres + $seed->length->millimetres) / 2;
        $out = ($round->diameter->millimetres + $seed->diameter->millimetres) / 2;

        return Length::ofMillimetres(
            max(
                $seed->length->millimetres,
                \M_PI * sqrt(($along ** 2 + $out ** 2) / 2) - 2 * $working->round()->millimetres,
            ),
        );
    }

    /**
     * Returns how far an arm of $steps stands off the middle where it stands off most.
     */
    public static function rise(Length $round, int $steps): Length
    {
        return $round->times(0.5 / (1 - (1 - 1 / max(1, $steps)) ** 2));
    }

    /**
     * Returns half of the angle that an arm turns through.
     */
    public static function halfAngle(Length $arm, Length $rise): float
    {
        return min(\M_PI / 2, 4 * $rise->millimetres / max(1e-9, $arm->millimetres));
    }

    /**
     * The lark's heads of an arm are tied around its one core.
     */
    public function ground(Knot $knot): ?Ground
    {
        return $knot->word() === (new VerticalLarksHead())->word()
            ? Ground::around(
                new Bundle($this->piece->cord('core')->cord->round(), 1),
                $this->pairs[(string) array_key_first($this->pairs)]->cord,
            )
            : parent::ground($knot);
    }

    protected function parts(): array
    {
        return [Wave::class => $this->wave(...)] + parent::parts();
    }

    /**
     * @return list<Element>
     */
    private function wave(Wave $wave): array
    {
        [$round, $seed] = [$this->known($wave, $wave->round), $this->known($wave, $wave->seed)];
        $role = (string) array_key_first($this->pairs);
        $working = $this->pairs[$role]->cord;
        $head = $this->book->around(
            new VerticalLarksHead(),
            new Bundle($this->piece->cord('core')->cord->round(), 1),
            $working,
        );
        $seeds = $wave->seeds ?? self::seedsAround($round, $seed, $working);
        $arm = $round->length->plus($head->pitch)->times($wave->steps)->plus($head->pitch);
        $rise = self::rise($round->diameter, $wave->steps);
        $angle = self::halfAngle($arm, $rise);
        $sample = $this->book->sampleOf($wave->word());
        $along = $sample->pitch ?? $arm->times(sin($angle) / max(1e-9, $angle));
        $outside = Length::longest($seed->length->times($seeds), self::around($round, $seed, $working));
        $width = $rise->times(2)->plus($round->diameter)->plus($seed->diameter->times(2));
        $step = [
            $this->bead($wave, $wave->round, Lane::Core),
            ...array_fill(0, $seeds, $this->bead($wave, $wave->seed, Lane::Left)),
        ];

        return [new Element(
            ElementKind::Wave,
            null,
            $along,
            $width,
            Length::longest($round->diameter, $seed->diameter),
            [
                'core' => Take::straight($arm),
                $role => null === $sample
                    ? new Take($outside->times($wave->steps), $head->use->times($wave->steps + 1))
                    : Take::knots($sample->use),
            ],
            $wave->place(),
            beside: array_merge(...array_fill(0, 2 * $wave->steps, $step)),
        )];
    }
}
