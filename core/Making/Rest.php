<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Cutting\Ledger;
use Rinkel\Core\Hand\Made;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Work\Acts;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\Part;

/**
 * What one measured end has been used for by now, and what it is still used for: the ledger by which it was cut, from
 * the act in hand on, with the length that is still to go on the tape.
 *
 * @internal
 */
final readonly class Rest
{
    /**
     * @param Ledger               $ledger    of what is still to come, what is held with it
     * @param float                $end       what of that closes and holds, as expected, in mm
     * @param float|null           $used      of the end by now, as measured; null where it was not
     * @param float                $doneExact what of that is as long as it is
     * @param array<string, float> $done      what knots took of it, as planned
     * @param array<string, Made>  $doneMade
     * @param Length               $begun     how long the end was
     */
    private function __construct(
        public Ledger $ledger,
        public float $end,
        public ?float $used,
        public float $doneExact,
        public array $done,
        public array $doneMade,
        public Length $begun,
    ) {}

    /**
     * Returns that of the end which needs most of those that could have been measured: of cords that are cut alike, and
     * are in hand; null where none is.
     */
    public static function of(Plan $plan, Acts $acts, TapeReading $reached, Worked $worked, LengthSoFar $along): ?self
    {
        $cut = $worked->cut((string) $reached->role);
        if (null === $cut) {
            return null;
        }
        $best = null;
        foreach ($plan->sheet->cords as $cord) {
            foreach ($plan->sheet->cutOf($cord)->role === $cut->role ? $cord->ends() : [] as $end) {
                $rest = self::end($end, $cut, $acts, $reached, $along);
                $isInHand = [] !== $rest->done || $rest->doneExact > 0.0;
                $key = [$isInHand ? 1 : 0, $rest->ledger->expected()];
                $best = null === $best || $key > $best[0] ? [$key, $rest] : $best;
            }
        }

        return $best[1] ?? null;
    }

    private static function end(End $end, Cut $cut, Acts $acts, TapeReading $reached, LengthSoFar $along): self
    {
        $ledger = new Ledger();
        [$closing, $exact, $done, $made] = [$end->held, 0.0, [], []];
        foreach ($acts->all as $i => $act) {
            $share = max(0, min($act->stint->count, $reached->moves - $acts->before($i))) / max(1, $act->stint->count);
            foreach ($act->stint->takes as $spent) {
                if ($spent->end !== $end) {
                    continue;
                }
                $exact += $spent->straight * $share;
                if (null !== $spent->made) {
                    $done[$spent->made->key] = ($done[$spent->made->key] ?? 0.0) + $spent->knots * $share;
                    $made[$spent->made->key] = $spent->made;
                }
                $spent->times(1 - $share)->enter($ledger);
                $closing += Part::Body === $act->part ? 0.0 : $spent->total() * (1 - $share);
            }
        }
        $ledger->exact($end->held);
        if (null !== $reached->length) {
            // What is repeated until a length is reached goes on for as much as that lacks by then.
            $ledger->goesOn($along->free + $along->planned - $along->doneBare, $along->made, $along->done);
        }
        $begun = $reached->begun
            ?? ($end === $end->cord->a ? $cut->parting->at : $cut->length->minus($cut->parting->at));

        $done = array_filter($done, static fn (float $one): bool => $one > 0.0);

        return new self(
            $ledger,
            $closing,
            null === $reached->left || [] === $done ? null : $begun->minus($reached->left)->millimetres,
            $exact,
            $done,
            $made,
            $begun,
        );
    }
}
