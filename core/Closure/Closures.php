<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Knot\BarrelKnot;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Knot\Kind\VerticalLarksHead;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Piece\Piece;

/**
 * Makes the closure that a piece wishes, tied with what lies at its ends.
 */
final class Closures
{
    public static function of(Piece $piece, ClosureWish $wish, CordUse $ends): Closure
    {
        $book = $piece->knots();
        $stop = $book->in(new Overhand(), $ends->cord, $ends->count);
        $working = $piece->sliderCord() ?? $ends->cord;

        return match ($wish->kind) {
            ClosureKind::SquareSlider => new SquareSlider($wish, $book->around(new Square(), $ends->bundle(2), $working), $stop),
            ClosureKind::DoubleBarrel, ClosureKind::SingleBarrel => new BarrelSlider(
                $wish,
                (new BarrelKnot($wish->wraps))->sliding($ends->cord, $ends->cord),
                (new BarrelKnot($wish->wraps))->dressed($ends->cord),
            ),
            ClosureKind::SlideBead => new SlideBead($wish, self::finding($piece, $wish, FindingKind::SlideBead), $ends->cord, $stop),
            ClosureKind::ButtonLoop => new ButtonLoop(
                $wish,
                self::finding($piece, $wish, FindingKind::Button),
                $ends->cord,
                $stop,
                $wish->knotted ? $book->around(new VerticalLarksHead(), $ends->bundle(), $working) : null,
            ),
            ClosureKind::Clasp => new Clasp(
                array_values(array_filter(array_map(static fn (string $name): ?Finding => $piece->findings[$name] ?? null, $wish->findings))),
                $ends->bundle()->diameter(),
            ),
            ClosureKind::Ties => new Ties($wish),
            ClosureKind::Elastic => new ClosedRing($wish, $ends->cord, $book->in(new Overhand(), $ends->cord)->times(3)),
            ClosureKind::Butted => new ClosedRing($wish, $ends->cord),
            ClosureKind::Magnetic => new ClosedRing(
                $wish,
                $ends->cord,
                magnet: self::finding($piece, $wish, FindingKind::Magnet),
                bundle: $ends->bundle()->diameter(),
            ),
        };
    }

    /**
     * Returns the wished finding of $kind, else any of that kind, else a usual one.
     */
    private static function finding(Piece $piece, ClosureWish $wish, FindingKind $kind): Finding
    {
        foreach ([...$wish->findings, ...array_map(strval(...), array_keys($piece->findings))] as $name) {
            $finding = $piece->findings[$name] ?? null;
            if (null !== $finding && $kind === $finding->kind) {
                return $finding;
            }
        }

        return Finding::usual($kind);
    }
}
