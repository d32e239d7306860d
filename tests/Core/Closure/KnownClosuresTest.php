<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Kind\DoubleBarrel;
use Rinkel\Core\Closure\Kind\SquareSliding;
use Rinkel\Core\Closure\KnownClosures;

final class KnownClosuresTest extends TestCase
{
    public function testEachIsFoundByItsId(): void
    {
        $all = KnownClosures::all();

        self::assertSame($all->ids(), array_values(array_unique($all->ids())));
        foreach ($all->ids() as $id) {
            self::assertSame($id, $all->named($id)?->id());
        }
        self::assertNull($all->named('velcro'));
    }

    public function testOneMoreIsKnownBesideThem(): void
    {
        $more = (new KnownClosures(new SquareSliding()))->and(new DoubleBarrel());

        self::assertSame(['square-slider', 'double-barrel'], $more->ids());
    }
}
