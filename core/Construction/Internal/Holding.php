<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Internal;

use Rinkel\Core\Closure\Kind\TieClosure;
use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Material\CordRun;
use Rinkel\Core\Material\Hole;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Remedy;
use Rinkel\Core\Remark\Severity;

/**
 * Whether what hangs on a finding in the middle of a band is held by it.
 *
 * @internal
 */
final class Holding
{
    /**
     * Folded on the finding or where the piece begins, cores come in pairs.
     *
     * @return list<Check>
     */
    public static function folds(Draft $draft): array
    {
        $count = $draft->piece->cord('core')->count;
        $narrow = self::narrow($draft);
        if (null !== $narrow) {
            return [$narrow];
        }

        $isFolded = CordRun::Folded === $draft->piece->cord('core')->run;
        $kind = $draft->fastened->kind;

        return [
            ...(($isFolded || $draft->isHalved()) && 1 === $count % 2 ? [new Check(
                'odd-core-folds',
                Severity::Hint,
                ['cores' => $count, 'even' => $count + 1],
                new Remedy('cords.core.count', $count + 1),
            )] : []),
            ...($isFolded && !$draft->isHalved() && ($kind->slides() || $kind instanceof TieClosure) ? [new Check(
                'folded-has-no-end',
                Severity::Stop,
                [],
                new Remedy('cords.core.run', null),
            )] : []),
        ];
    }

    /**
     * Each half's cores are folded through the finding: two threads of each.
     */
    private static function narrow(Draft $draft): ?Check
    {
        $core = $draft->piece->cord('core');
        $cords = array_fill(0, max(2, 2 * intdiv($core->count + 1, 2)), $core->cord);
        foreach ($draft->isHalved() ? $draft->setting->elements : [] as $element) {
            $finding = ElementKind::Focal === $element->kind ? $draft->piece->findings[$element->name] ?? null : null;
            $short = null === $finding ? Length::zero() : (new Hole($finding->inside))->shortfall($cords);
            if (null !== $finding && !$short->isZero()) {
                return new Check('connector-too-narrow', Severity::Stop, [
                    'finding' => (string) $element->name,
                    'hole' => $finding->inside->written(Unit::Millimetre),
                    'cords' => \count($cords),
                    'needed' => $finding->inside->plus($short)->written(Unit::Millimetre),
                ]);
            }
        }

        return null;
    }
}
