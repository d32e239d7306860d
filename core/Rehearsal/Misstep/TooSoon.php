<?php

declare(strict_types=1);

namespace Rinkel\Core\Rehearsal\Misstep;

use Rinkel\Core\Message;
use Rinkel\Core\Rehearsal\Attempt;
use Rinkel\Core\Rehearsal\Misstep;
use Rinkel\Core\Rehearsal\Moment;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\EndUse;
use Rinkel\Core\Work\Landmark;

/**
 * The act after the one in hand: something is left out.
 *
 * @internal
 */
final class TooSoon implements Misstep
{
    public function at(Moment $now): ?Attempt
    {
        $next = $now->next();

        return null === $next ? null : Attempt::slip($next, $next->stint->move(0), self::follows($now, $next));
    }

    private static function follows(Moment $now, Act $next): Message
    {
        $act = $now->act;
        $missing = $act->stint->adds?->times($now->open() / $act->stint->count);
        $used = array_intersect(self::ids($next->care->ends), self::ids(array_map(
            static fn (EndUse $spent): End => $spent->end,
            $act->stint->takes,
        )));

        return match (true) {
            ActKind::Cut === $act->does => new Message('slip-uncut', ['role' => $act->grip->role ?? '']),
            null !== $act->care->cure => new Message('slip-wet'),
            [] !== $used => new Message('slip-still-used'),
            null !== $missing && !$missing->isZero() => new Message('slip-fewer', [
                'count' => $now->open(), 'shorter' => $missing, 'of' => self::counts($act),
            ]),
            ActKind::Try !== $next->does && [] !== array_diff(
                array_intersect($act->spot->makes, $next->spot->marks),
                self::made($now),
            ) => new Message('slip-no-mark'),
            default => new Message('slip-left-out'),
        };
    }

    /**
     * @return list<Landmark> places that there are already, of which the act in hand may make another
     */
    private static function made(Moment $now): array
    {
        $made = [];
        foreach (\array_slice($now->acts->all, 0, $now->number) as $act) {
            array_push($made, ...$act->spot->makes);
        }

        return $made;
    }

    /**
     * Returns what its moves are: "half", "knot", "bead" or "move".
     */
    private static function counts(Act $act): string
    {
        $move = $act->stint->move(0);

        return match (true) {
            null !== $move->bead => 'bead',
            null !== $move->knot => $move->share < 1.0 ? 'half' : 'knot',
            default => 'move',
        };
    }

    /**
     * @param list<End> $ends
     *
     * @return list<string>
     */
    private static function ids(array $ends): array
    {
        return array_map(static fn (End $end): string => $end->id, $ends);
    }
}
