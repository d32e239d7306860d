<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Internal;

use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\Extent;
use Rinkel\Core\Line\Mention;
use Rinkel\Core\Line\Seat;
use Rinkel\Core\Line\Take;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node\BeadBundle;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Pattern\Node\Lane;

/**
 * A folded cord whose two ends carry beads; after each bundle the long end ties a barrel around the short one.
 *
 * @internal
 */
final readonly class WrapMaker extends PartMaker
{
    /** Slack of a loose bundle, of its beads' length (common practice). */
    private const SLACK = 0.2;

    public function ties(Knot $knot): bool
    {
        return Manner::Own === $knot->manner();
    }

    protected function knot(Knots $knots, bool $swapped): Element
    {
        $cord = $this->piece->cord('cord')->cord;
        if (null === $knots->kind->usualTurns()) {
            $both = $this->book->in($knots->kind, $cord, 2);

            return $this->tied($knots, $both, ['long' => Take::knots($both->use), 'short' => Take::knots($both->use)]);
        }
        $tied = $this->book->sliding($knots->kind, $cord, $cord, $knots->wraps);

        return $this->tied($knots, $tied, ['long' => Take::knots($tied->use), 'short' => Take::straight($tied->pitch)]);
    }

    protected function along(Length $length, Length $bulge): array
    {
        return ['long' => Take::straight($length), 'short' => Take::straight($length)];
    }

    protected function bare(): Length
    {
        return $this->piece->cord('cord')->cord->thickness->times(2);
    }

    /**
     * Returns one bundle: both ends' beads side by side, as long as the longer of them.
     */
    protected function bundle(BeadBundle $bundle, bool $swapped): array
    {
        $sides = $swapped && [] !== $bundle->short ? [$bundle->short, $bundle->long] : [$bundle->long, $bundle->short];
        $beads = [];
        $lengths = [];
        foreach ($sides as $i => $names) {
            $run = array_map(
                fn (string $name): Element => $this->bead($bundle, $name, 0 === $i ? Lane::Left : Lane::Right),
                $names,
            );
            $lengths[] = Length::sum(
                ...array_map(static fn (Element $element): Length => $element->extent->length, $run),
            );
            array_push($beads, ...$run);
        }
        $length = Length::longest(...$lengths);
        $widths = array_map(static fn (Element $element): Length => $element->extent->width, $beads);
        $widest = Length::longest(Length::zero(), ...$widths);
        // An eye: both ends bow out around the beads, longer than straight by the slack. Two arcs that stand apart by
        // the width d in their middle are about 2 d² / 3 A shorter along the piece than their length A.
        $arc = $bundle->loose ? $length->times(1 + self::SLACK) : $length;
        $bow = $bundle->loose ? 2 * $widest->millimetres ** 2 / 3 / max(1e-9, $arc->millimetres) : 0.0;
        $along = Length::longest($length, $arc->minus(Length::ofMillimetres($bow)));

        return [
            new Element(
                ElementKind::Beside,
                null,
                extent: new Extent(length: $along, width: $widest->times(2), thickness: $widest),
                takes: $this->along($arc, Length::zero()),
                mention: new Mention(place: $bundle->place(), letter: null),
                seat: new Seat(lane: Lane::Core),
                beside: $beads,
            ),
        ];
    }
}
