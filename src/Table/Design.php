<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;
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
     */
    public function __construct(
        public string $picture,
        public array $cords,
        public array $beads,
        public array $findings,
    ) {}

    /**
     * Returns what a plan needs, cord to the next ten centimetres.
     */
    public static function of(Plan $plan, string $picture = ''): self
    {
        return new self(
            $picture,
            array_map(
                static fn (array $total): array => [$total[0], $total[1]->roundedUpTo(Length::ofCentimetres(10))],
                $plan->cordTotals(),
            ),
            $plan->beads,
            $plan->findings(),
        );
    }
}
