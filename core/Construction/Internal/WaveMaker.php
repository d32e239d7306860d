<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Internal;

use Rinkel\Core\Knot\Kind\VerticalLarksHead;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\TyingContext;
use Rinkel\Core\Knot\WaveArm;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\Extent;
use Rinkel\Core\Line\Mention;
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
 * @internal
 */
final readonly class WaveMaker extends BandMaker
{
    /**
     * The lark's heads of an arm are tied around its one core.
     */
    public function ground(Knot $knot): ?TyingContext
    {
        return $knot->word() === (new VerticalLarksHead())->word()
            ? TyingContext::around(
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
        $arm = new WaveArm($round, $seed, $working, $wave->steps, $wave->seeds);
        $sample = $this->book->sampleOf($wave->word());
        $width = $arm->rise()->times(2)->plus($round->diameter)->plus($seed->diameter->times(2));
        $step = [
            $this->bead($wave, $wave->round, Lane::Core),
            ...array_fill(0, $arm->seeds, $this->bead($wave, $wave->seed, Lane::Left)),
        ];

        return [new Element(
            ElementKind::Wave,
            null,
            extent: new Extent(
                length: $sample->pitch ?? $arm->along($head->pitch),
                width: $width,
                thickness: Length::longest($round->diameter, $seed->diameter),
            ),
            takes: [
                'core' => Take::straight($arm->long($head->pitch)),
                $role => null === $sample
                    ? new Take($arm->outside(), $head->use->times($arm->heads()))
                    : Take::knots($sample->use),
            ],
            mention: new Mention(place: $wave->place()),
            beside: array_merge(...array_fill(0, 2 * $wave->steps, $step)),
        )];
    }
}
