<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Material\CordRun;
use Rinkel\Core\Measure\Length;

/**
 * What one kind of cord does in a piece, as far as cutting goes: a cord in one run has one leg, a folded one has two.
 */
final readonly class Role
{
    /**
     * @param string              $name  of the role, as in the piece's cords
     * @param int                 $count how many are cut
     * @param non-empty-list<Leg> $legs  one or two
     * @param bool                $ties  whether it ties what a closure has knotted with a working cord
     * @param Length|null         $spare what each free end needs, when it is not held and tied
     */
    private function __construct(
        public string $name,
        public int $count,
        public array $legs,
        public bool $ties = false,
        public ?Length $spare = null,
    ) {}

    public static function single(string $name, int $count, bool $carries): self
    {
        return new self($name, $count, [new Leg([$name], opens: $carries, closes: $carries)]);
    }

    /**
     * Returns a cord folded where the piece begins that works along it with both ends, which may do unlike things.
     */
    public static function folded(string $name, bool $ties = true, bool $closes = false): self
    {
        return new self($name, 1, self::sides($name, $closes), $ties);
    }

    /**
     * Returns cords of which each is folded on the focal and works along its half of the piece with both its ends.
     */
    public static function halved(string $name, int $count, bool $carries, bool $ties = false): self
    {
        $leg = new Leg([$name], true, closes: $carries);

        return new self($name, $count, [$leg, $leg], $ties);
    }

    /**
     * Returns a cord folded where the piece begins, both halves of which run along it and make the closure at its end.
     */
    public static function foldedAtStart(string $name, int $count = 1): self
    {
        $leg = new Leg([$name], opens: true, closes: true);

        return new self($name, $count, [$leg, $leg]);
    }

    /**
     * Returns cords folded in the middle of the piece, one end of each running to either side and making the closure
     * there.
     */
    public static function spreading(string $name, int $count): self
    {
        $leg = new Leg([$name], closes: true);

        return new self($name, $count, [$leg, $leg]);
    }

    /**
     * Returns a folded cord whose two ends take unlike lengths.
     */
    public static function unevenly(string $name, string $long, string $short): self
    {
        return new self($name, 1, [
            new Leg([$long], opens: true, closes: true),
            new Leg([$short], opens: true, closes: true),
        ]);
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
        $first = $pairs[0] ?? '';

        return $draft->isHalved()
            ? [
                self::halved('core', 2 * intdiv($count + 1, 2), true),
                ...array_map(
                    static fn (string $pair): self => self::halved($pair, 2, false, $pair === $first),
                    array_values($pairs),
                ),
            ]
            : [
                CordRun::Folded === $draft->piece->cord('core')->run
                    ? self::foldedAtStart('core', intdiv($count + 1, 2))
                    : self::single('core', $count, true),
                ...array_map(
                    static fn (string $pair): self => CordRun::Apart === $draft->piece->cord($pair)->run
                        ? self::apart($draft, $pair, $pair === $first)
                        : self::folded($pair, $pair === $first, true === $draft->piece->closure->tails?->allCords),
                    array_values($pairs),
                ),
            ];
    }

    /**
     * Returns the two cords of a pair that is not folded, each with an end where the piece begins, and both cut for the
     * side that ties more.
     */
    private static function apart(Draft $draft, string $pair, bool $ties): self
    {
        [$left, $right] = [self::side($pair, false), self::side($pair, true)];
        $more = $draft->setting->take($left)->total()->isLongerThan($draft->setting->take($right)->total())
            ? $left
            : $right;

        $all = true === $draft->piece->closure->tails?->allCords;

        return new self($pair, 2, [new Leg([$pair, $more], opens: $all, closes: $all)], $ties);
    }

    /**
     * Returns strands that are only laid and bound: each end is trimmed by up to $spare.
     */
    public static function loose(string $name, int $count, Length $spare): self
    {
        return new self($name, $count, [new Leg([$name])], spare: $spare);
    }

    /**
     * Returns one folded cord at each end of the piece, which works there and makes the closure with both its halves,
     * twisted: in a twist of six cords' rise each half is a helix, sqrt(1 + (pi / 6)²) times as long (the rise:
     * judgement).
     */
    public static function atEachEnd(string $name): self
    {
        $leg = new Leg([$name], true, closes: true, share: 0.5, twist: hypot(1, \M_PI / 6));

        return new self($name, 2, [$leg, $leg]);
    }

    public function isFolded(): bool
    {
        return \count($this->legs) > 1;
    }

    /**
     * Returns the name under which an element keeps what only one end of a folded cord takes.
     */
    public static function side(string $name, bool $right): string
    {
        return $name.($right ? ' right' : ' left');
    }

    /**
     * Returns the cord whose end takes what an element keeps under $taking: a pair for its left and its right.
     */
    public static function ofTaking(string $taking): string
    {
        return preg_replace('/ (?:left|right)$/D', '', $taking) ?? $taking;
    }

    /**
     * @return array{Leg, Leg}
     */
    private static function sides(string $name, bool $closes = false): array
    {
        return [
            new Leg([$name, self::side($name, false)], closes: $closes),
            new Leg([$name, self::side($name, true)], closes: $closes),
        ];
    }
}
