<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Fit\Ring;
use Rinkel\Core\Knot\Kind\VerticalLarksHead;
use Rinkel\Core\Knot\Tied;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;
use Rinkel\Core\Remark\Step;

/**
 * A button through a loop. The loop's opening goes around the button lying in it, 2 (diameter + edge), and a little
 * ease by the cord's stiffness; flat it is half of that. The ring counts from the button's shank to the far inside end
 * of the loop.
 *
 * Each further loop adds its flat length and a knot, and with them a size. A loop made of knots has a whole number of
 * vertical lark's heads, tied half with one end and half with the other, so that it may come out a little larger than
 * it must.
 */
final readonly class ButtonLoop implements Closure
{
    /** Beyond this share over the button a loop lets it slip out again (judgement). */
    private const SLIPS = 0.25;

    /**
     * @param Tied      $knot between two loops, and where the loop begins
     * @param Tied|null $head one of the vertical lark's heads of a knotted loop
     */
    private function __construct(
        private ClosureWish $wish,
        private Finding $button,
        private Cord $cord,
        private Tied $knot,
        private ?Tied $head = null,
    ) {}

    public static function on(Site $site): self
    {
        return new self(
            $site->wish,
            $site->finding(FindingKind::Button),
            $site->ends->cord,
            $site->stop(),
            $site->wish->knotted ? $site->book->around(
                new VerticalLarksHead(),
                $site->ends->bundle(),
                $site->working,
            ) : null,
        );
    }

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

    public function lies(): array
    {
        return [];
    }

    public function fasten(Ring $ring, Length $body): Fastened
    {
        $sizes = array_map(
            fn (int $loop): Length => $this->flat()->plus($this->flat()->plus($this->knot->pitch)->times($loop)),
            range(0, $this->wish->loops - 1),
        );
        $far = $sizes[\count($sizes) - 1];

        return new Fastened(
            $this->wish->kind,
            $sizes[0],
            $far,
            $far->times(2),
            $this->knot->use->times($this->wish->loops + 1)->plus(
                $this->head?->use->times($this->heads() * $this->wish->loops) ?? Length::zero(),
            ),
            Length::zero(),
            length: $this->flat(),
            sizes: $sizes,
            checks: $this->checks(),
            steps: [new Step(null === $this->head ? 'loop' : 'loop-knotted', [
                'button' => $this->button->length->written(Unit::Millimetre),
                'edge' => $this->button->width->written(Unit::Millimetre),
                'opening' => $this->opening()->written(Unit::Millimetre),
                'flat' => $this->flat()->written(Unit::Millimetre),
                'loops' => $this->wish->loops,
                'heads' => $this->heads(),
            ])],
            findings: [$this->button],
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
     * Returns the loop's opening as it is made: as the maker chose, else as the button needs; of whole knots when
     * knotted.
     */
    private function loop(): Length
    {
        return null === $this->head ? $this->asked() : $this->head->pitch->times($this->heads());
    }

    private function asked(): Length
    {
        return $this->wish->tail?->times(2) ?? $this->opening();
    }

    private function heads(): int
    {
        return null === $this->head ? 0 : (int) ceil($this->asked()->ratioTo($this->head->pitch) - 1e-9);
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
            $loop->isLongerThan($this->opening()->times(1 + self::SLIPS)) => [
                new Check('loop-too-large', Severity::Warn, $values),
            ],
            default => [],
        };
    }
}
