<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Svg;

use Rinkel\App\Svg\SizeRows;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Tests\Core\Examples;

final class SizeRowsTest extends SvgCase
{
    public function testSizesLieBelowEachOtherOnOneTape(): void
    {
        $plans = [Examples::plan(['wearer.girth' => '15 cm']), Examples::plan(['wearer.girth' => '18 cm'])];
        $svg = SizeRows::paint($plans, ['Small', 'Large'], Unit::Centimetre, 'Sizes');

        self::assertCount(2, self::classed($svg, 'body-span'));
        self::assertCount(1, self::classed($svg, 'tape'));
        self::assertSame(['Small', 'Large'], array_map(strval(...), self::classed($svg, 'size-name')));
        self::assertSame([], self::classed($svg, 'size-grip'));
    }

    public function testWhatIsHeldHasAHandle(): void
    {
        $svg = SizeRows::paint([Examples::plan()], ['One'], Unit::Centimetre, 'Sizes', [Length::ofMillimetres(160)]);
        [$grip] = self::classed($svg, 'size-grip');

        self::assertSame('160', (string) $grip['data-mm']);
    }
}
