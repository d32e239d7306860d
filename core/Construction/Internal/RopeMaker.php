<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Internal;

use Rinkel\Core\Construction\RopeKnot;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\Take;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Lay;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node\Binding;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Piece\Piece;

/**
 * Two rope loops, each of one or several ropes side by side, with a knot of both in the middle and two legs of each
 * loop to either end; bound there with thread.
 *
 * Each rope runs twice along its half and once through the knot: over the whole line once along, as both halves are
 * alike.
 *
 * @internal
 */
final readonly class RopeMaker extends PartMaker
{
    /** How many ropes lie side by side in each loop. */
    private int $count;

    public function __construct(Piece $piece)
    {
        parent::__construct($piece);
        $this->count = RopeKnot::count($piece);
    }

    public function ties(Knot $knot): bool
    {
        return \in_array($knot->manner(), [Manner::Woven, Manner::Bound], true);
    }

    protected function parts(): array
    {
        return [Binding::class => $this->binding(...)] + parent::parts();
    }

    protected function knot(Knots $knots, bool $swapped): Element
    {
        if (Manner::Woven === $knots->kind->manner()) {
            $tied = $this->book->in($knots->kind, $this->thickest(), $this->count);

            return $this->tied($knots, $tied, $this->each(Take::knots($tied->use)) + ['thread' => Take::none()]);
        }
        $thread = $this->piece->cord('thread')->cord;
        $tied = $this->book->around(
            $knots->kind,
            new Bundle($this->thickest()->round(), 2 * $this->count, Lay::Flat),
            $thread,
        );
        // The ropes lie flat side by side under it.
        $flat = new TiedKnot(
            $tied->pitch,
            $tied->use,
            $this->bare(),
            $this->bareThickness()->plus($thread->round()->times(2)),
        );

        return $this->tied(
            $knots,
            $flat,
            $this->each(Take::straight($tied->pitch)) + ['thread' => Take::knots($tied->use)],
        );
    }

    protected function along(Length $length, Length $bulge): array
    {
        return $this->each(Take::straight($length)) + ['thread' => Take::none()];
    }

    protected function bare(): Length
    {
        return $this->thickest()->round()->times(2 * $this->count);
    }

    protected function bareThickness(): Length
    {
        return $this->thickest()->round();
    }

    /**
     * Returns the thickest rope, by which the knot is as large as it is.
     */
    private function thickest(): Cord
    {
        $thickest = $this->piece->cord('rope')->cord;
        foreach (array_merge(...RopeKnot::loops($this->piece)) as $name) {
            $cord = $this->piece->cord($name)->cord;
            $thickest = $cord->round()->isLongerThan($thickest->round()) ? $cord : $thickest;
        }

        return $thickest;
    }

    /**
     * @return array<string, Take>
     */
    private function each(Take $take): array
    {
        return array_fill_keys(array_merge(...RopeKnot::loops($this->piece)), $take);
    }
}
