<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\Tied;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\Does;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Loose;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;

/**
 * A button, its face to the front: on the fold of folded cords, or with the ends through its shank from either side;
 * play behind it, an overhand that holds it, and square knots hidden below.
 */
final readonly class Button implements AtEnd, TiesBeyond
{
    /**
     * @param Length     $play   before the knot that holds it
     * @param Tied|null  $square one of the knots hidden behind it
     * @param Stops|null $tips   of tails that hang from there
     */
    public function __construct(
        private string $button,
        private Length $play,
        private ?Tied $square,
        private int $behind,
        private ?Stops $tips = null,
    ) {}

    public function beyond(): Beyond
    {
        return new Beyond($this->behind, $this->square, $this->button);
    }

    public function acts(Bench $bench, Outlet $at): array
    {
        $ends = $at->carrying;
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
        $ends = $at->carrying;

        return new Act(
            Does::Pass,
            Part::Button,
            new Message($at->isFolded ? 'button-fold' : 'button', [
                'button' => $this->button,
                'count' => \count($ends),
                'role' => End::rolesOf($ends),
            ]),
            role: $at->role(),
            through: $ends,
            things: [$this->button],
            makes: [$shank],
            looks: [new Message('look-face')],
            lesson: 'button',
        );
    }

    private function knot(Bench $bench, Outlet $at, Landmark $shank): Act
    {
        $ends = $at->carrying;
        $isAlone = 1 === \count($ends);

        return new Act(
            Does::Tie,
            Part::Button,
            new Message('button-knot', [
                'button' => $this->button,
                'play' => $this->play,
                'plays' => $this->play->isZero() ? 'no' : 'yes',
                'alone' => $isAlone ? 'yes' : 'no',
            ]),
            [Move::knot((new Overhand())->word())],
            role: $at->role(),
            by: $ends,
            takes: $bench->knots(
                new Overhand(),
                $bench->overhand($ends, $isAlone ? 2 : 1),
                $ends,
                $isAlone ? 2.0 : 1.0,
                $this->play->times($isAlone ? 2.0 : 1.0)->millimetres,
            ),
            marks: [$shank],
            makes: [Landmark::of('button-knot', null, $at->side())],
            sizes: $this->play->isZero() ? [] : ['distance' => $this->play],
            knot: (new Overhand())->word(),
            looks: [new Message('look-place')],
            lesson: 'button',
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
        foreach ($at->carrying as $end) {
            $end->keep($bench->habits->hold(true)->millimetres);
        }

        return [new Loose($at->carrying, Landmark::of('button-knot', null, $at->side()))];
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
            $at->carrying,
            isFolded: $at->isFolded,
        );
    }
}
