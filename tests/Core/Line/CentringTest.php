<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Line;

use PHPUnit\Framework\TestCase;
use Rinkel\Tests\Core\Examples;

final class CentringTest extends TestCase
{
    public function testALengthFromCentreToCentreIsShorterByHalfOfEither(): void
    {
        $setting = Examples::planOf('strung-beads', [
            'pattern' => 'gap fit, 1 bead pearl, gap 20 mm centres, 1 bead pearl, gap fit',
        ])->draft->setting;
        $starts = $setting->starts();
        $pearls = array_values(array_filter(
            array_keys($setting->elements),
            static fn (int $i): bool => 'pearl' === $setting->elements[$i]->name,
        ));
        $middle = static fn (int $i): float => $starts[$i] + $setting->elements[$i]->extent->length->millimetres / 2;

        self::assertEqualsWithDelta(20.0, $middle($pearls[1]) - $middle($pearls[0]), 1e-6);
    }
}
