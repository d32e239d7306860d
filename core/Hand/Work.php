<?php

declare(strict_types=1);

namespace Rinkel\Core\Hand;

use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;

/**
 * What a maker worked to measure it: knots, a braid, a row of lacing, waves, or a cord that they pulled.
 */
interface Work
{
    /**
     * Returns the one word for it, as in the notation where it has one there.
     */
    public function word(): string;

    public function cord(): Cord;

    /**
     * Returns what of a measurement the hand made, beside the model of an even hand; null where no hand had a part in
     * it.
     *
     * @param int         $count  of them, from 1
     * @param Length|null $length of all of them, null where it was not measured
     * @param Length|null $used   of one end, null where it was not measured
     */
    public function reading(int $count, ?Length $length, ?Length $used): ?HandReading;

    /**
     * Returns the least that so many can take of an end.
     */
    public function least(int $count, ?Length $length): Length;
}
