<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\Butted;
use Rinkel\Core\Closure\Kind\Magnetic;
use Rinkel\Core\Construction\Internal\RopeMaker;
use Rinkel\Core\Construction\Internal\Stock;
use Rinkel\Core\Construction\Way\RopeWay;
use Rinkel\Core\Construction\Way\Way;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\Maker;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;

/**
 * Two loops of one to four parallel ropes woven through each other, their ends butted, glued and bound with thread, or
 * in a magnet.
 *
 * @internal
 */
final readonly class RopeKnot implements Construction
{
    /** The rope of the second loop, where it is of its own colour. */
    public const SECOND = 'second';

    /** Ropes side by side that still lie flat in the knot (judgement). */
    private const MOST = 4;

    public function id(): string
    {
        return 'rope-knot';
    }

    public function places(): array
    {
        return [BodyPlace::Wrist, BodyPlace::Ankle];
    }

    public function look(): Look
    {
        return Look::Rope;
    }

    public function cords(): CordNames
    {
        return CordNames::andRopes(['rope', self::SECOND, 'thread'], ['rope'], [self::SECOND]);
    }

    public function completed(PieceSpec $wish): Piece
    {
        return $wish->completedWith(
            [
                'rope' => Stock::cord(Fibre::Cotton, 6.0, '#c9b48a', 2),
                'thread' => Stock::cord(Fibre::Polyester, 0.5, '#7a3b2e'),
            ],
            [],
            ['magnet' => Stock::finding(FindingKind::Magnet, 22, 26, 24)],
            $wish->closure?->kind instanceof Butted
                ? 'binding 6 mm, gap fit, 1 interlace, gap fit, binding 6 mm'
                : '8 whip, gap fit, 1 interlace, gap fit, 8 whip',
            new ClosureWish(
                new Magnetic(),
                ['magnet'],
            ),
        );
    }

    public function closures(): array
    {
        return [new Magnetic(), new Butted()];
    }

    public function maker(Piece $piece): Maker
    {
        return new RopeMaker($piece);
    }

    public function way(Draft $draft): Way
    {
        return new RopeWay($draft);
    }

    public function ends(Piece $piece): CordUse
    {
        return new CordUse($piece->cord('rope')->cord, 2 * self::count($piece));
    }

    public function passes(Piece $piece, Element $bead): array
    {
        return array_map(
            static fn (string $name): Cord => $piece->cord($name)->cord,
            isset($piece->cords['rope']) ? self::loops($piece)[0] : [],
        );
    }

    /**
     * The knot must leave room for the legs, and too many ropes do not lie flat.
     */
    public function checks(Draft $draft): array
    {
        $count = self::count($draft->piece);
        $checks = $count > self::MOST ? [
            new Check('ropes-do-not-lie-flat', Severity::Warn, ['ropes' => $count, 'most' => self::MOST]),
        ] : [];
        foreach ($draft->setting->elements as $element) {
            if (Manner::Woven === $element->knot?->manner() && $element->extent->length->isLongerThan($draft->goal)) {
                $checks[] = new Check(
                    'knot-longer-than-band',
                    Severity::Stop,
                    ['knot' => $element->extent->length, 'body' => $draft->goal],
                );
            }
        }

        return $checks;
    }

    /**
     * Returns the rope at each place of the first loop and of the second, by name, in order: as many in both, and alike
     * unless the second has a rope of its own.
     *
     * @return array{list<string>, list<string>}
     */
    public static function loops(Piece $piece): array
    {
        $first = [];
        foreach (self::ropes($piece) as $name => $use) {
            array_push($first, ...array_fill(0, $use->count, (string) $name));
        }

        return [$first, isset($piece->cords[self::SECOND]) ? array_fill(0, \count($first), self::SECOND) : $first];
    }

    /**
     * Returns the ropes that lie side by side in the first loop, by name, in order.
     *
     * @return non-empty-array<string, CordUse>
     */
    public static function ropes(Piece $piece): array
    {
        $ropes = array_diff_key($piece->cords, ['thread' => 0, 'slider' => 0, self::SECOND => 0]);

        return [] === $ropes ? ['rope' => $piece->cord('rope')] : $ropes;
    }

    /**
     * Returns how many ropes lie side by side in each loop.
     */
    public static function count(Piece $piece): int
    {
        return array_sum(array_map(static fn (CordUse $use): int => $use->count, self::ropes($piece)));
    }
}
