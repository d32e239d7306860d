<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan\Internal;

use Rinkel\Core\Fit\Lie;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Measure\Length;

/**
 * How the elements of a line lie on the body: beads are rigid, all else bends, what hangs does not lie on it.
 *
 * @internal
 */
final readonly class Lying
{
    /**
     * @param array<string, Bead> $beads by short name
     */
    public function __construct(private array $beads) {}

    /**
     * @param list<Element> $elements
     *
     * @return list<Lie>
     */
    public function of(array $elements): array
    {
        $lies = [];
        foreach ($elements as $i => $element) {
            if ($element->hangs || $element->length->isZero()) {
                continue;
            }
            array_push($lies, ...$this->isRigid($element)
                ? [
                    Lie::rigid(
                        $element->length,
                        $this->thickness($element, $elements[$i - 1] ?? null, $elements[$i + 1] ?? null),
                    ),
                ]
                : self::bending($element));
        }

        return $lies;
    }

    /**
     * @return non-empty-list<Lie>
     */
    private static function bending(Element $element): array
    {
        if (null === $element->raised || !$element->raised->isShorterThan($element->length)) {
            return [Lie::bending($element->length, $element->thickness)];
        }
        $low = Lie::bending($element->length->minus($element->raised)->times(0.5), $element->thickness->times(0.5));

        return [$low, Lie::bending($element->raised, $element->thickness), $low];
    }

    /**
     * Returns how thick a bead lies: one with flat ends that touches another such hinges at its inner edge.
     */
    private function thickness(Element $bead, ?Element $before, ?Element $after): Length
    {
        $corner = $this->corner($bead);
        $hinges = null !== $corner && (null !== $this->corner($before) || null !== $this->corner($after));

        return $hinges ? $bead->thickness->times(2 * $corner) : $bead->thickness;
    }

    private function corner(?Element $element): ?float
    {
        $bead = null === $element || !$this->isRigid($element) ? null : $this->beads[$element->name] ?? null;

        return $bead?->shape->corner();
    }

    private function isRigid(Element $element): bool
    {
        return $element->isBead() || ElementKind::Focal === $element->kind;
    }
}
