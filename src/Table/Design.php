<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Rinkel\Core\Lesson\Effort;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\Credit;
use Rinkel\Core\Plan\Plan;

/**
 * A ready design as the shelf shows it: drawn, and with what it needs.
 */
final readonly class Design
{
    /**
     * @param string                    $picture  as SVG
     * @param list<array{Cord, Length}> $cords    each with how much of it
     * @param array<string, int>        $beads    how many by name
     * @param array<string, int>        $findings likewise
     * @param Effort                    $effort   what it asks of its maker
     * @param string                    $name     as its author called it
     * @param Credit|null               $credit   where it is another maker's
     */
    public function __construct(
        public string $picture,
        public array $cords,
        public array $beads,
        public array $findings,
        public Effort $effort,
        public string $name = '',
        public ?Credit $credit = null,
    ) {}

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
            Effort::of($plan),
            $plan->draft->piece->name,
            $credit,
        );
    }
}
