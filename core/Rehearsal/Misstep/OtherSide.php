<?php

declare(strict_types=1);

namespace Rinkel\Core\Rehearsal\Misstep;

use Rinkel\Core\Knot\Side;
use Rinkel\Core\Message;
use Rinkel\Core\Rehearsal\Attempt;
use Rinkel\Core\Rehearsal\Misstep;
use Rinkel\Core\Rehearsal\Moment;
use Rinkel\Core\Work\Move;

/**
 * The knot from the other side.
 *
 * @internal
 */
final class OtherSide implements Misstep
{
    /** So many knots are drawn before a slip, and half knots after it. */
    private const DRAWN = 4;

    public function at(Moment $now): ?Attempt
    {
        $move = $now->move();
        if (null === $move->side || null === $move->knot) {
            return null;
        }
        $other = $move->side->other();
        $wrong = $move->share < 1.0 ? Move::half($move->knot, $other) : Move::knot($move->knot, $other);
        $last = $now->lastSide();
        $isFlat = 'square' === $move->knot;

        return match (true) {
            $isFlat && $last === $other => Attempt::slip($now->act, $wrong, new Message('slip-repeats', [
                'side' => $other->value, 'next' => $move->side->value,
            ]), self::turned($now->done, $other)),
            str_starts_with($move->knot, 'half ') && $last === $move->side => Attempt::slip(
                $now->act,
                $wrong,
                new Message('slip-turns-back', ['side' => $other->value, 'next' => $move->side->value]),
                self::DRAWN * 2 .' half '.$move->side->value.', 1 half '.$other->value.', '
                    .self::DRAWN.' half '.$move->side->value,
            ),
            default => Attempt::slip($now->act, $wrong, new Message('slip-side', [
                'side' => $other->value, 'next' => $move->side->value,
            ])),
        };
    }

    /**
     * Returns a flat band in which a half knot came from the same side as the one before.
     */
    private static function turned(int $halves, Side $side): string
    {
        $before = min(self::DRAWN, max(1, intdiv($halves, 2)));

        return $before.' square, '.self::DRAWN.' half '.$side->value.', '.self::DRAWN.' square';
    }
}
