<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Closure\Closing\TwoEnded;
use Rinkel\Core\Closure\End\ClosureEnd;
use Rinkel\Core\Fit\Ring;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;

/**
 * A closure of two ends, each of its own kind: the ring is the body and what both reach from it.
 *
 * @internal
 */
final readonly class TwoEnds implements Closure
{
    private ClosureEnd $start;
    private ClosureEnd $finish;

    public function __construct(private ClosureWish $wish, private Site $site)
    {
        $this->start = $wish->start->at($site, $wish->finish, true);
        $this->finish = $wish->finish->at($site, $wish->start, false);
    }

    public function body(Ring $ring): Length
    {
        return $ring->wished()->minus($this->gap());
    }

    public function isBound(): bool
    {
        return false;
    }

    public function lies(): array
    {
        return [];
    }

    public function fasten(Ring $ring, Length $body): Fastened
    {
        return new Fastened(
            $this->wish->kind,
            new ClosureSpan(
                narrow: $this->gap(),
                wide: $this->gap()->plus($this->further()),
                sizes: $this->further()->isZero() ? [$this->gap()] : array_map(
                    fn (int $loop): Length => $this->gap()->plus(
                        $this->further()->times($loop / ($this->wish->loop->loops - 1)),
                    ),
                    range(0, $this->wish->loop->loops - 1),
                ),
                tail: $this->finish->tail() ?? $this->start->tail(),
                length: $this->start->reach(),
            ),
            new TwoEnded($this->start->atEnd(), $this->finish->atEnd(), $this->site->takesAll()),
            fittings: new Fittings(
                named: [...$this->start->findings(), ...$this->finish->findings()],
                beads: $this->site->tipped(
                    (int) (null !== $this->start->tail() && !$this->site->footing->isFolded)
                    + (int) (null !== $this->finish->tail()),
                ),
                sides: new EndFindings($this->start->findings(), $this->finish->findings()),
            ),
            loops: new LoopSizes(startLoop: $this->start->flat(), finishLoop: $this->finish->flat()),
            checks: [...$this->holds(), ...$this->start->checks(), ...$this->finish->checks()],
            steps: [$this->start->step(), $this->finish->step()],
        );
    }

    /**
     * Returns how much further the last of its sizes is than the first.
     */
    private function further(): Length
    {
        return $this->start->further()->plus($this->finish->further());
    }

    private function gap(): Length
    {
        return $this->start->reach()->plus($this->finish->reach());
    }

    /**
     * What does not hold the other: two loops, two buttons, a button and ties.
     *
     * @return list<Check>
     */
    private function holds(): array
    {
        [$start, $finish] = [$this->wish->start, $this->wish->finish];
        $holds = $start->isLoop() !== $finish->isLoop();

        return $holds || $start === $finish && \in_array($start, [EndForm::Ties, EndForm::Findings], true)
            ? []
            : [new Check('ends-do-not-hold', Severity::Stop, ['start' => $start->value, 'finish' => $finish->value])];
    }
}
