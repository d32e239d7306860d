<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Way;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * What all ways of making share.
 */
final class WayTest extends TestCase
{
    public function testEverythingIsCutBeforeItIsMountedAndTriedBeforeItIsClosed(): void
    {
        foreach (Constructions::all()->ids() as $id) {
            $parts = array_map(static fn (Act $act): Part => $act->part, Examples::planOf($id)->acts()->all);
            $first = static fn (Part $part): int => (int) array_search($part, $parts, true);

            self::assertSame(Part::Cords, $parts[0], $id);
            self::assertLessThan($first(Part::Body), $first(Part::Mount), $id);
            self::assertLessThan(\count($parts) - 1, $first(Part::Trial), $id.': something comes after the trial');
        }
    }

    public function testALengthAfterBeadsIsMeasuredFromThem(): void
    {
        $plan = Examples::planOf('strung-beads');
        $leave = Sheets::act($plan, 'leave');

        self::assertSame(['last-knot'], Sheets::marks($leave->spot->marks));
        self::assertEqualsWithDelta(
            $leave->stint->adds->millimetres ?? 0.0,
            $leave->spot->sizes['distance']->millimetres,
            1e-9,
        );
    }
}
