<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern;

use Rinkel\Core\Pattern\Internal\Fits;
use Rinkel\Core\Pattern\Internal\PartPaths;
use Rinkel\Core\Pattern\Node\Below;
use Rinkel\Core\Pattern\Node\CountedPart;
use Rinkel\Core\Pattern\Node\Fit;
use Rinkel\Core\Pattern\Node\Group;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Pattern\Node\Mirror;

/**
 * Changes of a pattern by the place of its parts. A path counts from 0 and goes into brackets by dots: "2.0" is the
 * first part inside the third. What a path does not lead to, or what would leave nothing, changes nothing.
 *
 * @internal
 */
final readonly class PatternEdit
{
    private PartPaths $parts;
    private Fits $fits;

    public function __construct(public Pattern $pattern)
    {
        $this->parts = new PartPaths($pattern);
        $this->fits = new Fits($this->parts);
    }

    public function at(string $path): ?Node
    {
        return $this->parts->at($path);
    }

    /**
     * Returns the pattern with a part exchanged for others.
     *
     * @param callable(Node): list<Node> $change
     */
    public function replaced(string $path, callable $change): Pattern
    {
        return $this->parts->replaced($path, $change);
    }

    /**
     * Returns which fit of the pattern, from 0, repeats the part at $path; null when none does.
     */
    public function fitAt(string $path): ?int
    {
        return $this->fits->at($path);
    }

    /**
     * Returns the pattern with $more of a part: knots, beads or repeats, or a strand so many steps lower. A fit stays
     * one, with so many more than fit.
     */
    public function counted(string $path, int $more): Pattern
    {
        return $this->replaced($path, static fn (Node $node): array => [$node->more($more)]);
    }

    public function without(string $path): Pattern
    {
        return $this->replaced($path, static fn (): array => []);
    }

    public function doubled(string $path): Pattern
    {
        return $this->replaced($path, static fn (Node $node): array => [$node, $node]);
    }

    public function insertedAfter(string $path, Node $new): Pattern
    {
        return null === $this->at($path)
            ? $this->ending($new)
            : $this->replaced($path, static fn (Node $node): array => [$node, $new]);
    }

    /**
     * Returns the pattern with a part moved among its neighbours by $by places.
     */
    public function moved(string $path, int $by): Pattern
    {
        $steps = PartPaths::steps($path);
        $last = array_pop($steps);
        if (null === $last || null === $this->at($path)) {
            return $this->pattern;
        }

        return $this->parts->inParts($steps, static function (array $parts) use ($last, $by): array {
            $to = max(0, min(\count($parts) - 1, $last + $by));
            $moved = array_splice($parts, $last, 1);
            array_splice($parts, $to, 0, $moved);

            return $parts;
        });
    }

    /**
     * Returns the pattern with a part moved to where $before stands, in other brackets too; never into itself.
     */
    public function movedBefore(string $path, string $before): Pattern
    {
        $node = $this->at($path);
        if (null === $node || null === $this->at($before) || $path === $before || str_starts_with($before, $path.'.')) {
            return $this->pattern;
        }
        $both = $this->replaced($before, static fn (Node $there): array => [$node, $there]);
        $steps = PartPaths::steps($path);
        $there = PartPaths::steps($before);
        $depth = \count($there) - 1;
        // Where it stood has gone one further on when it was put before that in the same brackets.
        if (\array_slice($steps, 0, $depth) === \array_slice($there, 0, $depth) && ($steps[$depth] ?? -1) >= $there[$depth]) {
            ++$steps[$depth];
        }

        return (new self($both))->without(implode('.', $steps));
    }

    /**
     * Returns the pattern with a part in brackets, twice; or, of one in brackets already, with what is in them.
     */
    public function bracketed(string $path): Pattern
    {
        return $this->replaced($path, static fn (Node $node): array => $node->bracketed());
    }

    /**
     * Returns the pattern with a part repeated to fit; one that does, as often as it came to, $fitted.
     */
    public function fitted(string $path, int $fitted): Pattern
    {
        if ($this->fits->isInside($path)) {
            return $this->pattern;
        }

        return $this->replaced($path, static fn (Node $node): array => match (true) {
            $node instanceof Group && $node->fits() => [$node->times($fitted)],
            $node instanceof Group => Fits::isIn($node) ? [$node] : [$node->freed()],
            $node->repeatsBare() => [new Group([$node], new Fit())],
            default => [$node],
        });
    }

    /**
     * Returns the pattern with a counted part as often as fits: "57 square" becomes "1 square x fit".
     */
    public function freed(string $path): Pattern
    {
        return $this->replaced(
            $path,
            static fn (Node $node): array => [($node instanceof CountedPart ? $node->freed() : null) ?? $node],
        );
    }

    /**
     * Returns the pattern with a group whose sides change every time, or no longer do.
     */
    public function alternated(string $path): Pattern
    {
        return $this->replaced(
            $path,
            static fn (Node $node): array => [
                $node instanceof Group ? $node->repeating($node->times, !$node->alternate) : $node,
            ],
        );
    }

    /**
     * Returns the pattern with a run of knots that may have more or fewer to take what the length leaves, or no longer.
     */
    public function filled(string $path): Pattern
    {
        return $this->replaced(
            $path,
            static fn (Node $node): array => [$node instanceof Knots ? $node->filling(!$node->fills) : $node],
        );
    }

    /**
     * Returns the pattern with a fit whose last repeat may break off, or no longer may.
     */
    public function brokenOff(string $path): Pattern
    {
        return $this->replaced($path, static fn (Node $node): array => [
            $node instanceof Group && $node->times instanceof Fit
                ? $node->repeating($node->times->brokenOff(!$node->times->partly), $node->alternate)
                : $node,
        ]);
    }

    /**
     * Returns the pattern mirrored at its end, or no longer mirrored.
     */
    public function mirrored(): Pattern
    {
        $plain = array_values(
            array_filter($this->pattern->parts, static fn (Node $node): bool => !$node instanceof Mirror),
        );
        if (\count($plain) < \count($this->pattern->parts)) {
            return [] === $plain ? $this->pattern : new Pattern($plain);
        }

        return $this->ending(new Mirror());
    }

    /**
     * Returns the pattern with a part at its end: before the strands that hang below, unless it is one.
     */
    private function ending(Node $new): Pattern
    {
        $parts = $this->pattern->parts;
        $at = \count($parts);
        while (!$new instanceof Below && $at > 1 && $parts[$at - 1] instanceof Below) {
            --$at;
        }

        return new Pattern([...\array_slice($parts, 0, $at), $new, ...\array_slice($parts, $at)]);
    }

    /**
     * Returns the pattern with one bead name of a part, the $which-th from 0, exchanged for $name.
     */
    public function renamedAt(string $path, int $which, string $name): Pattern
    {
        return $this->replaced($path, static fn (Node $node): array => [
            $node->renamed(static fn (string $old, int $i): string => $which === $i ? $name : $old),
        ]);
    }
}
