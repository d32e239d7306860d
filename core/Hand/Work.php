<?php

declare(strict_types=1);

namespace Rinkel\Core\Hand;

use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;

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
     * Returns whether an end has to be measured before and after; without it nothing is learnt.
     */
    public function wantsEnd(): bool;

    /**
     * Returns whether its length has to be measured whatever else was.
     */
    public function wantsLength(): bool;

    /**
     * Returns why an end cannot have been so long before and after; null where it can.
     */
    public function disbelieved(Length $before, Length $after): ?Message;

    /**
     * Returns the least that so many can take of an end.
     */
    public function least(int $count, ?Length $length): Length;
}
