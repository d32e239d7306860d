<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Internal;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\Centre;
use Rinkel\Core\Pattern\Node\Group;

/**
 * Where in a pattern something is repeated to fit.
 *
 * @internal
 */
final readonly class Fits
{
    public function __construct(private PartPaths $parts) {}

    /**
     * Returns which fit of the pattern, from 0, repeats the part at $path; null when none does.
     */
    public function at(string $path): ?int
    {
        $number = 0;

        return self::fitIn($this->parts->all(), '', $path, $number);
    }

    /**
     * @param list<Node> $parts
     */
    private static function fitIn(array $parts, string $at, string $path, int &$number): ?int
    {
        foreach ($parts as $i => $part) {
            $here = ltrim($at.'.'.$i, '.');
            $isFit = $part instanceof Group && $part->fits();
            if ($here === $path) {
                return $isFit ? $number : null;
            }
            $number += $isFit ? 1 : 0;
            $inside = self::fitIn(PartPaths::inside($part), $here, $path, $number);
            if (null !== $inside) {
                return $inside;
            }
        }

        return null;
    }

    public function isInside(string $path): bool
    {
        for ($up = PartPaths::steps($path); \count($up) > 1;) {
            array_pop($up);
            $node = $this->parts->at(implode('.', $up));
            if ($node instanceof Centre || $node instanceof Group && $node->fits()) {
                return true;
            }
        }

        return false;
    }

    public static function isIn(Node $node): bool
    {
        foreach (PartPaths::inside($node) as $part) {
            if ($part instanceof Group && $part->fits() || self::isIn($part)) {
                return true;
            }
        }

        return false;
    }
}
