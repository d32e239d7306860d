<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Hitches;

final class HitchesTest extends TestCase
{
    public function testEachHitchTakesAPitch(): void
    {
        $stations = static fn (int $count): array => (new Hitches(
            array_fill(0, max(1, $count), true),
            1.0,
            1.2,
        ))->stations();

        self::assertCount(\count($stations(1)) + 10, $stations(2));
        self::assertGreaterThan(
            (new Hitches([true], 1.0, 1.2))->course('a')->length(),
            (new Hitches([true, true], 1.0, 1.2))->course('a')->length(),
        );
    }
}
