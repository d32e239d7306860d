<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

use Rinkel\Core\Measure\Length;

/**
 * One end of a piece's body: the visible place where it ends, and the cord ends that come out there.
 *
 * @internal
 */
final readonly class Outlet
{
    /**
     * @param bool        $isStart  whether the piece begins there
     * @param Landmark    $edge     outermost thing of the body that is no bare cord
     * @param Length      $bare     cord of the body that lies bare beyond it
     * @param bool        $isFolded whether its cords are folded there, so that no tip comes out
     * @param bool        $isFirst  whether what closes it is made before the body
     * @param bool        $isLink   whether it is a link, on which findings hang and at which cords are knotted
     * @param string|null $next     the bead that lies outermost there
     */
    public function __construct(
        public bool $isStart,
        public Landmark $edge,
        public Length $bare,
        public OutletEnds $ends,
        public bool $isFolded = false,
        public bool $isFirst = false,
        public bool $isLink = false,
        public ?string $next = null,
    ) {}

    /**
     * Returns the ends that have a tip there.
     *
     * @return list<End>
     */
    public function tails(): array
    {
        return $this->isFolded ? [] : $this->ends->carrying;
    }

    /**
     * Returns the same with the ends that tied laid into the closing knot.
     */
    public function layingIn(): self
    {
        return $this->ending([], $this->ends->tied, null);
    }

    /**
     * Returns the same with the ends that tied leaving the piece beyond its edge.
     */
    public function tiedAt(Landmark $there): self
    {
        return $this->ending($this->ends->tied, $this->ends->laid, $there);
    }

    /**
     * @param list<End> $tied
     * @param list<End> $laid
     */
    private function ending(array $tied, array $laid, ?Landmark $tiedAt): self
    {
        return new self(
            $this->isStart,
            $this->edge,
            $this->bare,
            ends: new OutletEnds(
                carrying: $this->ends->carrying,
                tied: $tied,
                working: $this->ends->working,
                laid: $laid,
                tiedAt: $tiedAt,
                inTurn: $this->ends->inTurn,
            ),
            isFolded: $this->isFolded,
            isFirst: $this->isFirst,
            isLink: $this->isLink,
            next: $this->next,
        );
    }

    /**
     * Returns how it is called in sentences.
     */
    public function side(): string
    {
        return $this->isStart ? 'start' : 'finish';
    }

    /**
     * Returns how far from its edge a place is that lies so far from the body's end.
     */
    public function from(Length $beyond): Length
    {
        return $this->bare->plus($beyond);
    }

    /**
     * Returns the role of the cords that come out, where it is one.
     */
    public function role(): ?string
    {
        $roles = array_unique(array_map(static fn (End $end): string => $end->cord->role, $this->ends->carrying));

        return 1 === \count($roles) ? array_values($roles)[0] : null;
    }

    /**
     * Returns what it is called when acts before others are told by it.
     */
    public function stretch(string $what): string
    {
        return $what.' '.$this->side();
    }
}
