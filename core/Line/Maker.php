<?php

declare(strict_types=1);

namespace Rinkel\Core\Line;

use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\TyingContext;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\Below;
use Rinkel\Core\Pattern\Node\Mirror;

/**
 * Knows what each part of a pattern measures and takes in one construction.
 *
 * @internal
 */
interface Maker
{
    /**
     * Returns the elements of one part that is no group: in its order, with left and right or the two ends changed when
     * $swapped.
     *
     * @return list<Element>
     *
     * @throws Exception\PartDoesNotSuit If the construction has no such part, or a name in it is unknown
     */
    public function elements(Node $part, bool $swapped): array;

    /**
     * Returns whether the construction has such parts.
     *
     * @param class-string<Node> $part
     */
    public function sets(string $part): bool;

    /**
     * Returns whether the construction ties such knots.
     */
    public function ties(Knot $knot): bool;

    /**
     * Returns what such a knot is usually tied with and around in the piece, so that a sample of it can be told for
     * others; null where that makes no difference.
     */
    public function ground(Knot $knot): ?TyingContext;

    /**
     * Returns the whole line with what the construction itself adds to it.
     */
    public function line(Line $line): Line;

    /**
     * Returns what knows the parts of a strand that hangs below, and the role of its cord.
     *
     * @return array{self, string}
     *
     * @throws Exception\PartDoesNotSuit If the construction has no such strands, or the piece no such cord
     */
    public function below(Below $part): array;

    /**
     * Holds that what stands for other beads in a mirrored half is of their form.
     *
     * @throws Exception\PartDoesNotSuit If it is not, or not there
     */
    public function exchange(Mirror $mirror): void;
}
