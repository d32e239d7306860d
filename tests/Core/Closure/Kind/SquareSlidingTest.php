<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Kind;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Closing\Sliding;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\SquareSliding;
use Rinkel\Core\Closure\KnownClosures;
use Rinkel\Tests\Core\Examples;

final class SquareSlidingTest extends TestCase
{
    public function testItSaysWhatItIs(): void
    {
        $kind = new SquareSliding();

        self::assertSame('square-slider', $kind->id());
        self::assertSame([true, false, false], [$kind->slides(), $kind->opensFully(), $kind->passesShut()]);
        self::assertSame(['knots', 'shows', 'tail', 'tails', 'glued'], ClosureOption::ofKind($kind));
        self::assertSame([], $kind->made(new ClosureWish($kind)));
        self::assertSame([], $kind->cautions());
        self::assertSame('square-slider', KnownClosures::all()->named('square-slider')?->id());
    }

    public function testItIsClosedByItsOwnActs(): void
    {
        $fastened = Examples::planOf('square-knot-band', ['closure.kind' => 'square-slider'])->draft->fastened;

        self::assertInstanceOf(Sliding::class, $fastened->closing);
        self::assertSame('square-slider', $fastened->kind->id());
    }
}
