<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Measure\Length;

/**
 * What one kind of cord does in a piece, as far as cutting goes.
 */
final readonly class Role
{
    /**
     * @param string       $name    of the role, as in the piece's cords
     * @param int          $count   how many are cut
     * @param list<string> $lanes   what one of them runs along: its role once, twice when folded, or its two unlike ends
     * @param bool         $carries whether its ends make the closure
     * @param bool         $halved  whether it runs along one half of the piece only
     * @param bool         $folded  whether it is folded
     * @param float        $twist   how many times its tails' length it takes where they are twisted
     * @param Length|null  $spare   what each end needs besides, when it is not held and tied
     */
    private function __construct(
        public string $name,
        public int $count,
        public array $lanes,
        public bool $carries,
        public bool $halved = false,
        public bool $folded = false,
        public ?Length $spare = null,
        public float $twist = 1.0,
    ) {}

    public static function single(string $name, int $count, bool $carries): self
    {
        return new self($name, $count, [$name], $carries);
    }

    /**
     * Returns a cord folded at its middle that works with both halves.
     */
    public static function folded(string $name, int $count = 1): self
    {
        return new self($name, $count, [$name, $name], false, folded: true);
    }

    /**
     * Returns cords of which each is folded on the focal and works along its half of the piece with both its ends.
     */
    public static function halved(string $name, int $count, bool $carries): self
    {
        return new self($name, $count, [$name, $name], $carries, true, true);
    }

    /**
     * Returns a cord folded where the piece begins, both halves of which run along it and make the closure at its end.
     */
    public static function foldedAtStart(string $name, int $count = 1): self
    {
        return new self($name, $count, [$name, $name], true, folded: true);
    }

    /**
     * Returns a folded cord whose two ends take unlike lengths.
     */
    public static function unevenly(string $name, string $long, string $short): self
    {
        return new self($name, 1, [$long, $short], true, folded: true);
    }

    /**
     * Returns the core and the working pairs of a band: each through all of it, or, where two halves hang on a finding
     * in the middle, each cord folded there.
     *
     * @return list<self>
     */
    public static function ofBand(Draft $draft, string ...$pairs): array
    {
        $count = $draft->piece->cord('core')->count;

        return $draft->isHalved()
            ? [
                self::halved('core', 2 * intdiv($count + 1, 2), true),
                ...array_map(static fn (string $pair): self => self::halved($pair, 2, false), array_values($pairs)),
            ]
            : [self::single('core', $count, true), ...array_map(self::folded(...), array_values($pairs))];
    }

    /**
     * Returns strands that are only laid and bound: each end is trimmed by up to $spare.
     */
    public static function loose(string $name, int $count, Length $spare): self
    {
        return new self($name, $count, [$name], false, spare: $spare);
    }

    /**
     * Returns one folded cord at each end of the piece, which works there and makes the closure with both its halves,
     * twisted: in a twist of six cords' rise each half is a helix, sqrt(1 + (pi / 6)²) times as long (the rise:
     * judgement).
     */
    public static function atEachEnd(string $name): self
    {
        return new self($name, 2, [$name], true, true, true, twist: hypot(1, \M_PI / 6));
    }
}
