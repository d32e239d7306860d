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
            if ($element->seat->hangs || $element->extent->length->isZero()) {
                continue;
            }
            array_push($lies, ...$this->isRigid($element)
                ? [
                    Lie::rigid(
                        $element->extent->length,
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
        if (null === $element->extent->raised || !$element->extent->raised->isShorterThan($element->extent->length)) {
            return [Lie::bending($element->extent->length, $element->extent->thickness)];
        }
        $low = Lie::bending(
            $element->extent->length->minus($element->extent->raised)->times(0.5),
            $element->extent->thickness->times(0.5),
        );

        return [$low, Lie::bending($element->extent->raised, $element->extent->thickness), $low];
    }

    /**
     * Returns how thick a bead lies: one with flat ends that touches another such hinges at its inner edge.
     */
    private function thickness(Element $bead, ?Element $before, ?Element $after): Length
    {
        $corner = $this->corner($bead);
        $hinges = null !== $corner && (null !== $this->corner($before) || null !== $this->corner($after));

        return $hinges ? $bead->extent->thickness->times(2 * $corner) : $bead->extent->thickness;
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
