<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Kind;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Closing\TwoEnded;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\TieClosure;
use Rinkel\Core\Closure\KnownClosures;
use Rinkel\Tests\Core\Examples;

final class TieClosureTest extends TestCase
{
    public function testItSaysWhatItIs(): void
    {
        $kind = new TieClosure();

        self::assertSame('ties', $kind->id());
        self::assertSame([false, true, false], [$kind->slides(), $kind->opensFully(), $kind->passesShut()]);
        self::assertSame(['tail', 'tails'], ClosureOption::ofKind($kind));
        self::assertSame([], $kind->made(new ClosureWish($kind)));
        self::assertSame([], $kind->cautions());
        self::assertSame('ties', KnownClosures::all()->named('ties')?->id());
    }

    public function testItIsClosedByItsOwnActs(): void
    {
        $fastened = Examples::planOf('square-knot-band', ['closure.kind' => 'ties'])->draft->fastened;

        self::assertInstanceOf(TwoEnded::class, $fastened->closing);
        self::assertSame('ties', $fastened->kind->id());
    }
}
