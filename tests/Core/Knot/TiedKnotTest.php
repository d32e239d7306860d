<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Measure\Length;

final class TiedKnotTest extends TestCase
{
    public function testSeveralOfThemAreAsMuchLongerAndAsWide(): void
    {
        $one = new TiedKnot(
            Length::ofMillimetres(3),
            Length::ofMillimetres(9),
            Length::ofMillimetres(5),
            Length::ofMillimetres(2),
        );
        $six = $one->times(6);

        self::assertSame([18.0, 54.0], [$six->pitch->millimetres, $six->use->millimetres]);
        self::assertSame([5.0, 2.0], [$six->width->millimetres, $six->thickness->millimetres]);
    }
}
