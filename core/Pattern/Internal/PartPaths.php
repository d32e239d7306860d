<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Internal;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\Bracket;
use Rinkel\Core\Pattern\Pattern;

/**
 * The parts of a pattern by their paths.
 *
 * @internal
 */
final readonly class PartPaths
{
    public function __construct(private Pattern $pattern) {}

    /**
     * @return non-empty-list<Node>
     */
    public function all(): array
    {
        return $this->pattern->parts;
    }

    public function at(string $path): ?Node
    {
        $parts = $this->pattern->parts;
        $node = null;
        foreach (self::steps($path) as $step) {
            $node = $parts[$step] ?? null;
            if (null === $node) {
                return null;
            }
            $parts = self::inside($node);
        }

        return $node;
    }

    /**
     * @param callable(Node): list<Node> $change
     */
    public function replaced(string $path, callable $change): Pattern
    {
        $steps = self::steps($path);
        $last = array_pop($steps);
        $node = $this->at($path);
        if (null === $last || null === $node) {
            return $this->pattern;
        }

        return $this->inParts($steps, static function (array $parts) use ($last, $node, $change): array {
            array_splice($parts, $last, 1, $change($node));

            return $parts;
        });
    }

    /**
     * @param list<int>                        $steps  to the brackets
     * @param callable(list<Node>): list<Node> $change
     */
    public function inParts(array $steps, callable $change): Pattern
    {
        $parts = self::changed($this->pattern->parts, $steps, $change);

        return [] === $parts ? $this->pattern : new Pattern($parts);
    }

    /**
     * @param list<Node>                       $parts
     * @param list<int>                        $steps
     * @param callable(list<Node>): list<Node> $change
     *
     * @return list<Node>
     */
    private static function changed(array $parts, array $steps, callable $change): array
    {
        $step = array_shift($steps);
        if (null === $step) {
            return $change($parts);
        }
        $changed = [];
        foreach ($parts as $i => $part) {
            if ($i !== $step || !$part instanceof Bracket) {
                $changed[] = $part;
                continue;
            }
            $inner = self::changed($part->parts(), $steps, $change);
            $changed = [] === $inner ? $changed : [...$changed, $part->with($inner)];
        }

        return $changed;
    }

    /**
     * @return list<Node>
     */
    public static function inside(Node $node): array
    {
        return $node instanceof Bracket ? $node->parts() : [];
    }

    /**
     * @return list<int>
     */
    public static function steps(string $path): array
    {
        return 1 === preg_match(
            '/^\d{1,4}(\.\d{1,4}){0,12}$/',
            $path,
        ) ? array_map(intval(...), explode('.', $path)) : [];
    }
}
