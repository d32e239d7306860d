<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Picture;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Tests\Core\Examples;

final class LoopsPictureTest extends TestCase
{
    public function testARopeKnotIsOneWovenPicture(): void
    {
        $scene = (new Layout(Examples::planOf('rope-knot')))->flat();
        $knots = array_values(
            array_filter($scene->placed, static fn (Placed $placed): bool => 'rope' === $placed->role),
        );

        self::assertCount(1, $knots);
        self::assertSame('interlace-2', $knots[0]->motif->name, 'two ropes in either loop');
    }
}
