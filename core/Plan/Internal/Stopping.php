<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan\Internal;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;

/**
 * Whether the knots beside beads hold them, in any construction: a knot thinner than the bead's hole slips in.
 *
 * @internal
 */
final class Stopping
{
    /**
     * @return list<Check> one for each bead
     */
    public static function checks(Draft $draft): array
    {
        $checks = [];
        $elements = $draft->setting->elements;
        foreach ($elements as $i => $element) {
            $bead = $draft->piece->beads[$element->name] ?? null;
            if (null === $bead || $element->seat->hangs || Lane::Core !== $element->seat->lane) {
                continue;
            }
            foreach ([$elements[$i - 1] ?? null, $elements[$i + 1] ?? null] as $knot) {
                if (
                    null !== $knot?->knot
                    && ElementKind::Knot === $knot->kind
                    && self::thin($knot, $bead->hole->millimetres)
                ) {
                    $checks[$element->name] = new Check('knot-slips-through', Severity::Warn, [
                        'bead' => (string) $element->name,
                        'hole' => $bead->hole->written(Unit::Millimetre),
                        'knot' => $knot->extent->width->written(Unit::Millimetre),
                    ]);
                }
            }
        }

        return array_values($checks);
    }

    private static function thin(Element $knot, float $hole): bool
    {
        return $knot->extent->width->millimetres < $hole;
    }
}
