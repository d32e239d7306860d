<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\Hole;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;

/**
 * A button as it sits on its cords: a few millimetres of play before the first knot, knots behind it that nobody sees,
 * and all that is folded through its shank.
 */
final readonly class Buttoned
{
    /**
     * @param Length|null $behind what the knots behind it take of a working cord, both its ends together
     */
    private function __construct(
        public Finding $finding,
        public Length $play,
        public ?Length $behind,
        private CordUse $ends,
    ) {}

    public static function on(Site $site, Finding $button): self
    {
        $square = $site->wish->behind > 0
            ? $site->book->around(
                new Square(),
                $site->ends->bundle(),
                $site->working,
            )->use->times(2 * $site->wish->behind)
            : null;

        return new self($button, $site->wish->play ?? Length::zero(), $square, $site->ends);
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
