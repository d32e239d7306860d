<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

use Rinkel\Core\Measure\Wait;

/**
 * A glue: how long it is left alone, and what it bears when it is hard. Its label comes first.
 *
 * @internal
 */
final readonly class Glue
{
    /**
     * @param Wait         $cure    until the work may go on
     * @param bool         $instant whether it frosts glass and sets brittle
     * @param list<Strain> $bears
     */
    public function __construct(
        public Wait $cure,
        public bool $instant,
        public array $bears,
    ) {}

    public function bears(Strain $strain): bool
    {
        return \in_array($strain, $this->bears, true);
    }

    public function materialKey(): string
    {
        return implode(' ', [
            'glue',
            $this->cure->minutes,
            $this->instant ? 'instant' : 'slow',
            ...array_map(static fn (Strain $strain): string => $strain->value, $this->bears),
        ]);
    }
}
