<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\Breakaway;
use Rinkel\Core\Closure\Kind\ButtonAndLoop;
use Rinkel\Core\Closure\Kind\ClaspClosure;
use Rinkel\Core\Closure\Kind\ForGood;
use Rinkel\Core\Closure\Kind\SquareSliding;
use Rinkel\Core\Closure\Kind\TieClosure;
use Rinkel\Core\Construction\Internal\NetMaker;
use Rinkel\Core\Construction\Internal\Stock;
use Rinkel\Core\Construction\Way\NetWay;
use Rinkel\Core\Construction\Way\Way;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Geometry\MixedPacking;
use Rinkel\Core\Geometry\RoundNet;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\Maker;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;

/**
 * Cords linked at their middles and knotted into a round net that holds a changeable stone; a bead slides down to lock
 * it, and two flat braids make the necklace.
 *
 * @internal
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

    public function completed(PieceSpec $wish): Piece
    {
        return $wish->completedWith(
            ['mesh' => Stock::cord(Fibre::WaxedCotton, 1.0, '#4b5a46', 4)],
            ['lock' => Stock::round(14, '#b98f4e', 7.5)],
            ['stone' => Stock::finding(FindingKind::Stone, 28, 18, 0)],
            'braid fit, 1 overhand, gap 12 mm, net 5 every 12 mm, focal '.(array_key_first($wish->materials->beads) ?? 'lock')
                .', gap 12 mm, 1 overhand, braid fit',
            new ClosureWish(new TieClosure()),
        );
    }

    public function closures(): array
    {
        return [
            new TieClosure(),
            ClaspClosure::onCord(),
            new SquareSliding(),
            ButtonAndLoop::onCord(),
            new Breakaway(),
            new ForGood(),
        ];
    }

    public function maker(Piece $piece): Maker
    {
        return new NetMaker($piece);
    }

    public function way(Draft $draft): Way
    {
        return new NetWay($draft);
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
        if (null === $net) {
            return [];
        }
        $checks = $this->lock($draft, $net);
        foreach ($stones as $name => $stone) {
            array_push($checks, ...self::entering($net, (string) $name, $stone, $stone === array_values($stones)[0]));
        }

        return $checks;
    }

    /**
     * Whether a stone goes in, and stays there.
     *
     * @param bool $isFirst whether it is said how deep the net is for it
     *
     * @return list<Check>
     */
    private static function entering(RoundNet $net, string $name, Finding $stone, bool $isFirst): array
    {
        $girth = $stone->width->times(\M_PI);
        $rows = $net->rowsFor($stone->length, $girth);
        $has = \count($net->rows);
        $said = ['stone' => $name, 'girth' => $girth];

        return array_values(array_filter([
            match (true) {
                null === $rows => new Check('stone-does-not-enter', Severity::Stop, $said + ['most' => $net->most()]),
                $rows > $has => new Check(
                    'pouch-too-shallow',
                    Severity::Stop,
                    $said + ['length' => $stone->length, 'rows' => $rows, 'has' => $has],
                ),
                $isFirst => new Check(
                    'pouch-depth',
                    Severity::Hint,
                    ['flat' => $net->depthFlat(), 'rows' => $rows, 'has' => $has, 'stone' => $name],
                ),
                default => null,
            },
            $net->holds($girth) ? null : new Check('stone-falls-out', Severity::Stop, $said + [
                'mesh' => $net->mesh(),
                'every' => Length::ofMillimetres(
                    floor($girth->millimetres / 4 * 2 - 0.001) / 2,
                )->written(Unit::Millimetre),
            ]),
        ]));
    }

    /**
     * Returns the net as planned, or null when the pattern has none.
     */
    public static function net(Draft $draft): ?RoundNet
    {
        $rows = [];
        $knot = $draft->book()->in(new Overhand(), $draft->piece->cord('mesh')->cord, 2);
        foreach ($draft->setting->elements as $element) {
            if (ElementKind::Net === $element->kind) {
                $rows[] = $element->takes['mesh']->straight->plus($knot->pitch);
            }
        }

        return [] === $rows ? null : new RoundNet($draft->piece->cord('mesh')->count, $rows);
    }

    /**
     * Above the net each side's cords may be gathered by a knot: the lock bead goes over both, and not over the net.
     *
     * @return list<Check>
     */
    private function lock(Draft $draft, RoundNet $net): array
    {
        $use = $draft->piece->cord('mesh');
        [$lock, $knots] = [null, []];
        foreach ($draft->setting->elements as $element) {
            $lock = ElementKind::Focal === $element->kind ? $draft->piece->beads[$element->name] ?? $lock : $lock;
            $knots = null === $element->knot ? $knots : [...$knots, $element->extent->width];
        }
        if (null === $lock) {
            return [];
        }
        $squeeze = 1 - $use->cord->fibre->squeeze();
        $beside = array_fill(0, $use->count, $use->cord->acrossHole()->millimetres * $squeeze);
        $over = [] === $knots ? 0.0 : MixedPacking::enclosing(
            [Length::longest(...$knots)->millimetres * $squeeze, ...$beside],
        );
        $round = $draft->piece->knots(static fn (): null => null)->in(new Overhand(), $use->cord, 2)->width;
        $closed = MixedPacking::enclosing(array_fill(0, max(1, $net->columns), $round->millimetres * $squeeze));
        $sizes = static fn (float $needed): array => [
            'hole' => $lock->hole->written(Unit::Millimetre),
            'needed' => Length::ofMillimetres($needed)->written(Unit::Millimetre),
        ];

        return match (true) {
            $over > $lock->hole->millimetres => [new Check('lock-stops-at-knots', Severity::Warn, $sizes($over))],
            $closed < $lock->hole->millimetres => [new Check('lock-slips-over-net', Severity::Warn, $sizes($closed))],
            default => [],
        };
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
