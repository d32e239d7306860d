<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Remark\Severity;

/**
 * What came of a piece when it was planned, as far as a row of the Table says it: kept beside the piece, so that a list
 * of thousands plans none.
 */
final readonly class PieceSummary
{
    public string $name;
    public string $construction;
    public Unit $unit;
    public BodyPlace $place;
    public Length $girth;
    public Length $body;

    /** What it is closed around, and what it gets over open. */
    public Length $closed;
    public Length $open;

    /** @var list<array{int, Length}> how many of each, and how long */
    public array $cuts;

    /** The worst of what is to be said of it. */
    public Severity $worst;

    public function __construct(Plan $plan)
    {
        $draft = $plan->draft;
        $this->name = $draft->piece->name;
        $this->construction = $draft->piece->construction;
        $this->unit = $draft->piece->unit;
        $this->place = $draft->piece->wearer->place;
        $this->girth = $draft->piece->wearer->girth;
        $this->body = $draft->body();
        $this->closed = $draft->closed();
        $this->open = $draft->open();
        $this->cuts = array_values(array_map(static fn (Cut $cut): array => [$cut->count, $cut->length], $plan->cuts));
        $this->worst = $plan->worst();
    }
}
