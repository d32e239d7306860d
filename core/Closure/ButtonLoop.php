<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Closure\Closing\HeadLoop;
use Rinkel\Core\Closure\Closing\Loop;
use Rinkel\Core\Closure\Closing\Stops;
use Rinkel\Core\Closure\Closing\TwoEnded;
use Rinkel\Core\Closure\Closing\WrapEnds;
use Rinkel\Core\Fit\Ring;
use Rinkel\Core\Knot\Kind\Barrel;
use Rinkel\Core\Knot\Kind\VerticalLarksHead;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;
use Rinkel\Core\Remark\Step;
use Rinkel\Core\Work\Closing;

/**
 * A button through a loop. The loop's opening goes around the button standing in it on its edge, by its form, and a little
 * ease by the cord's stiffness; flat it is half of that. The ring counts from the button's shank to the far inside end
 * of the loop, with the knot that bounds it. A loop is shorter inside than along its middle by pi times its thickness.
 *
 * Each further loop adds its flat length and a knot, and with them a size. A loop made of knots has a whole number of
 * vertical lark's heads, tied half with one end and half with the other, so that it may come out a little larger than
 * it must.
 *
 * @internal
 */
final readonly class ButtonLoop implements Closure
{
    /** Beyond this share over the button a loop lets it slip out again (judgement). */
    private const SLIPS = 0.25;

    /** How far beyond the last knot the stop of a tail that hangs is, in mm (judgement). */
    private const HANGS = 20.0;

    private ClosureWish $wish;
    private Cord $cord;
    private bool $isWrap;
    private bool $buttonFirst;

    /**
     * @param TiedKnot      $knot between two loops, and where the loop begins
     * @param TiedKnot|null $head one of the vertical lark's heads of a knotted loop
     */
    private function __construct(
        private Site $site,
        private Buttoned $on,
        private TiedKnot $knot,
        private ?TiedKnot $head,
        private ?Stops $tips,
    ) {
        $this->wish = $site->wish;
        $this->cord = $site->ends->cord;
        $this->isWrap = $site->footing->isWrap;
        $this->buttonFirst = $site->footing->isWrap && !$site->footing->loopFirst;
    }

    public static function on(Site $site): self
    {
        return new self(
            $site,
            Buttoned::on($site),
            $site->footing->isWrap ? $site->book->sliding(
                new Barrel(),
                $site->ends->cord,
                $site->ends->cord,
                $site->wish->knot->wraps,
            ) : $site->stop(),
            $site->wish->loop->knotted ? $site->book->around(
                new VerticalLarksHead(),
                $site->ends->bundle(),
                $site->working,
            ) : null,
            null === $site->wish->reach->tails ? null : $site->stops(Length::ofMillimetres(self::HANGS)),
        );
    }

    public function body(Ring $ring): Length
    {
        return $ring->wished()->minus($this->near());
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
        return $this->on->opening($this->cord);
    }

    public function lies(): array
    {
        return [];
    }

    public function fasten(Ring $ring, Length $body): Fastened
    {
        $step = $this->flat()->plus($this->knot->pitch);
        $sizes = array_map(
            fn (int $loop): Length => $this->near()->plus($step->times($loop)),
            range(0, $this->wish->loop->loops - 1),
        );

        return new Fastened(
            $this->wish->kind,
            new ClosureSpan(
                narrow: $sizes[0],
                wide: $sizes[\count($sizes) - 1],
                sizes: $sizes,
                length: $this->flat(),
            ),
            $this->closing(),
            fittings: new Fittings(
                named: [[$this->on->name, $this->on->finding]],
                beads: $this->site->tipped(1),
            ),
            loops: new LoopSizes(
                loopHeads: $this->heads(),
                startLoop: $this->buttonFirst ? null : $this->flat(),
                finishLoop: $this->buttonFirst ? $this->flat() : null,
            ),
            checks: [...$this->checks(), ...$this->on->shank()],
            steps: [new Step(null === $this->head ? 'loop' : 'loop-knotted', [
                'button' => $this->on->finding->length->written(Unit::Millimetre),
                'edge' => $this->on->finding->width->written(Unit::Millimetre),
                'opening' => $this->opening()->written(Unit::Millimetre),
                'flat' => $this->flat()->written(Unit::Millimetre),
                'loops' => $this->wish->loop->loops,
                'heads' => $this->heads(),
                'wide' => ($this->head->width ?? Length::zero())->written(Unit::Millimetre),
                'bound' => $this->knot->pitch->written(Unit::Millimetre),
            ])],
        );
    }

    /**
     * Returns how far the nearest loop reaches from the body: it lies flat, behind the knot that bounds it; one of knots
     * begins at the body. Of a wrap the button's knot lies between the body and the shank, and the loop begins at the
     * last knot of the body.
     */
    private function near(): Length
    {
        $loop = null === $this->head ? $this->flat()->plus($this->knot->pitch) : $this->flat();

        return $loop->plus($this->on->play);
    }

    private function closing(): Closing
    {
        if ($this->isWrap) {
            return new WrapEnds(
                $this->on->name,
                $this->on->play,
                $this->knot,
                $this->wish->knot->wraps,
                $this->loop(),
                $this->middle(),
                $this->wish->loop->loops,
                $this->tips,
            );
        }

        return new TwoEnded(
            null === $this->head
                ? new Loop($this->loop(), $this->middle(), $this->wish->loop->loops, $this->on->name)
                : new HeadLoop(
                    $this->head,
                    $this->heads(),
                    $this->loop(),
                    $this->middle(),
                    $this->wish->loop->loops,
                    $this->on->name,
                ),
            $this->on->atEnd($this->tips),
            $this->site->takesAll(),
        );
    }

    private function flat(): Length
    {
        return $this->loop()->times(0.5);
    }

    /**
     * Returns what the loop opens inside as it is made: as the maker chose, else as the button needs; of whole knots
     * when knotted.
     */
    private function loop(): Length
    {
        return null === $this->head ? $this->asked() : $this->middle()->minus($this->thick());
    }

    /**
     * Returns the loop along its middle: longer than inside by pi times its thickness.
     */
    private function middle(): Length
    {
        return null === $this->head
            ? $this->asked()->plus($this->thick())
            : $this->head->pitch->times($this->heads());
    }

    private function thick(): Length
    {
        return ($this->head->width ?? $this->cord->thickness)->times(\M_PI);
    }

    private function asked(): Length
    {
        return $this->wish->reach->tail?->times(2) ?? $this->opening();
    }

    private function heads(): int
    {
        $middle = $this->asked()->plus($this->thick());

        return null === $this->head ? 0 : (int) ceil($middle->ratioTo($this->head->pitch) - 1e-9);
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
            $loop->isShorterThan($this->on->around()) => [new Check('loop-too-small', Severity::Stop, $values)],
            $loop->isLongerThan($this->opening()->times(1 + self::SLIPS)) => [
                new Check('loop-too-large', Severity::Warn, $values),
            ],
            default => [],
        };
    }
}
