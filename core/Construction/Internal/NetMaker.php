<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Internal;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\Plait;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\Extent;
use Rinkel\Core\Line\Mention;
use Rinkel\Core\Line\Seat;
use Rinkel\Core\Line\Take;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node\Braid;
use Rinkel\Core\Pattern\Node\Focal;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Pattern\Node\Net;

/**
 * Folded cords linked at their middles, their ends knotted two by two into a round net, then braided to either side.
 *
 * The net hangs: along the necklace it and its lock bead add nothing. Of every end it takes its rows' spacing and an
 * overhand of two cords in each. Each end runs in one of the two braids, so on average half of what both are long.
 *
 * @internal
 */
final readonly class NetMaker extends PartMaker
{
    public function ties(Knot $knot): bool
    {
        return $knot instanceof Overhand;
    }

    /**
     * A knot gathers the cords of one side: each end is in one of two such.
     */
    protected function knot(Knots $knots, bool $swapped): Element
    {
        $use = $this->piece->cord('mesh');
        $tied = $this->book->in($knots->kind, $use->cord, $use->count);

        return $this->tied($knots, $tied, ['mesh' => Take::knots($tied->use->times(0.5))]);
    }

    protected function parts(): array
    {
        return [
            Braid::class => $this->braid(...),
            Net::class => $this->net(...),
            Focal::class => $this->lock(...),
        ] + parent::parts();
    }

    protected function along(Length $length, Length $bulge): array
    {
        return ['mesh' => Take::straight($length->times(0.5))];
    }

    protected function bare(): Length
    {
        return $this->piece->cord('mesh')->cord->round()->times(3);
    }

    /**
     * @return list<Element>
     */
    private function braid(Braid $braid): array
    {
        $use = $this->piece->cord('mesh');
        $length = $braid->length ?? Length::ofMillimetres(1);
        $plait = (new Plait())->of($use->cord, $use->count, $length);
        $sample = $this->book->sampleOf($braid->word());
        $taken = null === $sample
            ? $this->book->section($braid->word(), $use->cord, $plait->use)
            : $length->times($sample->use->ratioTo($sample->pitch));

        return [new Element(
            ElementKind::Braid,
            null,
            extent: new Extent(
                length: $braid->length ?? Length::zero(),
                width: $plait->width,
                thickness: $plait->thickness,
                stretches: null === $braid->length,
            ),
            takes: ['mesh' => Take::straight($taken->times(0.5))],
            mention: new Mention(place: $braid->place()),
        )];
    }

    /**
     * @return list<Element>
     */
    private function net(Net $net): array
    {
        $use = $this->piece->cord('mesh');
        $knot = $this->book->in(new Overhand(), $use->cord, 2);

        $row = new Element(
            ElementKind::Net,
            null,
            extent: new Extent(
                length: Length::zero(),
                width: $use->cord->round()->times(3),
                thickness: $use->cord->round()->times(2),
            ),
            takes: [
                // From knot to knot, of which the knot has its own length in what it takes.
                'mesh' => new Take(Length::longest(Length::zero(), $net->every->minus($knot->pitch)), $knot->use),
            ],
            mention: new Mention(place: $net->place()),
            seat: new Seat(hangs: true),
        );

        return array_fill(0, $net->rows, $row);
    }

    /**
     * The lock bead hangs with the net: all ends of both sides run down through it.
     *
     * @return list<Element>
     */
    private function lock(Focal $focal): array
    {
        return array_map(static fn (Element $element): Element => new Element(
            $element->kind,
            $element->name,
            extent: new Extent(
                length: Length::zero(),
                width: $element->extent->width,
                thickness: $element->extent->thickness,
            ),
            takes: ['mesh' => Take::straight($element->extent->length)],
            mention: new Mention($element->mention->place),
            seat: new Seat(hangs: true),
        ), $this->focal($focal));
    }
}
