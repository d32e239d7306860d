<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Internal;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Remedy;
use Rinkel\Core\Remark\Severity;

/**
 * Whether the knots beside beads hold them: a knot thinner than the bead's hole slips through. And whether leather
 * bears the pull.
 *
 * @internal
 */
final class Holding
{
    /**
     * Folded on the finding, cores come in pairs.
     *
     * @return list<Check>
     */
    public static function halves(Draft $draft): array
    {
        $count = $draft->piece->cord('core')->count;

        return $draft->isHalved() && 1 === $count % 2 ? [
            new Check(
                'odd-core-folds',
                Severity::Hint,
                ['cores' => $count, 'even' => $count + 1],
                new Remedy('cords.core.count', $count + 1),
            ),
        ] : [];
    }

    /**
     * @return list<Check>
     */
    public static function checks(Draft $draft): array
    {
        $checks = [];
        $elements = $draft->setting->elements;
        foreach ($elements as $i => $element) {
            $bead = $draft->piece->beads[$element->name] ?? null;
            if (null === $bead) {
                continue;
            }
            foreach ([$i - 1, $i + 1] as $beside) {
                $knot = $elements[$beside] ?? null;
                if (null !== $knot && null === $knot->name && ElementKind::Bare !== $knot->kind && $knot->width->isShorterThan($bead->hole)) {
                    $checks[$element->name] = new Check('knot-slips-through', Severity::Warn, [
                        'bead' => (string) $element->name,
                        'hole' => $bead->hole->written(Unit::Millimetre),
                        'knot' => $knot->width->written(Unit::Millimetre),
                    ]);
                }
            }
        }

        return array_values($checks);
    }
}
