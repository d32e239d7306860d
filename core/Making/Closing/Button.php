<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Closing;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Making\Acting;
use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Move;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Plan;

/**
 * A button on its end, its face to the front: with play behind it, knotted on, and knots hidden below.
 */
final readonly class Button
{
    public function __construct(private Plan $plan) {}

    /**
     * @return list<Step>
     */
    public function steps(): array
    {
        $wish = $this->plan->draft->piece->closure;
        $side = $this->plan->draft->piece->habits->side;
        $word = (new Square())->word();

        return [
            Step::plain(Deed::Close, 'button', [
                'play' => $wish->play ?? Length::zero(),
                'plays' => null === $wish->play || $wish->play->isZero() ? 'no' : 'yes',
            ], look: 'look-face'),
            Step::knots('button-knot', [], [Move::knot((new Overhand())->word())], 1, look: 'look-place'),
            ...($wish->behind > 0 ? [Step::knots(
                'button-behind',
                ['count' => $wish->behind],
                [Move::half($word, $side), Move::half($word, $side->other())],
                2 * $wish->behind,
                acting: Acting::Both,
            )] : []),
        ];
    }
}
