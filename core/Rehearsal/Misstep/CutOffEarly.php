<?php

declare(strict_types=1);

namespace Rinkel\Core\Rehearsal\Misstep;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Rehearsal\Attempt;
use Rinkel\Core\Rehearsal\Misstep;
use Rinkel\Core\Rehearsal\Moment;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\End;

/**
 * An end trimmed while there is still something to be done with it.
 *
 * @internal
 */
final class CutOffEarly implements Misstep
{
    /** Nobody reaches for the scissors while more acts than so come first. */
    private const NEAR = 4;

    public function at(Moment $now): ?Attempt
    {
        [$isFirst, $needed] = [true, []];
        foreach ($now->ahead(self::NEAR) as $act) {
            if (ActKind::Trim === $act->does && !$isFirst) {
                return self::slip($act, $needed);
            }
            $share = $isFirst ? $now->open() / $act->stint->count : 1.0;
            foreach ($act->stint->takes as $spent) {
                $needed[$spent->end->id] = ($needed[$spent->end->id] ?? 0.0) + $share * $spent->total();
            }
            $isFirst = false;
        }

        return null;
    }

    /**
     * @param array<string, float> $needed until then, of each end, in mm
     */
    private static function slip(Act $trim, array $needed): ?Attempt
    {
        $short = array_filter(
            $trim->care->ends,
            static fn (End $end): bool => ($needed[$end->id] ?? 0.0) > Length::ofCentimetres(1)->millimetres,
        );
        $end = $short[array_key_first($short) ?? 0] ?? null;

        return null === $end ? null : Attempt::slip($trim, $trim->stint->move(0), new Message('slip-short', [
            'role' => $end->cord->role, 'needed' => Length::ofMillimetres($needed[$end->id] ?? 0.0),
        ]));
    }
}
