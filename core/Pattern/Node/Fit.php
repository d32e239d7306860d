<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

/**
 * As often as the length allows; several fits of a pattern share it by their shares, 1 to 99. A maker may wish some
 * repeats more or fewer than fit, up to 99: that goes with the wearer, as a plain number would not.
 *
 * @internal
 */
final readonly class Fit implements \Stringable
{
    public const MOST_MORE = 99;

    /**
     * @param int  $more   repeats more than fit, fewer when negative
     * @param bool $partly whether the last repeat may break off between two of its parts
     */
    public function __construct(
        public int $share = 1,
        public int $more = 0,
        public bool $partly = false,
    ) {}

    /**
     * Returns this fit with $more repeats more, or fewer, than it has now.
     */
    public function plus(int $more): self
    {
        return new self($this->share, max(-self::MOST_MORE, min(self::MOST_MORE, $this->more + $more)), $this->partly);
    }

    /**
     * Returns this fit whose last repeat may break off between two of its parts, or stands whole.
     */
    public function brokenOff(bool $partly): self
    {
        return new self($this->share, $this->more, $partly);
    }

    public function __toString(): string
    {
        return 'fit'
            .(1 === $this->share ? '' : ' '.$this->share)
            .(0 === $this->more ? '' : ($this->more > 0 ? ' more ' : ' less ').abs($this->more))
            .($this->partly ? ' partly' : '');
    }
}
