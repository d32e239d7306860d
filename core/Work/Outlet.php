<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

use Rinkel\Core\Measure\Length;

/**
 * One end of a piece's body: the visible place where it ends, and the cord ends that come out there.
 */
final readonly class Outlet
{
    /**
     * @param bool          $isStart  whether the piece begins there
     * @param Landmark      $edge     outermost thing of the body that is no bare cord
     * @param Length        $bare     cord of the body that lies bare beyond it
     * @param list<End>     $carrying ends that make the closure; of folded cords both
     * @param list<End>     $tied     ends that only tied, and are made safe there
     * @param list<End>     $working  ends that tie what is knotted there
     * @param bool          $isFolded whether its cords are folded there, so that no tip comes out
     * @param bool          $isFirst  whether what closes it is made before the body
     * @param bool          $isLink   whether it is a link, on which findings hang and at which cords are knotted
     * @param string|null   $next     the bead that lies outermost there
     * @param list<End>     $laid     ends that tied, and are laid into the knot that closes the body there
     * @param Landmark|null $tiedAt   where ends that tied leave the piece, where that is beyond its edge
     * @param bool          $inTurn   whether ends that tied are finished pair by pair, each before the next
     */
    public function __construct(
        public bool $isStart,
        public Landmark $edge,
        public Length $bare,
        public array $carrying,
        public array $tied = [],
        public array $working = [],
        public bool $isFolded = false,
        public bool $isFirst = false,
        public bool $isLink = false,
        public bool $inTurn = false,
        public ?string $next = null,
        public array $laid = [],
        public ?Landmark $tiedAt = null,
    ) {}

    /**
     * Returns the ends that have a tip there.
     *
     * @return list<End>
     */
    public function tails(): array
    {
        return $this->isFolded ? [] : $this->carrying;
    }

    /**
     * Returns the same with the ends that tied laid into the closing knot.
     */
    public function layingIn(): self
    {
        return $this->ending([], $this->tied, null);
    }

    /**
     * Returns the same with the ends that tied leaving the piece beyond its edge.
     */
    public function tiedAt(Landmark $there): self
    {
        return $this->ending($this->tied, $this->laid, $there);
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
            carrying: $this->carrying,
            tied: $tied,
            working: $this->working,
            isFolded: $this->isFolded,
            isFirst: $this->isFirst,
            isLink: $this->isLink,
            inTurn: $this->inTurn,
            next: $this->next,
            laid: $laid,
            tiedAt: $tiedAt,
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
        $roles = array_unique(array_map(static fn (End $end): string => $end->cord->role, $this->carrying));

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
