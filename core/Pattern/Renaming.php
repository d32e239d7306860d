<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern;

use Rinkel\Core\Pattern\Node\Bracket;

/**
 * Calls beads, findings and cords otherwise, wherever a pattern names them.
 *
 * @internal
 */
final readonly class Renaming
{
    public function __construct(private Pattern $pattern) {}

    /**
     * Returns the pattern with a bead or finding called otherwise, wherever it is named.
     */
    public function withBeadCalled(string $old, string $new): Pattern
    {
        return $this->everyPart(
            static fn (Node $node): Node => $node->named()->isOfBeads() ? self::called($node, $old, $new) : $node,
        );
    }

    /**
     * Returns the pattern with a cord called otherwise, wherever a knot or a strand names it.
     */
    public function withCordCalled(string $old, string $new): Pattern
    {
        return $this->everyPart(
            static fn (Node $node): Node => $node->named()->isOfCords() ? self::called($node, $old, $new) : $node,
        );
    }

    /**
     * @param callable(Node): Node $change of a part, brackets with what they hold as it was
     */
    private function everyPart(callable $change): Pattern
    {
        $inside = static function (Node $node) use (&$inside, $change): Node {
            /** @var callable(Node): Node $inside */
            $changed = $change($node);

            return $changed instanceof Bracket ? $changed->with(array_map($inside, $changed->parts())) : $changed;
        };

        return new Pattern(array_map($inside, $this->pattern->parts));
    }

    private static function called(Node $node, string $old, string $new): Node
    {
        return $node->renamed(static fn (string $name): string => $old === $name ? $new : $name);
    }
}
