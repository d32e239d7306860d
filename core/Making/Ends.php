<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

use Rinkel\Core\Material\Ending;
use Rinkel\Core\Material\Gluing;
use Rinkel\Core\Plan\CordEnd;
use Rinkel\Core\Plan\Finishing;
use Rinkel\Core\Plan\Plan;

/**
 * How the ends of all cords are secured: cord by cord, each in its own order; what is singed before what is glued, so
 * that no flame comes near fresh glue, and all glue cures at once.
 */
final readonly class Ends
{
    public function __construct(private Plan $plan) {}

    /**
     * @param bool $isTaken whether the closure has taken the ends of the cords that carry the piece
     *
     * @return list<Step>
     */
    public function steps(bool $isTaken): array
    {
        $ends = array_filter(
            (new Finishing($this->plan->draft))->ends(),
            static fn (CordEnd $end): bool => !$isTaken || !$end->carries,
        );
        $singed = array_filter($ends, static fn (CordEnd $end): bool => Ending::Singe === $end->ending);
        $glued = array_filter($ends, static fn (CordEnd $end): bool => Ending::Glue === $end->ending);
        $steps = [];
        foreach ($singed as $end) {
            $steps[] = $this->trim($end);
            $steps[] = Step::plain(
                Deed::Secure,
                'singe',
                ['role' => $end->role],
                [Tool::Lighter, Tool::Clip],
                $end->role,
                look: 'look-flame',
            );
        }

        return [...$steps, ...$this->glued($glued)];
    }

    /**
     * @param array<CordEnd> $glued
     *
     * @return list<Step>
     */
    private function glued(array $glued): array
    {
        $before = [];
        $after = [];
        foreach ($glued as $end) {
            $glue = Step::plain(
                Deed::Secure,
                'glue',
                ['role' => $end->role],
                [Tool::Glue],
                $end->role,
                look: 'look-glue',
            );
            if (Gluing::Last === $end->gluing) {
                array_push($before, $this->trim($end), $glue);
            } else {
                $before[] = $glue;
                $after[] = $this->trim($end);
            }
        }

        return [] === $before ? [] : [...$before, Step::wait('cure-cord', Cure::Cord->minutes()), ...$after];
    }

    private function trim(CordEnd $end): Step
    {
        return Step::plain(Deed::Trim, match (true) {
            $end->isTail => 'trim-tail',
            Ending::Singe === $end->ending => 'trim-short',
            default => 'trim-knot',
        }, [
            'role' => $end->role,
            'end' => $this->plan->draft->piece->habits->tailEnd(),
        ], [Tool::Scissors], $end->role);
    }
}
