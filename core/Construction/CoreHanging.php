<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Closure\Kind\TieClosure;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Material\CordRun;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Pattern\Node\Focal;
use Rinkel\Core\Piece\Piece;

/**
 * How the cores of a band lie where it begins: whether it is two halves, each hung on a finding that lies between them,
 * and whether they are folded.
 *
 * @internal
 */
final class CoreHanging
{
    /**
     * @param list<Element> $elements of the line
     */
    public static function of(Piece $piece, array $elements): bool
    {
        $last = \count($elements) - 1;
        $found = [];
        foreach ($elements as $i => $element) {
            if (ElementKind::Focal === $element->kind && isset(
                $piece->findings[$element->name],
            ) && !isset($piece->beads[$element->name])) {
                $found[] = $i;
            }
        }

        return 1 === \count($found) && $found[0] > 0 && $found[0] < $last;
    }

    /**
     * Returns the same by the pattern, before it is set.
     */
    public static function wished(Piece $piece): bool
    {
        $parts = $piece->pattern->tree->parts;
        $found = [];
        foreach ($parts as $i => $part) {
            if ($part instanceof Focal && isset($piece->findings[$part->name]) && !isset($piece->beads[$part->name])) {
                $found[] = $i;
            }
        }

        return 1 === \count($found) && $found[0] > 0 && $found[0] < \count($parts) - 1;
    }

    /**
     * Returns whether the cores are folded where the piece begins: as its maker says, unless the closure needs tails
     * there, which a fold has not.
     */
    public static function folds(Piece $piece): bool
    {
        $kind = $piece->closure->kind;

        return CordRun::Folded === ($piece->cords['core'] ?? null)?->run && !$kind->slides() && !$kind instanceof TieClosure;
    }

    /**
     * Returns whether working cords are laid under the cores below a loop of all cords.
     */
    public static function laysUnder(Piece $piece): bool
    {
        foreach (array_diff_key($piece->cords, ['core' => 0, 'slider' => 0]) as $use) {
            if (CordRun::Under === $use->run) {
                return true;
            }
        }

        return false;
    }

    /**
     * Returns whether soft working ends are laid into the leather knot that an eyelet begins with: those of one pair,
     * unless their maker ends them themselves.
     */
    public static function areLaidIn(Piece $piece): bool
    {
        $leathers = [Fibre::Leather, Fibre::Suede];
        $tying = array_values(array_diff_key($piece->cords, ['core' => 0, 'slider' => 0]));

        return isset($piece->cords['core']) && 1 === \count($tying) && !$piece->habits->order->working->isLast()
            && \in_array($piece->cord('core')->cord->fibre, $leathers, true)
            && !\in_array($tying[0]->cord->fibre, $leathers, true);
    }

    /**
     * Returns how many strands of core lie side by side: folded or hung they come in twos.
     */
    public static function strands(Piece $piece): int
    {
        $count = $piece->cord('core')->count;

        return self::folds($piece) || self::wished($piece) ? 2 * intdiv($count + 1, 2) : $count;
    }
}
