<?php

declare(strict_types=1);

namespace Rinkel\App\Knots;

use Rinkel\Core\Knot\Kind\DrawnKnot;

/**
 * Knots that a piece could take in besides those that everybody knows.
 */
interface KnotsAtHand
{
    /**
     * @return list<DrawnKnot>
     */
    public function known(): array;

    /**
     * @return list<string> what they are called
     */
    public function names(): array;

    public function named(string $name): ?DrawnKnot;

    /**
     * Returns those that a pattern names.
     *
     * @return array<string, DrawnKnot> by name
     */
    public function in(string $pattern): array;
}
