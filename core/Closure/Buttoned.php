<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Closure\Closing\Button;
use Rinkel\Core\Closure\Closing\Stops;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Material\Hole;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;

/**
 * A button as it sits on its cords: a few millimetres of play before the first knot, knots behind it that nobody sees,
 * and all that is folded through its shank.
 *
 * @internal
 */
final readonly class Buttoned
{
    /**
     * @param TiedKnot|null $square one of the knots hidden behind it, null where there are none
     * @param int           $behind how many
     */
    private function __construct(
        public string $name,
        public Finding $finding,
        public Length $play,
        private ?TiedKnot $square,
        private int $behind,
        private CordUse $ends,
    ) {}

    public static function on(Site $site): self
    {
        [$name, $button] = $site->finding(FindingKind::Button);
        $square = $site->wish->loop->behind > 0
            ? $site->book->around(new Square(), $site->ends->bundle(), $site->working)
            : null;

        return new self(
            $name,
            $button,
            $site->wish->loop->play ?? Length::zero(),
            $square,
            $site->wish->loop->behind,
            $site->ends,
        );
    }

    public function atEnd(?Stops $tips = null): Button
    {
        return new Button($this->name, $this->play, $this->square, $this->behind, $tips);
    }

    /**
     * Returns the perimeter of the button standing on its edge.
     */
    public function around(): Length
    {
        return $this->finding->form->around($this->finding->length, $this->finding->width);
    }

    /**
     * Returns the opening that a loop of $cord needs to let it through.
     */
    public function opening(Cord $cord): Length
    {
        return $this->around()->times(1 + $cord->fibre->stiffness());
    }

    /**
     * @return list<Check>
     */
    public function shank(): array
    {
        $cords = array_fill(0, max(1, $this->ends->count), $this->ends->cord);
        $short = (new Hole($this->finding->inside))->shortfall($cords);

        return $short->isZero() ? [] : [new Check('shank-too-small', Severity::Stop, [
            'hole' => $this->finding->inside->written(Unit::Millimetre),
            'cords' => $this->ends->count,
            'needed' => $this->finding->inside->plus($short)->written(Unit::Millimetre),
        ])];
    }
}
