<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Kind;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Closing\Barrels;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\SingleBarrel;
use Rinkel\Core\Closure\KnownClosures;
use Rinkel\Tests\Core\Examples;

final class SingleBarrelTest extends TestCase
{
    public function testItSaysWhatItIs(): void
    {
        $kind = new SingleBarrel();

        self::assertSame('single-barrel', $kind->id());
        self::assertSame([true, false, false], [$kind->slides(), $kind->opensFully(), $kind->passesShut()]);
        self::assertSame(['wraps', 'short', 'spaced', 'shows', 'tail', 'tails', 'glued'], ClosureOption::ofKind($kind));
        self::assertSame([], $kind->made(new ClosureWish($kind)));
        self::assertSame([], $kind->cautions());
        self::assertSame('single-barrel', KnownClosures::all()->named('single-barrel')?->id());
    }

    public function testItIsClosedByItsOwnActs(): void
    {
        $fastened = Examples::planOf('square-knot-band', ['closure.kind' => 'single-barrel'])->draft->fastened;

        self::assertInstanceOf(Barrels::class, $fastened->closing);
        self::assertSame('single-barrel', $fastened->kind->id());
    }
}
