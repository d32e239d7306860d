<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Hand\Made;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\KnotBook;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Material\Cord as Material;
use Rinkel\Core\Measure\Length;

/**
 * Where a piece is written down as it is made: its cords, and what is done to them in stretches of acts of which each
 * says what must be done before it. A beginning, a body and each end of a piece write their own.
 *
 * @internal
 */
final class Bench
{
    /** @var list<WorkCord> in the order in which they are cut */
    private array $cords = [];

    /** @var array<string, int> cords by role */
    private array $numbers = [];

    /** @var array<string, list<Act>> by what each stretch is called */
    private array $stretches = [];

    /** @var array<string, list<string>> what must be done before each, where the piece has it */
    private array $needs = [];

    /**
     * @param Length $body  of the piece
     * @param Length $worn  girth inside as it is worn
     * @param Length $opens girth that gets through
     */
    public function __construct(
        public readonly KnotBook $book,
        public readonly Habits $habits,
        public readonly BodyPlace $place,
        public readonly Length $body,
        public readonly Length $worn,
        public readonly Length $opens,
    ) {}

    public function cord(
        string $role,
        Task $task,
        Material $material,
        bool $folds,
        bool $oneWay = false,
        bool $isLater = false,
        bool $isFree = false,
        bool $isUnmarked = false,
        int $place = 0,
    ): WorkCord {
        $number = $this->numbers[$role] = ($this->numbers[$role] ?? 0) + 1;

        return $this->cords[] = new WorkCord(
            $role,
            $task,
            $number,
            $material,
            handling: new Handling(
                folds: $folds,
                oneWay: $oneWay,
                isLater: $isLater,
                isFree: $isFree,
                isUnmarked: $isUnmarked,
                place: $place,
            ),
        );
    }

    /**
     * @return list<WorkCord>
     */
    public function cords(): array
    {
        return $this->cords;
    }

    /**
     * Adds acts to the stretch called $name; what it uses of ends is theirs from now on.
     *
     * @param list<Act>    $acts
     * @param list<string> $after stretches that must be done before, where there are such
     */
    public function write(string $name, array $acts, array $after = []): void
    {
        foreach ($acts as $act) {
            foreach ($act->stint->takes as $spent) {
                $spent->end->uses($spent, \in_array($act->part, [Part::Body, Part::Bend, Part::Binding], true));
            }
        }
        $this->stretches[$name] = [...$this->stretches[$name] ?? [], ...$acts];
        $this->needs[$name] = [...$this->needs[$name] ?? [], ...$after];
    }

    /**
     * Says that one stretch comes after another, where the piece has both.
     */
    public function need(string $name, string $after): void
    {
        $this->needs[$name][] = $after;
    }

    /**
     * Returns all acts in an order in which each stretch comes after what it needs; else as they were written.
     *
     * @return list<Act>
     */
    public function acts(): array
    {
        $acts = [];
        $done = [];
        while ([] !== $open = array_diff_key($this->stretches, $done)) {
            $next = (string) array_key_first($open);
            foreach (array_map(strval(...), array_keys($open)) as $name) {
                if ([] === array_intersect_key($open, array_flip($this->needs[$name] ?? []))) {
                    $next = $name;
                    break;
                }
            }
            $done[$next] = true;
            array_push($acts, ...$open[$next]);
        }

        return $acts;
    }

    /**
     * Returns what $tied takes of each end that ties it.
     *
     * @param list<End> $ends
     * @param float     $times of its use
     *
     * @return list<EndUse>
     */
    public function knots(Knot $knot, TiedKnot $tied, array $ends, float $times = 1.0, float $straight = 0.0): array
    {
        return array_map(fn (End $end): EndUse => EndUse::knots(
            $end,
            $times * $tied->use->millimetres,
            $this->made($knot, $end->cord->material),
            $straight,
        ), $ends);
    }

    public function made(Knot $knot, Material $cord): Made
    {
        return Made::of($knot->word(), $cord, $knot->manner()->isPushed(), $this->book->hasSample($knot));
    }

    /**
     * Returns one overhand of all these ends together.
     *
     * @param array<End> $ends one at least
     */
    public function overhand(array $ends, int $times = 1): TiedKnot
    {
        $first = $ends[array_key_first($ends) ?? 0] ?? throw new \LogicException('Nothing ties itself.');

        return $this->book->in(new Overhand(), $first->cord->material, $times * \count($ends));
    }
}
