<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\LooseEnds;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\OutletEnds;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;

/**
 * A button, its face to the front: on the fold of folded cords, or with the ends through its shank from either side;
 * play behind it, an overhand that holds it, and square knots hidden below.
 *
 * @internal
 */
final readonly class Button implements AtEnd, TiesBeyond
{
    /**
     * @param Length        $play   before the knot that holds it
     * @param TiedKnot|null $square one of the knots hidden behind it
     * @param Stops|null    $tips   of tails that hang from there
     */
    public function __construct(
        private string $button,
        private Length $play,
        private ?TiedKnot $square,
        private int $behind,
        private ?Stops $tips = null,
    ) {}

    public function beyond(): KnotsBeyondBody
    {
        return new KnotsBeyondBody($this->behind, $this->square, $this->button);
    }

    public function acts(Bench $bench, Outlet $at): array
    {
        $ends = $at->ends->carrying;
        if ([] === $ends) {
            return [];
        }
        $shank = Landmark::of('shank', null, $at->side());

        return [
            $this->passed($at, $shank),
            $this->knot($bench, $at, $shank),
            ...($this->beyond()->isTied($at) ? [$this->beyond()->act(
                $bench,
                $at,
                Part::Button,
                'button-behind',
                [],
                [],
                [],
                'behind',
                true,
            )] : []),
            ...($this->tips?->acts($bench, self::hanging($at)) ?? []),
        ];
    }

    private function passed(Outlet $at, Landmark $shank): Act
    {
        $ends = $at->ends->carrying;

        return new Act(
            ActKind::Pass,
            Part::Button,
            new Message($at->isFolded ? 'button-fold' : 'button', [
                'button' => $this->button,
                'count' => \count($ends),
                'role' => End::rolesOf($ends),
            ]),
            stint: new Stint(things: [$this->button]),
            grip: new Grip(role: $at->role(), through: $ends),
            spot: new Spot(makes: [$shank]),
            advice: new Advice(looks: [new Message('look-face')], lesson: 'button'),
        );
    }

    private function knot(Bench $bench, Outlet $at, Landmark $shank): Act
    {
        $ends = $at->ends->carrying;
        $isAlone = 1 === \count($ends);

        return new Act(
            ActKind::Tie,
            Part::Button,
            new Message('button-knot', [
                'button' => $this->button,
                'play' => $this->play,
                'plays' => $this->play->isZero() ? 'no' : 'yes',
                'alone' => $isAlone ? 'yes' : 'no',
            ]),
            stint: new Stint(
                moves: [Move::knot((new Overhand())->word())],
                knot: (new Overhand())->word(),
                takes: $bench->knots(
                    new Overhand(),
                    $bench->overhand($ends, $isAlone ? 2 : 1),
                    $ends,
                    $isAlone ? 2.0 : 1.0,
                    $this->play->times($isAlone ? 2.0 : 1.0)->millimetres,
                ),
            ),
            grip: new Grip(role: $at->role(), by: $ends),
            spot: new Spot(
                marks: [$shank],
                makes: [Landmark::of('button-knot', null, $at->side())],
                sizes: $this->play->isZero() ? [] : ['distance' => $this->play],
            ),
            advice: new Advice(looks: [new Message('look-place')], lesson: 'button'),
        );
    }

    public function loose(Bench $bench, Outlet $at): array
    {
        if ($at->isFolded) {
            return [];
        }
        if (null !== $this->tips) {
            return $this->tips->loose($bench, self::hanging($at));
        }
        foreach ($at->ends->carrying as $end) {
            $end->keep($bench->habits->hold(true)->millimetres);
        }

        return [new LooseEnds($at->ends->carrying, Landmark::of('button-knot', null, $at->side()))];
    }

    /**
     * Returns its tails where they come out of the knot at the button.
     */
    private static function hanging(Outlet $at): Outlet
    {
        return new Outlet(
            $at->isStart,
            Landmark::of('button-knot', null, $at->side()),
            Length::zero(),
            ends: new OutletEnds($at->ends->carrying),
            isFolded: $at->isFolded,
        );
    }
}
