<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Piece;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\BeadShape;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\Materials;

final class MaterialsTest extends TestCase
{
    public function testIsCalledOtherwiseWhereItStands(): void
    {
        $materials = self::all()->withBeadCalled('dot', 'spot')->withBeadCalled('ring', 'hoop')->withCordCalled('core', 'heart');

        self::assertSame(['first', 'spot', 'last'], array_keys($materials->beads));
        self::assertSame(['hoop', 'clasp'], array_keys($materials->findings));
        self::assertSame(['heart', 'working'], array_keys($materials->cords));
        self::assertSame(self::all()->beads['dot']->colour->hex, $materials->beads['spot']->colour->hex);
    }

    public function testOneChangesAndTheOthersStay(): void
    {
        $none = self::all()->withBeads([]);
        self::assertSame([[], 2, 2], [$none->beads, \count($none->cords), \count($none->findings)]);
        $none = self::all()->withCords([]);
        self::assertSame([3, [], 2], [\count($none->beads), $none->cords, \count($none->findings)]);
        $none = self::all()->withFindings([]);
        self::assertSame([3, 2, []], [\count($none->beads), \count($none->cords), $none->findings]);
    }

    private static function all(): Materials
    {
        $bead = static fn (string $hex): Bead => Bead::of(BeadShape::Round, Colour::parse($hex));
        $use = new CordUse(new Cord(Fibre::Polyester, Length::ofMillimetres(1), Colour::parse('#aabbcc')));

        return new Materials(
            ['core' => $use, 'working' => $use],
            ['first' => $bead('#111111'), 'dot' => $bead('#222222'), 'last' => $bead('#333333')],
            ['ring' => Finding::of(FindingKind::Ring), 'clasp' => Finding::of(FindingKind::Clasp)],
        );
    }
}
