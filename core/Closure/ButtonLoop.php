<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Fit\Ring;
use Rinkel\Core\Knot\Tied;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Plan\Check;
use Rinkel\Core\Plan\Severity;
use Rinkel\Core\Plan\Step;

/**
 * A button through a loop. The loop's opening goes around the button lying in it, 2 (diameter + edge), and a little ease by the
 * cord's stiffness; flat it is half of that. The ring counts from the button's shank to the far inside end of the loop.
 *
 * Each further loop adds its flat length and a knot, and with them a size.
 */
final readonly class ButtonLoop implements Closure
{
    /** Beyond this share over the button a loop lets it slip out again (judgement). */
    private const SLIPS = 0.25;

    /**
     * @param Tied $knot between two loops, and where the loop begins
     */
    public function __construct(
        private ClosureWish $wish,
        private Finding $button,
        private Cord $cord,
        private Tied $knot,
    ) {}

    public function body(Ring $ring): Length
    {
        return $ring->wished()->minus($this->flat());
    }

    public function isBound(): bool
    {
        return false;
    }

    /**
     * Returns the opening that the button needs, all around.
     */
    public function opening(): Length
    {
        return $this->around()->times(1 + $this->cord->fibre->stiffness());
    }

    public function fasten(Ring $ring, Length $body): Fastened
    {
        $sizes = array_map(
            fn (int $loop): Length => $this->flat()->plus($this->flat()->plus($this->knot->pitch)->times($loop)),
            range(0, $this->wish->loops - 1),
        );
        $far = $sizes[\count($sizes) - 1];

        return new Fastened(
            ClosureKind::ButtonLoop,
            $sizes[0],
            $far,
            $far->times(2),
            $this->knot->use->times($this->wish->loops + 1),
            Length::ofMillimetres(75),
            length: $this->flat(),
            sizes: $sizes,
            checks: $this->checks(),
            steps: [new Step('loop', [
                'button' => $this->button->length->written(Unit::Millimetre),
                'edge' => $this->button->width->written(Unit::Millimetre),
                'opening' => $this->opening()->written(Unit::Millimetre),
                'flat' => $this->flat()->written(Unit::Millimetre),
                'loops' => $this->wish->loops,
            ])],
        );
    }

    private function around(): Length
    {
        return $this->button->length->plus($this->button->width)->times(2);
    }

    private function flat(): Length
    {
        return $this->loop()->times(0.5);
    }

    /**
     * Returns the loop's opening as it is made: as the maker chose, else as the button needs.
     */
    private function loop(): Length
    {
        return $this->wish->tail?->times(2) ?? $this->opening();
    }

    /**
     * @return list<Check>
     */
    private function checks(): array
    {
        $loop = $this->loop();
        $values = [
            'loop' => $loop->written(Unit::Millimetre),
            'needed' => $this->opening()->written(Unit::Millimetre),
            'flat' => $this->opening()->times(0.5)->written(Unit::Millimetre),
        ];

        return match (true) {
            $loop->isShorterThan($this->around()) => [new Check('loop-too-small', Severity::Stop, $values)],
            $loop->isLongerThan($this->opening()->times(1 + self::SLIPS)) => [new Check('loop-too-large', Severity::Warn, $values)],
            default => [],
        };
    }
}
