<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan;

use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Fit\EaseScale;
use Rinkel\Core\Fit\FitZone;

/**
 * All that follows from a piece: lengths, counts, cuts, judgements, and how every figure comes about.
 *
 * Inside girths are what the wearer feels; lengths along the piece are measured laid flat, along its middle.
 */
final readonly class Plan
{
    /**
     * @param list<Cut>             $cuts
     * @param array<string, int>    $beads      how many of each, by short name
     * @param list<Neighbour>       $neighbours shortest first
     * @param array<string, Figure> $figures    by their key
     * @param list<Check>           $checks     worst first
     * @param int|null              $pieces     how many whole pieces the beads in stock make
     */
    public function __construct(
        public Draft $draft,
        public array $cuts,
        public array $beads,
        public array $neighbours,
        public array $figures,
        public array $checks,
        public ?int $pieces,
    ) {}

    public function zone(): FitZone
    {
        return (new EaseScale($this->draft->piece->wearer))->zoneOf($this->draft->worn());
    }

    public function worst(): Severity
    {
        return $this->checks[0]->severity ?? Severity::Caution;
    }
}
