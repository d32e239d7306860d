<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\Layered;
use Rinkel\Tests\Core\Examples;

final class LayeredTest extends TestCase
{
    public function testEachStrandHangsAsMuchLowerAsItSays(): void
    {
        $layers = Examples::planOf('layered-strands')->draft->layers;

        self::assertCount(2, $layers, 'besides the shortest');
        self::assertEqualsWithDelta(
            [30.0, 60.0],
            array_map(static fn (Layered $layer): float => $layer->hangs->millimetres, $layers),
            1e-6,
        );
        self::assertTrue($layers[1]->setting->length->isLongerThan($layers[0]->setting->length));
    }
}
