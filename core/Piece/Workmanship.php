<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

use Rinkel\Core\Cutting\Risk;
use Rinkel\Core\Knot\Kind\DrawnKnot;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\Sample;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Work\Habits;

/**
 * How its maker makes a piece, as far as it changes it.
 */
final readonly class Workmanship
{
    /**
     * @param Tension|null             $tension how hard knots are pushed, null when that was not said
     * @param array<string, Sample>    $samples by the knot's word
     * @param Length|null              $gauge   the maker's own, such as a joint of their finger
     * @param int                      $risk    one in how many pieces may run short of cord
     * @param array<string, DrawnKnot> $knots   of their own that its pattern can name, by their word
     * @param Credit|null              $credit  of another maker, whose design it is
     *
     * @throws \DomainException If the risk is out of its range; readers tell a maker so
     */
    public function __construct(
        public ?Tension $tension = null,
        public array $samples = [],
        public Habits $habits = new Habits(),
        public ?Length $gauge = null,
        public int $risk = Risk::USUAL,
        public bool $instantGlue = false,
        public array $knots = [],
        public ?Credit $credit = null,
    ) {
        if ($risk < Risk::LEAST || $risk > Risk::MOST) {
            throw new \DomainException(\sprintf('risk: %d is not from %d to %d.', $risk, Risk::LEAST, Risk::MOST));
        }
    }

    /**
     * Returns all knots that a pattern can name: those that everybody knows, and their own.
     */
    public function knownKnots(): KnownKnots
    {
        return KnownKnots::all()->and(...array_values($this->knots));
    }

    /**
     * @param array<string, DrawnKnot> $knots by their word
     */
    public function withKnots(array $knots): self
    {
        return $this->with(['knots' => $knots]);
    }

    /**
     * Returns the same of a maker who pushes their knots so, or who did not say, and about whom nothing else is known.
     */
    public function withTension(?Tension $tension): self
    {
        return $this->with(['tension' => $tension, 'samples' => []]);
    }

    /**
     * Returns the same of somebody's design; of one that is somebody's already, as it is.
     */
    public function creditedTo(Credit $credit): self
    {
        return $this->with(['credit' => $this->credit ?? $credit]);
    }

    /**
     * @param array<string, mixed> $changed by property
     */
    private function with(array $changed): self
    {
        /** @phpstan-ignore argument.type (the keys are this class's own property names) */
        return new self(...array_merge(get_object_vars($this), $changed));
    }
}
