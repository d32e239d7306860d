<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\Breakaway;
use Rinkel\Core\Closure\Kind\ButtonAndLoop;
use Rinkel\Core\Closure\Kind\Clasping;
use Rinkel\Core\Closure\Kind\SquareSliding;
use Rinkel\Core\Closure\Kind\Tying;
use Rinkel\Core\Construction\Internal\NetMaker;
use Rinkel\Core\Construction\Internal\Stock;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Geometry\RoundNet;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\Maker;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Node\Net;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\Wish;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;

/**
 * Cords linked at their middles and knotted into a round net that holds a changeable stone; a bead slides down to lock
 * it, and two flat braids make the necklace.
 */
final readonly class NettedPouch implements Construction
{
    public function id(): string
    {
        return 'netted-pouch';
    }

    public function places(): array
    {
        return [BodyPlace::Neck];
    }

    public function look(): Look
    {
        return Look::Net;
    }

    public function cords(): CordNames
    {
        return CordNames::only(['mesh', 'slider'], ['mesh']);
    }

    public function completed(Wish $wish): Piece
    {
        return $wish->completedWith(
            ['mesh' => Stock::cord(Fibre::WaxedCotton, 1.0, '#4b5a46', 4)],
            ['lock' => Stock::round(10, '#b98f4e', 4.0)],
            ['stone' => Stock::finding(FindingKind::Stone, 28, 18, 0)],
            'braid fit, net 5 every 12 mm, focal '.(array_key_first($wish->beads) ?? 'lock').', braid fit',
            new ClosureWish(new Tying()),
        );
    }

    public function closures(): array
    {
        return [new Tying(), new Clasping(), new SquareSliding(), new ButtonAndLoop(), new Breakaway()];
    }

    public function maker(Piece $piece): Maker
    {
        return new NetMaker($piece);
    }

    public function roles(Draft $draft): array
    {
        return [Role::spreading('mesh', $draft->piece->cord('mesh')->count)];
    }

    public function ends(Piece $piece): CordUse
    {
        return $piece->cord('mesh');
    }

    /**
     * The lock bead takes all ends of the net.
     */
    public function passes(Piece $piece, Element $bead): array
    {
        $use = $piece->cord('mesh');

        return array_fill(0, 2 * $use->count, $use->cord);
    }

    public function checks(Draft $draft): array
    {
        $net = self::net($draft);
        $stones = self::stones($draft->piece);
        if (null === $net || [] === $stones) {
            return [];
        }
        $largest = array_values($stones)[0];
        $checks = $net->goesAround($largest->width->times(\M_PI))
            ? [
                new Check(
                    'pouch-depth',
                    Severity::Hint,
                    [
                        'flat' => $net->depthFlat(),
                        'filled' => $net->depth($largest->width->times(\M_PI)),
                        'stone' => (string) array_key_first($stones),
                    ],
                ),
            ]
            : [];
        foreach ($stones as $name => $stone) {
            $girth = $stone->width->times(\M_PI);
            $rows = $net->rowsFor($stone->length, $girth);
            if (null === $rows) {
                $checks[] = new Check(
                    'stone-does-not-enter',
                    Severity::Stop,
                    ['stone' => (string) $name, 'girth' => $girth, 'most' => $net->every->times(2 * $net->columns)],
                );
            } elseif ($rows > $net->rows) {
                $checks[] = new Check(
                    'pouch-too-shallow',
                    Severity::Stop,
                    [
                        'stone' => (string) $name,
                        'depth' => $net->depth($girth),
                        'length' => $stone->length,
                        'rows' => $rows,
                    ],
                );
            }
            if (!$net->holds($girth)) {
                $checks[] = new Check(
                    'stone-falls-out',
                    Severity::Stop,
                    [
                        'stone' => (string) $name,
                        'girth' => $girth,
                        'mesh' => $net->every->times(4),
                        'every' => Length::ofMillimetres(
                            floor($girth->millimetres / 4 * 2 - 0.001) / 2,
                        )->written(Unit::Millimetre),
                    ],
                );
            }
        }

        return $checks;
    }

    /**
     * Returns the net as planned, or null when the pattern has none.
     */
    public static function net(Draft $draft): ?RoundNet
    {
        foreach ($draft->piece->pattern->tree->nodes() as $part) {
            if ($part instanceof Net) {
                return new RoundNet($draft->piece->cord('mesh')->count, $part->every, $part->rows);
            }
        }

        return null;
    }

    /**
     * Returns the stones it shall hold, largest girth first.
     *
     * @return array<string, Finding>
     */
    public static function stones(Piece $piece): array
    {
        $stones = array_filter(
            $piece->findings,
            static fn (Finding $finding): bool => FindingKind::Stone === $finding->kind,
        );
        uasort(
            $stones,
            static fn (
                Finding $finding,
                Finding $other,
            ): int => $other->width->millimetres <=> $finding->width->millimetres,
        );

        return $stones;
    }
}
