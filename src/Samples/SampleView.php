<?php

declare(strict_types=1);

namespace Rinkel\App\Samples;

use Rinkel\Core\Hand\Observation;
use Rinkel\Core\Hand\OwnSample;
use Rinkel\Core\Piece\Fault;

/**
 * One sample as its page shows it.
 */
final readonly class SampleView
{
    /**
     * @param OwnSample|null $sample null when it cannot be read
     * @param float          $off    how far it is off what the others let expect, in standard deviations; 0 when it
     *                               agrees
     * @param list<Fault>    $faults why it cannot be read
     */
    public function __construct(
        public StoredSample $stored,
        public ?OwnSample $sample,
        public ?Observation $observation,
        public float $off = 0.0,
        public array $faults = [],
    ) {}

    public function isOdd(): bool
    {
        return $this->off > 0.0;
    }
}
