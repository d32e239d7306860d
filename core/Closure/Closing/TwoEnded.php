<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;

/**
 * A closure of two ends, each made for itself: where a piece begins at one, that is made before the body.
 *
 * @internal
 */
final readonly class TwoEnded extends ClosingSequence
{
    public function __construct(
        private AtEnd $start,
        private AtEnd $finish,
        bool $takesAll = false,
        private bool $opens = true,
    ) {
        parent::__construct($takesAll);
    }

    public function begins(bool $isFolded): bool
    {
        return $isFolded || $this->start instanceof HeadLoop;
    }

    public function joins(bool $isFolded): bool
    {
        return $this->start instanceof HeadLoop || $isFolded && $this->start instanceof AllLoop;
    }

    public function crimps(bool $isStart): bool
    {
        $end = $isStart ? $this->start : $this->finish;

        return $end instanceof Findings && $end->crimps();
    }

    /**
     * Returns an end of the piece with its working ends where what is made there leaves them.
     */
    private static function laid(AtEnd $end, Outlet $at): Outlet
    {
        $edge = $end instanceof TiesBeyond ? $end->beyond()->edge($at) : null;

        return match (true) {
            null !== $edge => $at->tiedAt($edge),
            $end instanceof Loop && $end->laysIn($at) => $at->layingIn(),
            default => $at,
        };
    }

    public function write(Bench $bench, Outlet $start, Outlet $finish): void
    {
        [$start, $finish] = [self::laid($this->start, $start), self::laid($this->finish, $finish)];
        $left = $this->workingEnds($bench, $start, $finish);
        $bench->need('working ends', 'end start');
        $bench->need('working ends', 'end finish');
        foreach ([[$this->start, $start], [$this->finish, $finish]] as [$end, $at]) {
            $name = $at->stretch('end');
            $acts = $end->acts($bench, $at);
            $bench->write($name, $acts, match (true) {
                !$at->isFirst => ['body', 'trial'],
                $at->isLink => ['cords'],
                default => ['cords', 'mount'],
            });
            if ($at->isFirst) {
                $bench->write('body', [], [$name]);
            }
            array_push($left, ...$end->loose($bench, $at));
        }
        $bench->write('closed', !$this->opens ? [] : [new Act(
            ActKind::Try,
            Part::Trial,
            new Message('try-closed', ['worn' => $bench->worn, 'place' => $bench->place->value]),
            spot: new Spot(marks: [$start->edge, $finish->edge], sizes: ['worn' => $bench->worn]),
        )], ['end start', 'end finish']);
        $this->lastEnds($bench, $left, ['end start', 'end finish', 'closed']);
    }
}
