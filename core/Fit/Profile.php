<?php

declare(strict_types=1);

namespace Rinkel\Core\Fit;

use Rinkel\Core\Geometry\EllipseArcs;
use Rinkel\Core\Geometry\TautRing;
use Rinkel\Core\Measure\Length;

/**
 * How thick a piece is along its length: what lies on the body from one end to the other, and what between its ends.
 *
 * Closed, the middle of the body is on top and its ends are below. Several wraps lie beside each other; what lies at a
 * place of the piece lies at its place of a wrap.
 *
 * @internal
 */
final readonly class Profile
{
    /** What differs by less is the same: thicknesses in mm, places in wraps. */
    private const SAME = 1e-6;

    public Length $thin;
    public Length $thick;

    public Length $body;

    /** @var list<Lie> */
    private array $lies;

    /** @var list<Lie> that are thicker than what is thin, or do not bend */
    private array $rising;

    /**
     * @param list<Lie> $lies    along the body, in order
     * @param Length    $cord    thickness of the bare cord between the body's ends
     * @param list<Lie> $between what lies in the middle between the body's ends
     */
    public function __construct(
        array $lies,
        Length $cord,
        private array $between = [],
    ) {
        $this->lies = self::joined($lies);
        $all = array_map(static fn (Lie $lie): Length => $lie->thickness, [...$this->lies, ...$between]);
        $this->thin = $cord->isZero() && [] !== $all ? self::thinnest($all) : self::thinnest([...$all, $cord]);
        $this->thick = Length::longest($this->thin, ...$all);
        $this->rising = array_values(array_filter([...$this->lies, ...$between], $this->rises(...)));
        $this->body = Length::sum(...array_map(static fn (Lie $lie): Length => $lie->length, $this->lies));
    }

    /**
     * Returns a profile that is everywhere as thick as $lies are on the whole.
     *
     * @param list<Lie> $lies
     */
    public static function even(array $lies, Length $cord): self
    {
        [$long, $area] = [0.0, 0.0];
        foreach ($lies as $lie) {
            $long += $lie->length->millimetres;
            $area += $lie->length->millimetres * $lie->thickness->millimetres;
        }

        return new self([], $long > 0.0 ? Length::ofMillimetres($area / $long) : $cord);
    }

    public function isEven(): bool
    {
        return [] === $this->rising;
    }

    /**
     * Returns by how much the line along the piece's middle is longer, for what is thick, than around the same body
     * with nothing but what is thin: all wraps together.
     *
     * @param non-empty-list<Length> $girths of the body in each wrap
     * @param float                  $ratio  of the body's width to its height
     */
    public function lift(array $girths, float $ratio): Length
    {
        if ([] === $this->rising) {
            return Length::zero();
        }
        $thin = \M_PI * $this->thin->millimetres * \count($girths);
        foreach ($girths as $girth) {
            $thin += $girth->millimetres;
        }
        $about = array_sum(array_map(
            fn (Lie $lie): float => \M_PI * ($lie->thickness->millimetres - $this->thin->millimetres)
                * $this->share($lie, $girths[0]->millimetres),
            $this->rising,
        ));
        $laid = $this->laid($girths, $ratio, max($thin + $about, $this->body->millimetres));

        return Length::ofMillimetres(max(0.0, $laid - $thin));
    }

    /**
     * Returns the sum of all wraps' taut lines when the whole is about $laid mm long.
     *
     * What is thick or rigid covers of the body what lies under it; what is thin, the rest.
     *
     * @param non-empty-list<Length> $girths
     */
    private function laid(array $girths, float $ratio, float $laid): float
    {
        $arcs = EllipseArcs::of($ratio);
        $wraps = array_map(fn (Length $girth): TautRing => new TautRing(
            max(1.0, $girth->millimetres),
            $arcs,
            $this->thin->millimetres,
        ), $girths);
        $all = $this->around(Length::ofMillimetres($laid)->minus($this->body));
        $mean = Length::sum(...$girths)->times(1 / \count($girths))->millimetres;
        $shares = array_map(fn (Lie $lie): float => $this->share($lie, $mean), $all);
        $rest = \count($girths) - array_sum($shares);
        $thin = array_sum(array_map(
            fn (Lie $lie): float => $this->rises($lie) ? 0.0 : $lie->length->millimetres,
            $all,
        ));
        $scale = $thin > 0.0 && $rest > 0.0 ? 1.0 : \count($girths) / max(1e-9, array_sum($shares));
        $at = 0.0;
        foreach ($all as $i => $lie) {
            $share = $this->rises($lie) ? $shares[$i] * $scale : max(0.0, $rest) * $lie->length->millimetres / max(1e-9, $thin);
            $this->lay($wraps, $lie, $at, $at + $share);
            $at += $share;
        }

        return array_sum(array_map(static fn (TautRing $wrap): float => $wrap->length(), $wraps));
    }

    /**
     * Returns what lies all around, from the middle between the ends on.
     *
     * @return list<Lie>
     */
    private function around(Length $gap): array
    {
        $between = Length::sum(...array_map(static fn (Lie $lie): Length => $lie->length, $this->between));
        $bare = Lie::bending(Length::longest($gap->minus($between), Length::zero())->times(0.5), $this->thin);

        return [$bare, ...$this->lies, $bare, ...$this->between];
    }

    private function rises(Lie $lie): bool
    {
        return $lie->rigid || $lie->thickness->millimetres > $this->thin->millimetres + self::SAME;
    }

    /**
     * Returns which share of a wrap of the girth $girth lies under what rises, zero of anything else.
     */
    private function share(Lie $lie, float $girth): float
    {
        $radius = $girth / 2 / \M_PI + $lie->thickness->millimetres / 2;

        return match (true) {
            !$this->rises($lie) => 0.0,
            $lie->rigid => atan($lie->length->millimetres / 2 / $radius) / \M_PI,
            default => $lie->length->millimetres / (2 * \M_PI * $radius),
        };
    }

    /**
     * @param non-empty-list<TautRing> $wraps
     * @param float                    $from  in wraps, from the middle between the ends; the other likewise
     */
    private function lay(array $wraps, Lie $lie, float $from, float $to): void
    {
        $count = \count($wraps);
        if ($lie->rigid) {
            $middle = ($from + $to) / 2;
            $wraps[(int) floor($middle) % $count]->lay($middle + 0.75, $lie->length->millimetres, $lie->thickness->millimetres);

            return;
        }
        while ($this->rises($lie) && $from < $to - self::SAME) {
            $end = min($to, floor($from + self::SAME) + 1.0);
            $wraps[(int) floor($from + self::SAME) % $count]->bend($from + 0.75, $end + 0.75, $lie->thickness->millimetres);
            $from = $end;
        }
    }

    /**
     * Returns the same with neighbours that bend alike in one.
     *
     * @param list<Lie> $lies
     *
     * @return list<Lie>
     */
    private static function joined(array $lies): array
    {
        $joined = [];
        foreach ($lies as $lie) {
            $last = array_pop($joined);
            $joins = null !== $last && !$last->rigid && !$lie->rigid
                && abs($last->thickness->millimetres - $lie->thickness->millimetres) < self::SAME;
            array_push($joined, ...match (true) {
                null === $last => [$lie],
                $joins => [Lie::bending($last->length->plus($lie->length), $lie->thickness)],
                default => [$last, $lie],
            });
        }

        return $joined;
    }

    /**
     * @param non-empty-list<Length> $lengths
     */
    private static function thinnest(array $lengths): Length
    {
        return array_reduce(
            $lengths,
            static fn (Length $least, Length $length): Length => $length->isShorterThan($least) ? $length : $least,
            $lengths[0],
        );
    }
}
