<?php

declare(strict_types=1);

namespace Rinkel\App\Making;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Plan\Plan;

/**
 * Things of an order that are alike, and what their customer may still choose of them.
 */
final readonly class OpenChoice
{
    /**
     * @param non-empty-list<StoredMaking>                                 $makings
     * @param array<string, array{is: string, all: array<string, string>}> $colours by the role of the cord: as
     *                                                                              planned, and names by colour
     */
    public function __construct(
        public array $makings,
        public Plan $plan,
        public array $colours,
    ) {}

    /**
     * Returns by what it is called in the form.
     */
    public function key(): string
    {
        return $this->makings[0]->uid();
    }

    /**
     * Returns whether anything can be chosen: its cord is not cut yet.
     */
    public function isOpen(): bool
    {
        return CustomerChoices::isOpen($this->makings[0]);
    }

    public function unit(): Unit
    {
        return $this->plan->draft->piece->unit;
    }

    /**
     * Returns the girth it is planned for.
     */
    public function girth(): Length
    {
        return $this->plan->draft->piece->wearer->girth;
    }
}
