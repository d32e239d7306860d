<?php

declare(strict_types=1);

namespace Rinkel\App\Board;

use Rinkel\App\Document\StepsDocument;
use Rinkel\App\Lesson\LessonWords;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Lesson\Lessons;
use Rinkel\Core\Making\Forecast;
use Rinkel\Core\Making\Pace;
use Rinkel\Core\Making\ShortCordOption;
use Rinkel\Core\Making\ShortCordOptions;
use Rinkel\Core\Making\TapeReading;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\MeasureFailure;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Acts;
use Rinkel\Core\Work\Cure;

/**
 * What a Board page shows of a piece in the making.
 *
 * @phpstan-import-type Reading from StoredBoard
 */
final readonly class BoardView
{
    public Acts $steps;

    private Lessons $lessons;

    public function __construct(
        public StoredBoard $board,
        public Plan $plan,
        private Pace $pace,
        private Planner $planner,
        private StepsDocument $documents,
        private Wording $wording,
    ) {
        $this->steps = $plan->acts()->halvedBy(self::half($board, $plan->acts()));
        $this->lessons = Lessons::all();
    }

    /**
     * Returns the step in hand and how many of its moves are done.
     *
     * @return array{int, int}
     */
    public function at(): array
    {
        return $this->steps->at($this->board->moves());
    }

    /**
     * Returns the cord that ties most of it, and so runs short first.
     */
    public function tying(): string
    {
        $moves = [];
        foreach ($this->steps->all as $step) {
            if (null !== $step->grip->role && null !== $step->spot->due && [] !== $step->stint->ties()) {
                $moves[$step->grip->role] = ($moves[$step->grip->role] ?? 0) + $step->stint->count;
            }
        }
        arsort($moves);

        return (string) array_key_first($moves);
    }

    /**
     * Returns minutes of hands and of waiting that are still to come.
     *
     * @return array{int, int}
     */
    public function left(): array
    {
        $chain = $this->pace->chain($this->steps, $this->board->moves());

        return [(int) ceil(array_sum(array_column($chain, 0))), array_sum(array_column($chain, 1))];
    }

    /**
     * Returns what is to come at the beginning of each step: minutes of hands, of waiting, and of hands for each of its
     * moves.
     *
     * @return list<array{float, int, float}>
     */
    private function ahead(): array
    {
        [$ahead, $hands, $waiting] = [[], 0.0, 0];
        foreach (array_reverse($this->steps->all) as $step) {
            $own = $this->pace->seconds($step) / 60;
            [$hands, $waiting] = [$hands + $own, $waiting + $this->pace->waits($step)];
            $ahead[] = [round($hands, 3), $waiting, round($own / max(1, $step->stint->count), 4)];
        }

        return array_reverse($ahead);
    }

    /**
     * Returns what the script of the page works with: every step in words, with its moves and where it lies.
     *
     * @return array<string, mixed>
     */
    public function data(): array
    {
        $unit = $this->plan->draft->piece->unit;
        $colours = [];
        foreach ($this->plan->draft->piece->beads as $name => $bead) {
            $colours[$name] = $bead->colour->hex;
        }

        return [
            'moves' => $this->board->moves(),
            'number' => $this->board->number(),
            'total' => $this->steps->moves,
            'unit' => $unit->value,
            'beads' => (object) $colours,
            'left' => $this->ahead(),
            'detours' => $this->detours(),
            'steps' => array_map(fn (Act $step): array => array_filter([
                'at' => $step->spot->at,
                'along' => 0.0 === $step->spot->along ? null : $step->spot->along,
                'from' => $step->spot->from?->millimetres,
                'due' => $step->spot->due?->millimetres,
                'half' => 0 === $step->grip->half ? null : $step->grip->half,
            ], static fn (float|int|null $value): bool => null !== $value)
                + [
                    'moves' => array_map(
                        static fn ($move): object => (object) StepsDocument::move($move),
                        $step->stint->moves,
                    ),
                ]
                + (null === $this->knot($step) ? [] : ['knot' => $this->knot($step)])
                + $this->documents->step($step, $unit, $this->pace), $this->steps->all),
        ];
    }

    /**
     * Returns what teaches a step, as its page is called; null where there is nothing to learn.
     */
    public function knot(Act $step): ?string
    {
        $id = $this->lessons->of($step);

        return null === $id ? null : LessonWords::slug($id);
    }

    /**
     * Returns what was read on the tape; nothing where it cannot be read again.
     *
     * @return list<Reading>
     */
    private static function readings(StoredBoard $board): array
    {
        try {
            return KeptBoards::readings(['readings' => $board->readings()]);
        } catch (PieceUnreadable) {
            return [];
        }
    }

    /**
     * Returns by how many times the second half is to be as long as planned: the first came out so.
     */
    private static function half(StoredBoard $board, Acts $acts): float
    {
        foreach (array_reverse(self::readings($board)) as $reading) {
            [$step] = $acts->at($reading['moves']);
            $last = $acts->all[max(0, $step - 1)] ?? null;
            $due = 1 === $last?->grip->half ? $last->spot->due : null;
            if (isset($reading['length']) && true === $due?->isLongerThan(Length::zero())) {
                return max(0.7, min(1.4, (float) $reading['length'] / $due->millimetres));
            }
        }

        return 1.0;
    }

    /**
     * Returns what is known of the finished piece because it was measured on it, by the fields in which it is typed:
     * the body once nothing was added to it after the tape was read, and not of a half; what is left of a cord once
     * nothing was done after; the time once all was made here.
     *
     * @return array<string, string>
     */
    public function measured(?TapeReading $last, int $minutes): array
    {
        $unit = $this->plan->draft->piece->unit;
        $isDone = $this->board->moves() >= $this->steps->moves;
        [$grown, $hasHalves] = [0, false];
        foreach ($this->steps->all as $i => $step) {
            $grown = 0.0 === $step->spot->along ? $grown : $this->steps->before($i) + $step->stint->count;
            $hasHalves = $hasHalves || 0 !== $step->grip->half;
        }
        $isBody = $isDone && null !== $last && !$hasHalves && $last->moves >= $grown;
        $isLeft = $isDone && null !== $last && $last->moves >= $this->steps->moves;

        return array_filter([
            'body' => $isBody && null !== $last->length ? (string) $last->length->written($unit) : '',
            'minutes' => $isDone && $minutes > 0 ? (string) $minutes : '',
            'left.'.$last?->role => $isLeft && null !== $last->left ? (string) $last->left->written($unit) : '',
        ], static fn (string $text): bool => '' !== $text);
    }

    /**
     * Returns for how many minutes a step leaves the piece alone.
     */
    public function waits(Act $step): int
    {
        return $this->pace->waits($step);
    }

    /**
     * Returns the sentence of the $i-th step.
     */
    public function say(int $i): string
    {
        $step = $this->steps->all[$i] ?? null;

        return null === $step ? '' : $this->wording->making(
            $this->pace->said($step),
            $this->plan->draft->piece->unit,
        );
    }

    /**
     * Returns what hands still do otherwise than planned, in words, and after how many moves.
     *
     * @return list<array{id: string, at: int, say: string}>
     */
    public function detours(): array
    {
        $open = [];
        foreach ($this->board->detours() as $detour) {
            if (!$detour['done']) {
                $values = array_map(static function (string|int $value): Length|string|int {
                    try {
                        return \is_string($value) ? Length::exact($value) : $value;
                    } catch (MeasureFailure) {
                        return $value;
                    }
                }, $detour['values']);
                $open[] = [
                    'id' => $detour['id'],
                    'at' => $detour['at'],
                    'say' => $this->wording->told(new Message($detour['key'], $values), $this->plan->draft->piece->unit),
                ];
            }
        }

        return $open;
    }

    public function forecast(?TapeReading $reached): ?Forecast
    {
        return null === $reached ? null : Forecast::of($this->plan, $this->steps, new TapeReading(
            $reached->moves,
            $reached->length,
            $reached->role,
            $reached->left,
            $reached->added,
        ));
    }

    /**
     * @return list<ShortCordOption> while a cord will not be enough
     */
    public function ways(?TapeReading $reached): array
    {
        $forecast = $this->forecast($reached);

        return null === $reached || null === $forecast
            ? []
            : (new ShortCordOptions($this->plan, $this->steps, $reached, $forecast, $this->planner))->all();
    }

    /**
     * @return array<int, Cure> what is waited for, by the first step that does so
     */
    public function cures(): array
    {
        $cures = [];
        foreach ($this->steps->all as $i => $step) {
            $cure = $step->care->cure;
            if (null !== $cure && !\in_array($cure, $cures, true)) {
                $cures[$i] = $cure;
            }
        }

        return $cures;
    }

    /**
     * Returns whether a step waits for glue: how long, its clock says by the label.
     */
    public function dries(int $i): bool
    {
        $step = $this->steps->all[$i] ?? null;

        return null !== $step?->care->cure;
    }

    public function look(int $i): string
    {
        return $this->wording->makings(
            ($this->steps->all[$i] ?? null)->advice->looks ?? [],
            $this->plan->draft->piece->unit,
        );
    }

    /**
     * Returns how many beads of one kind are on already, and how many still go on.
     *
     * @return array{int, int}
     */
    public function beads(string $name): array
    {
        [$on, $all] = [0, 0];
        foreach ($this->steps->all as $number => $step) {
            for ($i = 0; $i < $step->stint->count; ++$i) {
                if ($name === $step->stint->move($i)->bead?->name) {
                    $on += $this->steps->before($number) + $i < $this->board->moves() ? 1 : 0;
                    ++$all;
                }
            }
        }

        return [$on, $all - $on];
    }

    /**
     * Returns how many moves have to be undone to take off the bead of that kind that went on last.
     */
    public function since(string $name): int
    {
        for ($moves = $this->board->moves(); $moves > 0; --$moves) {
            [$step, $done] = $this->steps->at($moves - 1);
            if ($name === $this->steps->all[$step]->stint->move($done)->bead?->name) {
                return $this->board->moves() - $moves + 1;
            }
        }

        return 0;
    }
}
