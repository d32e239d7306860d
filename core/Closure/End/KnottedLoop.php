<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\End;

use Rinkel\Core\Closure\Closing\AllLoop;
use Rinkel\Core\Closure\Closing\AtEnd;
use Rinkel\Core\Closure\EndForm;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Remark\Step;

/**
 * All cords, folded, in one large overhand that leaves a loop, wound over the fingers: core and working cords alike are
 * in the loop and in the knot.
 *
 * @internal
 */
final readonly class KnottedLoop extends Bare
{
    /**
     * @param Length $inside  of the loop
     * @param int    $strands that go around it together
     */
    private function __construct(
        private Length $inside,
        private TiedKnot $knot,
        private Length $thick,
        private int $strands,
    ) {}

    public static function on(Site $site, EndForm $other): self
    {
        $strands = max(1, intdiv($site->footing->together + 1, 2));
        $inside = EndForm::Ties === $other ? null : $site->wish->reach->tail?->times(2);

        return new self(
            $inside ?? CordLoop::needed($site, $other),
            $site->book->in(new Overhand(), $site->ends->cord, 2 * $strands),
            $site->ends->cord->round()->times(sqrt($strands)),
            $strands,
        );
    }

    public function reach(): Length
    {
        return $this->inside->times(0.5)->plus($this->knot->pitch);
    }

    public function atEnd(): AtEnd
    {
        return new AllLoop($this->inside, $this->around(), $this->knot);
    }

    public function step(): Step
    {
        return new Step('end-knotted-loop', [
            'flat' => $this->inside->times(0.5)->written(Unit::Millimetre),
            'knot' => $this->knot->pitch->written(Unit::Millimetre),
            'strands' => 2 * $this->strands,
        ]);
    }

    private function around(): Length
    {
        return $this->inside->plus($this->thick->times(\M_PI));
    }

    public function flat(): Length
    {
        return $this->inside->times(0.5);
    }
}
