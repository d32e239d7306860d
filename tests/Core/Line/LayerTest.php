<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Line;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Line\Layer;
use Rinkel\Tests\Core\Examples;

final class LayerTest extends TestCase
{
    public function testItHangsAsMuchLowerAsItsPartSays(): void
    {
        $layers = Examples::planOf('layered-strands')->draft->line->layers;

        self::assertSame(
            [30.0, 30.0],
            array_map(static fn (Layer $layer): float => $layer->lower()->millimetres, $layers),
        );
    }
}
