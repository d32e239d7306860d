<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\End;

use Rinkel\Core\Closure\Closing\AtEnd;
use Rinkel\Core\Closure\Closing\TieUp;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Closure\Ties;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Remedy;
use Rinkel\Core\Remark\Severity;
use Rinkel\Core\Remark\Step;

/**
 * Tails to tie by hand: to the other tails, or through a loop.
 *
 * @internal
 */
final readonly class TieEnd extends Bare
{
    public function __construct(private ?Length $tail, private Site $site) {}

    /**
     * Half of the knot that is tied: 5 mm (judgement).
     */
    public function reach(): Length
    {
        return Length::ofMillimetres(5);
    }

    public function atEnd(): AtEnd
    {
        $all = $this->tail()->plus($this->reach());
        $tails = $this->site->wish->reach->tails;

        return new TieUp($all, $tails, null === $tails?->bead ? null : $this->site->stops($all));
    }

    public function checks(): array
    {
        return $this->tail()->isShorterThan(Ties::least()) ? [new Check(
            'ties-too-short',
            Severity::Stop,
            ['tail' => $this->tail(), 'least' => Ties::least()],
            new Remedy('closure.tail', Ties::least()),
        )] : [];
    }

    public function step(): Step
    {
        return new Step('end-ties', ['tail' => $this->tail()]);
    }

    public function tail(): Length
    {
        return $this->tail ?? Ties::least()->times(2);
    }
}
