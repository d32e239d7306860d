<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Closure\Tails;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\LooseEnds;
use Rinkel\Core\Work\Outlet;

/**
 * Tails to tie by hand: they keep the length that they are tied with.
 *
 * @internal
 */
final readonly class TieUp implements AtEnd
{
    /**
     * @param Length     $tail from the body's end
     * @param Stops|null $tips what is at their tips, where something is
     */
    public function __construct(
        private Length $tail,
        private ?Tails $tails,
        private ?Stops $tips,
    ) {}

    public function acts(Bench $bench, Outlet $at): array
    {
        return null === $this->tips || $at->isFolded ? [] : $this->tips->acts($bench, $at);
    }

    public function loose(Bench $bench, Outlet $at): array
    {
        if ($at->isFolded) {
            return [];
        }
        if (null !== $this->tips) {
            return $this->tips->loose($bench, $at);
        }
        $left = $this->tail->plus(true === $this->tails?->frayed ? Tails::frayed() : Length::zero());
        foreach ($at->tails() as $end) {
            $end->keep(max($bench->habits->hold(true)->millimetres, $left->millimetres));
        }

        return [
            new LooseEnds($at->tails(), $at->edge, $left, true === $this->tails?->frayed, $at->bare, Tails::frayed()),
        ];
    }
}
