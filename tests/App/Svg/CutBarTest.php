<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Svg;

use Rinkel\App\Svg\CutBar;
use Rinkel\Tests\Core\Examples;

final class CutBarTest extends SvgCase
{
    public function testItsPartsFillIt(): void
    {
        foreach (Examples::plan()->cuts as $cut) {
            $parts = self::classed((new CutBar($cut))->paint('Cut'), 'bar-part');

            self::assertCount(\count($cut->parts), $parts);
            self::assertEqualsWithDelta(600.0, array_sum(array_map(
                static fn (\SimpleXMLElement $part): float => (float) $part['width'],
                $parts,
            )), 0.1);
        }
    }
}
