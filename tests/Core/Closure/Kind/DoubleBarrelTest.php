<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Kind;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Closing\Barrels;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\DoubleBarrel;
use Rinkel\Core\Closure\KnownClosures;
use Rinkel\Tests\Core\Examples;

final class DoubleBarrelTest extends TestCase
{
    public function testItSaysWhatItIs(): void
    {
        $kind = new DoubleBarrel();

        self::assertSame('double-barrel', $kind->id());
        self::assertSame([true, false, false], [$kind->slides(), $kind->opensFully(), $kind->passesShut()]);
        self::assertSame(['wraps', 'shows', 'tail', 'tails', 'glued'], ClosureOption::ofKind($kind));
        self::assertSame([], $kind->made(new ClosureWish($kind)));
        self::assertSame([], $kind->cautions());
        self::assertSame('double-barrel', KnownClosures::all()->named('double-barrel')?->id());
    }

    public function testItIsClosedByItsOwnActs(): void
    {
        $fastened = Examples::planOf('square-knot-band', ['closure.kind' => 'double-barrel'])->draft->fastened;

        self::assertInstanceOf(Barrels::class, $fastened->closing);
        self::assertSame('double-barrel', $fastened->kind->id());
    }
}
