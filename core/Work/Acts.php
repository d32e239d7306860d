<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

use Rinkel\Core\Measure\Length;

/**
 * The whole making of a piece, from the first mark to the last trim, as acts in their order.
 */
final readonly class Acts
{
    /** @var list<int> moves before each act */
    private array $before;

    public int $moves;

    /**
     * @param list<Act> $all
     */
    public function __construct(public array $all)
    {
        $before = [];
        $moves = 0;
        foreach ($all as $act) {
            $before[] = $moves;
            $moves += $act->stint->count;
        }
        $this->before = $before;
        $this->moves = $moves;
    }

    /**
     * Returns the act that is in hand after so many moves, and how many of its own are done; the last act, done, at
     * the end.
     *
     * @return array{int, int} place of the act, from 0, and moves
     */
    public function at(int $moves): array
    {
        $moves = max(0, min($this->moves, $moves));
        foreach ($this->all as $i => $act) {
            if ($moves < $this->before[$i] + $act->stint->count) {
                return [$i, $moves - $this->before[$i]];
            }
        }
        $last = max(0, \count($this->all) - 1);

        return [$last, ($this->all[$last] ?? null)->stint->count ?? 0];
    }

    /**
     * Returns how many moves there are before the first that is not the cutting of cords: so many are done once all
     * that is cut at the beginning is cut.
     */
    public function cutting(): int
    {
        $moves = 0;
        foreach ($this->all as $act) {
            if (ActKind::Cut !== $act->does) {
                break;
            }
            $moves += $act->stint->count;
        }

        return $moves;
    }

    /**
     * Returns the same with the second half as long as the first came out: so many times as long as planned.
     */
    public function halvedBy(float $times): self
    {
        $half = Length::zero();
        foreach ($this->all as $act) {
            $half = 1 === $act->grip->half && null !== $act->spot->due ? $act->spot->due : $half;
        }
        $longer = $half->times(2 * ($times - 1));

        return 1.0 === $times ? $this : new self(array_map(
            static fn (Act $act): Act => $act->followed($times, $longer),
            $this->all,
        ));
    }

    /**
     * Returns what is done over and over as one, all else by itself.
     *
     * @return list<Round>
     */
    public function rounds(): array
    {
        return Round::of($this->all);
    }

    /**
     * Returns what of the piece is made after so many moves: its knots and beads, one after the other.
     *
     * @return list<string>
     */
    public function made(int $moves): array
    {
        $made = [];
        foreach ($this->all as $number => $act) {
            for ($i = 0, $last = min($act->stint->count, $moves - $this->before($number)); $i < $last; ++$i) {
                $move = $act->stint->move($i);
                if (null !== $act->spot->due && (null !== $move->knot || null !== $move->bead)) {
                    $made[] = $act->grip->half.' '.$move->told();
                }
            }
        }

        return $made;
    }

    /**
     * Returns after how many moves of this making as much is made, where it begins just so; null where it does not.
     *
     * @param list<string> $made by another
     */
    public function placeOf(array $made): ?int
    {
        $count = \count($made);
        if (\array_slice($this->made($this->moves), 0, $count) !== $made) {
            return null;
        }
        $done = 0;
        foreach ($this->all as $number => $act) {
            if (0 === $count && null !== $act->spot->due) {
                return $this->before($number);
            }
            for ($i = 0; $i < $act->stint->count && null !== $act->spot->due; ++$i) {
                $move = $act->stint->move($i);
                $done += null !== $move->knot || null !== $move->bead ? 1 : 0;
                if ($done === $count) {
                    return $this->before($number) + $i + 1;
                }
            }
        }

        return $this->moves;
    }

    /**
     * Returns how many of so many moves would have to be undone for another making to go on from there.
     */
    public function undone(int $moves, self $by): int
    {
        $made = $this->made($moves);
        $then = $by->made($by->moves);
        $alike = 0;
        while (isset($made[$alike]) && ($then[$alike] ?? null) === $made[$alike]) {
            ++$alike;
        }

        return $alike === \count($made) ? 0 : $moves - ($this->placeOf(\array_slice($made, 0, $alike)) ?? 0);
    }

    /**
     * Returns how many moves come before an act.
     */
    public function before(int $number): int
    {
        return $this->before[$number] ?? $this->moves;
    }

    /**
     * @return array<string, float> knots by word, halves singly
     */
    public function knots(): array
    {
        return $this->sums(static fn (Act $act): array => $act->stint->ties());
    }

    /**
     * @return array<string, float> beads by name
     */
    public function beads(): array
    {
        return $this->sums(static fn (Act $act): array => $act->stint->beads());
    }

    /**
     * @param callable(Act): array<string, float|int> $of
     *
     * @return array<string, float>
     */
    private function sums(callable $of): array
    {
        $sums = [];
        foreach ($this->all as $act) {
            foreach ($of($act) as $name => $count) {
                $sums[$name] = ($sums[$name] ?? 0.0) + $count;
            }
        }
        ksort($sums);

        return $sums;
    }
}
