<?php

declare(strict_types=1);

namespace Rinkel\Core\Fit;

use Rinkel\Core\Measure\Length;

/**
 * One part of a piece as it lies on the body: how long it is, how thick, and whether it bends.
 *
 * Rigid parts with flat faces that touch hinge at their inner edges: they lie as if they were as thick as twice the
 * radius of their corners.
 *
 * @internal
 */
final readonly class Lie
{
    private function __construct(
        public Length $length,
        public Length $thickness,
        public bool $rigid,
    ) {}

    public static function bending(Length $length, Length $thickness): self
    {
        return new self($length, $thickness, false);
    }

    public static function rigid(Length $length, Length $thickness): self
    {
        return new self($length, $thickness, true);
    }
}
