<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Internal;

use Rinkel\Core\Construction\Construction;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Plan\Check;
use Rinkel\Core\Plan\Draft;
use Rinkel\Core\Plan\Severity;

/**
 * Whether the knots beside beads hold them: a knot thinner than the bead's hole slips through. And whether leather bears the pull.
 *
 * @internal
 */
final class Holding
{
    /** Leather thinner than this is guided, not jerked; below half of it knots cut it (common practice, judgement). */
    private const DELICATE = 1.0;

    /**
     * @return list<Check>
     */
    public static function checks(Draft $draft, Construction $construction): array
    {
        $checks = [];
        $elements = $draft->setting->elements;
        foreach ($elements as $i => $element) {
            $bead = null === $element->name ? null : ($draft->piece->beads[$element->name] ?? null);
            foreach (null === $bead ? [] : [$i - 1, $i + 1] as $beside) {
                $knot = $elements[$beside] ?? null;
                if (null !== $knot && null === $knot->name && 'gap' !== $knot->what && $knot->width->isShorterThan($bead->hole)) {
                    $checks[$element->name] = new Check('knot-slips-through', Severity::Warn, [
                        'bead' => (string) $element->name,
                        'hole' => $bead->hole->written(Unit::Millimetre),
                        'knot' => $knot->width->written(Unit::Millimetre),
                    ]);
                }
            }
        }
        $cord = $construction->ends($draft->piece)->cord;
        if ('leather' === $cord->fibre->value && $cord->thickness->millimetres <= self::DELICATE) {
            $checks[] = new Check(
                $cord->thickness->millimetres < self::DELICATE / 2 ? 'leather-too-thin' : 'leather-delicate',
                $cord->thickness->millimetres < self::DELICATE / 2 ? Severity::Warn : Severity::Hint,
                ['cord' => $cord->thickness->written(Unit::Millimetre)],
            );
        }

        return array_values($checks);
    }
}
