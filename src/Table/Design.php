<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Rinkel\Core\Lesson\Lessons;
use Rinkel\Core\Making\Pace;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\Credit;
use Rinkel\Core\Plan\Plan;

/**
 * A ready design as the shelf shows it: drawn, and with what it needs.
 */
final readonly class Design
{
    /** Lessons and minutes that an easy design has at most, and one that is not. */
    private const LITTLE = [3, 45];
    private const SOME = [5, 120];

    /**
     * @param string                    $picture  as SVG
     * @param list<array{Cord, Length}> $cords    each with how much of it
     * @param array<string, int>        $beads    how many by name
     * @param array<string, int>        $findings likewise
     * @param list<string>              $teaches  lessons that its making asks for
     * @param int                       $minutes  of hands, for a maker about whom nothing is known
     * @param string                    $name     as its author called it
     * @param Credit|null               $credit   where it is another maker's
     */
    public function __construct(
        public string $picture,
        public array $cords,
        public array $beads,
        public array $findings,
        public array $teaches,
        public int $minutes,
        public string $name = '',
        public ?Credit $credit = null,
    ) {}

    /**
     * Returns how much it asks of its maker, from 1 to 3: by how much there is to learn, and how long to keep at it
     * (judgement).
     */
    public function level(): int
    {
        return match (true) {
            \count($this->teaches) <= self::LITTLE[0] && $this->minutes <= self::LITTLE[1] => 1,
            \count($this->teaches) <= self::SOME[0] && $this->minutes <= self::SOME[1] => 2,
            default => 3,
        };
    }

    /**
     * Returns what a plan needs, cord to the next ten centimetres.
     */
    public static function of(Plan $plan, string $picture = '', ?Credit $credit = null): self
    {
        return new self(
            $picture,
            array_map(
                static fn (array $total): array => [$total[0], $total[1]->roundedUpTo(Length::ofCentimetres(10))],
                $plan->cordTotals(),
            ),
            $plan->beads,
            $plan->findings(),
            Lessons::forPiece($plan->draft->piece)->taught($plan->acts()->all),
            (int) round(array_sum(array_column((new Pace())->chain($plan->acts()), 0))),
            $plan->draft->piece->name,
            $credit,
        );
    }
}
