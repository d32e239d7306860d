<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Kind;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Closing\GluedEnds;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\Butted;
use Rinkel\Core\Closure\KnownClosures;
use Rinkel\Tests\Core\Examples;

final class ButtedTest extends TestCase
{
    public function testItSaysWhatItIs(): void
    {
        $kind = new Butted();

        self::assertSame('butted', $kind->id());
        self::assertSame([false, false, true], [$kind->slides(), $kind->opensFully(), $kind->passesShut()]);
        self::assertSame([], ClosureOption::ofKind($kind));
        self::assertSame([], $kind->made(new ClosureWish($kind)));
        self::assertSame([], $kind->cautions());
        self::assertSame('butted', KnownClosures::all()->named('butted')?->id());
    }

    public function testItIsClosedByItsOwnActs(): void
    {
        $fastened = Examples::planOf('rope-knot', ['closure.kind' => 'butted'])->draft->fastened;

        self::assertInstanceOf(GluedEnds::class, $fastened->closing);
        self::assertSame('butted', $fastened->kind->id());
    }
}
