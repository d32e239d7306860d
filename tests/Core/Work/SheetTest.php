<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Work;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Cutting\Ledger;
use Rinkel\Tests\Core\Examples;

final class SheetTest extends TestCase
{
    public function testCordsCutAlikeAreOneCutAndUnlikeOnesAreNumbered(): void
    {
        self::assertSame(
            [['core', 2], ['working', 1], ['slider', 1]],
            array_map(static fn (Cut $cut): array => [$cut->role, $cut->count], Examples::plan()->cuts),
        );
        self::assertSame(
            ['cord 1', 'cord 2', 'cord 3'],
            array_map(static fn (Cut $cut): string => $cut->role, Examples::planOf('layered-strands')->cuts),
        );
    }

    public function testEachCordKnowsItsCut(): void
    {
        $sheet = Examples::plan()->sheet;

        foreach ($sheet->cords as $cord) {
            self::assertSame($cord->role, $sheet->cutOf($cord)->role);
        }
    }

    public function testWhatIsCutIsWhatItsEndsNeed(): void
    {
        foreach (Examples::plan()->cuts as $cut) {
            $expected = array_sum(array_map(static fn (Ledger $end): float => $end->expected(), $cut->ends));
            self::assertGreaterThanOrEqual($expected, $cut->length->millimetres, $cut->role);
            self::assertLessThan($expected * 1.3 + 20, $cut->length->millimetres, $cut->role);
        }
    }
}
