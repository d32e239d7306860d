<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Internal;

use Rinkel\Core\Construction\CoreHanging;
use Rinkel\Core\Knot\Kind\LarksHead;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\TyingContext;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\Exception\PartDoesNotSuit;
use Rinkel\Core\Line\OnEnd;
use Rinkel\Core\Line\Take;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\Lay;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\Beads;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Piece\Piece;

/**
 * Bands: working pairs tie around the core. Where there are several pairs, those that rest lie along the core and are
 * tied in.
 *
 * @internal
 */
readonly class BandMaker extends PartMaker
{
    protected Bundle $core;

    /**
     * @param non-empty-array<string, CordUse> $pairs working cords by role
     */
    public function __construct(
        Piece $piece,
        protected array $pairs,
    ) {
        parent::__construct($piece);
        $core = $piece->cord('core');
        $resting = 2 * (\count($pairs) - 1);
        // Folded where they begin or hung in the middle, cores come in twos.
        $cores = CoreHanging::strands($piece);
        $thickness = $cores * $core->cord->round()->millimetres;
        foreach ($pairs as $pair) {
            $thickness += 2 * $pair->cord->round()->millimetres * (\count($pairs) - 1) / \count($pairs);
        }
        $this->core = new Bundle(
            Length::ofMillimetres($thickness / ($cores + $resting)),
            $cores + $resting,
            $core->lay ?? Lay::usual($cores + $resting),
        );
    }

    public function ground(Knot $knot): ?TyingContext
    {
        return $knot->manner()->isPushed()
            ? TyingContext::around($this->core, $this->pairs[(string) array_key_first($this->pairs)]->cord)
            : null;
    }

    public function ties(Knot $knot): bool
    {
        return $knot instanceof Overhand || \in_array($knot->manner(), [Manner::Paired, Manner::Hitched], true);
    }

    protected function knot(Knots $knots, bool $swapped): Element
    {
        $role = $knots->cord ?? (string) array_key_first($this->pairs);
        $pair = $this->pairs[$role] ?? throw PartDoesNotSuit::unknownName($knots, $role, array_keys($this->pairs));
        $kind = $swapped ? $knots->kind->mirrored() : $knots->kind;
        if (Manner::Own === $kind->manner()) {
            return $this->overhand($knots);
        }
        if (Manner::Hitched === $kind->manner()) {
            return $this->hitch($knots, $kind, $role, $pair->cord, $swapped);
        }
        $tied = $this->book->around($kind, $this->core, $pair->cord);
        $uses = $this->along($tied->pitch, Length::zero());
        $uses[$role] = Take::knots($tied->use);

        return $this->tied(new Knots($knots->count, $kind, null, $knots->cord, $knots->place()), $tied, $uses);
    }

    protected function along(Length $length, Length $bulge): array
    {
        $uses = ['core' => Take::straight($length)];
        foreach (array_keys($this->pairs) as $role) {
            $uses[$role] = Take::straight(self::around($length, $bulge));
        }

        return $uses;
    }

    protected function bare(): Length
    {
        return $this->core->width();
    }

    protected function lanes(): array
    {
        return [Lane::Core, Lane::Left, Lane::Right, ...($this->piece->cord('core')->count > 1 ? [Lane::Strand] : [])];
    }

    /**
     * A bead may sit on one of several cores: the others pass beside it.
     */
    protected function bead(Node $part, string $name, Lane $lane, ?string $letter = null): Element
    {
        $strand = $part instanceof Beads && Lane::Strand === $lane ? $part->strand : null;
        if (null === $strand) {
            return parent::bead($part, $name, $lane, $letter);
        }
        if ($strand > $this->piece->cord('core')->count) {
            throw PartDoesNotSuit::noStrand($part, $strand);
        }
        $bead = parent::bead($part, $name, Lane::Core);

        return $bead->onCore($strand);
    }

    /**
     * Each core is folded and hung on with a lark's head around the finding's wire; the working cords begin beside it.
     */
    protected function hung(Finding $finding): array
    {
        $wire = Length::longest($finding->width->minus($finding->inside)->times(0.5), Length::ofMillimetres(0.8));
        $head = $this->book->around(new LarksHead(), new Bundle($wire, 1), $this->piece->cord('core')->cord);

        return ['core' => Take::knots($head->use)] + array_map(static fn (): Take => Take::none(), $this->pairs);
    }

    /**
     * Returns a hitch that one end of a pair ties while the other rests: the left one, or the right where sides change.
     */
    private function hitch(Knots $knots, Knot $kind, string $role, Cord $cord, bool $right): Element
    {
        $tied = $this->book->around($kind, $this->core, $cord);
        $uses = $this->along($tied->pitch, Length::zero());
        unset($uses[$role]);
        $uses[OnEnd::of($role, $right)] = Take::knots($tied->use);
        $uses[OnEnd::of($role, !$right)] = Take::straight($tied->pitch);

        return $this->tied($knots, $tied, $uses);
    }

    /**
     * Returns the way of a working cord past a bead: out to its edge and back again.
     */
    private static function around(Length $length, Length $bulge): Length
    {
        return Length::ofMillimetres(hypot($length->millimetres, $bulge->millimetres));
    }

    private function overhand(Knots $knots): Element
    {
        $cord = $this->piece->cord('core');
        $together = $cord->count + 2 * \count($this->pairs);
        $tied = $this->book->in($knots->kind, $cord->cord, $together);
        $uses = array_map(static fn (): Take => Take::knots($tied->use), $this->along($tied->pitch, Length::zero()));

        return $this->tied($knots, $tied, $uses);
    }
}
