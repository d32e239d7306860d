<?php

declare(strict_types=1);

namespace Rinkel\Core\Rehearsal;

use Rinkel\Core\Knot\Side;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActingEnd;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Acts;
use Rinkel\Core\Work\How;

/**
 * A piece made without cord: move by move what every end has left and which hand has it, what hands could do next, and
 * what comes of it. All of it is read from the acts by which the piece is made.
 */
final readonly class Rehearsal
{
    /** So many are offered at most. */
    private const MOST = 4;

    private const GONE = ['hidden', 'covered', 'sewn'];

    public Acts $acts;

    public function __construct(private Plan $plan)
    {
        $this->acts = $plan->acts();
    }

    /**
     * Returns what can be done after so many moves, one of it right: from the left before from the right, else in an
     * order that tells nothing; nothing once all is done.
     *
     * @return list<Attempt>
     */
    public function choices(int $moves): array
    {
        $now = Moment::after($this->acts, $moves);
        if (null === $now) {
            return [];
        }
        $right = Attempt::right($now->act, $now->move());
        $choices = [$right->key() => $right];
        foreach (self::slips() as $slip) {
            $choice = \count($choices) < self::MOST ? $slip->at($now) : null;
            $choices += null === $choice ? [] : [$choice->key() => $choice];
        }
        $place = static fn (Attempt $one): int => match ($one->move->side) {
            Side::Left => 0,
            Side::Right => 1,
            null => 2,
        };
        uasort($choices, static fn (Attempt $one, Attempt $other): int => [$place($one), $one->key()]
            <=> [$place($other), $other->key()]);

        return array_values($choices);
    }

    /**
     * Returns the ends of all cords that are cut after so many moves, in the order in which they are cut.
     *
     * @return list<EndInHand>
     */
    public function ends(int $moves): array
    {
        [$number, $done] = $this->acts->at($moves);
        $lengths = $states = [];
        foreach (\array_slice($this->acts->all, 0, $number + 1) as $i => $act) {
            $share = $i < $number ? 1.0 : $done / $act->stint->count;
            if ($share > 0.0) {
                $this->become($act, $share, $lengths, $states);
            }
        }
        $hands = self::hands(Moment::after($this->acts, $moves));
        $ends = [];
        foreach ($this->plan->sheet->cords as $cord) {
            foreach ($cord->ends() as $end) {
                if (isset($lengths[$end->id])) {
                    $ends[] = new EndInHand(
                        $end,
                        Length::ofMillimetres(max(0.0, $lengths[$end->id])),
                        $this->plan->sheet->lengthOf($end),
                        $states[$end->id] ?? EndState::Free,
                        $hands[$end->id] ?? null,
                    );
                }
            }
        }

        return $ends;
    }

    /**
     * @return list<Misstep> the likeliest first
     */
    private static function slips(): array
    {
        return [
            new Misstep\OtherSide(), new Misstep\OtherBead(), new Misstep\OneTooMany(), new Misstep\CutOffEarly(),
            new Misstep\TooSoon(),
        ];
    }

    /**
     * @param array<string, float>    $lengths in mm, by end, of what is cut
     * @param array<string, EndState> $states
     */
    private function become(Act $act, float $share, array &$lengths, array &$states): void
    {
        foreach (ActKind::Cut === $act->does ? $act->care->cords : [] as $i => $cord) {
            foreach ($i < $share * $act->stint->count ? $cord->ends() : [] as $end) {
                $lengths[$end->id] = $this->plan->sheet->lengthOf($end)->millimetres;
            }
        }
        foreach ($act->stint->takes as $spent) {
            $lengths[$spent->end->id] = ($lengths[$spent->end->id] ?? 0.0) - $share * $spent->total();
        }
        foreach ($act->care->ends as $end) {
            if (ActKind::Trim === $act->does) {
                $lengths[$end->id] = ($act->spot->sizes['leaves'] ?? null)->millimetres ?? 0.0;
            }
            $isWet = \in_array($act->care->how, [How::Glue, How::Varnish], true);
            $states[$end->id] = match (true) {
                $isWet => EndState::Wet,
                ActKind::Trim === $act->does => EndState::Trimmed,
                default => EndState::Done,
            };
        }
        foreach ($act->care->endsAs as $id => $fate) {
            $states[$id] = \in_array($fate, self::GONE, true) ? EndState::Done : $states[$id] ?? EndState::Free;
        }
        if (null !== $act->care->cure) {
            $states = array_map(
                static fn (EndState $state): EndState => EndState::Wet === $state ? EndState::Done : $state,
                $states,
            );
        }
    }

    /**
     * Returns which hand has which end in the move that comes: of two the first is on the left.
     *
     * @return array<string, Side>
     */
    private static function hands(?Moment $now): array
    {
        $by = $now->act->grip->by ?? [];
        if (null === $now || [] === $by) {
            return [];
        }
        $hands = [];
        $half = \count($by) / 2;
        foreach ($by as $i => $end) {
            $hands[$end->id] = match (true) {
                ActingEnd::Left === $now->act->grip->acting => Side::Left,
                1 === \count($by) => $now->move()->side ?? Side::Right,
                default => $i < $half ? Side::Left : Side::Right,
            };
        }

        return $hands;
    }
}
