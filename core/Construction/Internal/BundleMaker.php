<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Internal;

use Rinkel\Core\Knot\Kind\HalfLeft;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\Take;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node\Binding;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Piece\Piece;

/**
 * Many strands side by side, bound at both ends with the cords that make the closure.
 *
 * In the curve of a ring of radius r an outer strand of a bundle D thick runs r + D/2 where the middle runs r: all are
 * cut as the outer ones, and trimmed in the curve.
 *
 * @internal
 */
final readonly class BundleMaker extends PartMaker
{
    private Bundle $bundle;
    private float $outer;

    /**
     * @param non-empty-array<string, CordUse> $strands by their short names
     */
    public function __construct(
        Piece $piece,
        private array $strands,
    ) {
        parent::__construct($piece);
        $count = array_sum(array_map(static fn (CordUse $use): int => $use->count, $strands));
        $square = array_sum(
            array_map(static fn (CordUse $use): float => $use->count * $use->cord->round()->millimetres ** 2, $strands),
        );
        $this->bundle = new Bundle(Length::ofMillimetres(sqrt($square / $count)), $count);
        $radius = $piece->wearer->girth->plus($piece->roomOverGirth())->millimetres / 2 / \M_PI + $this->bundle->diameter()->millimetres / 2;
        $this->outer = ($radius + $this->bundle->diameter()->millimetres / 2) / $radius;
    }

    /**
     * Returns by how much an outer strand is longer than the middle of the bundle in the curve, and an inner one
     * shorter, for $length.
     */
    public function differs(Length $length): Length
    {
        return $length->times($this->outer - 1);
    }

    public function ties(Knot $knot): bool
    {
        return Manner::Bound === $knot->manner() || $knot instanceof Overhand;
    }

    protected function parts(): array
    {
        return [Binding::class => $this->binding(...)] + parent::parts();
    }

    /**
     * An overhand binds as a half knot does: both halves of the end cord go half around the bundle and cross; a second
     * one, from the other side, holds the first.
     */
    protected function knot(Knots $knots, bool $swapped): Element
    {
        $end = $this->piece->cord('end')->cord;
        if ($knots->kind instanceof Overhand) {
            $half = $this->book->around(new HalfLeft(), $this->bundle, $end);
            $bound = new TiedKnot($end->round()->times(2), $half->use->times(2), $half->width, $half->thickness);

            return $this->tied(
                $knots,
                $bound,
                ['end' => Take::knots($bound->use)] + $this->along($bound->pitch, Length::zero()),
            );
        }
        $tied = $this->book->around($knots->kind, $this->bundle, $this->piece->cord('end')->cord);

        return $this->tied(
            $knots,
            $tied,
            ['end' => Take::knots($tied->use)] + $this->along($tied->pitch, Length::zero()),
        );
    }

    protected function along(Length $length, Length $bulge): array
    {
        return array_map(
            fn (): Take => Take::straight($length->times($this->outer)),
            $this->strands,
        ) + ['end' => Take::none()];
    }

    protected function bare(): Length
    {
        return $this->bundle->diameter();
    }
}
