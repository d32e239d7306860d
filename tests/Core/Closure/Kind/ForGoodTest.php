<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Kind;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Closing\TiedForGood;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\ForGood;
use Rinkel\Core\Closure\KnownClosures;
use Rinkel\Tests\Core\Examples;

final class ForGoodTest extends TestCase
{
    public function testItSaysWhatItIs(): void
    {
        $kind = new ForGood();

        self::assertSame('for-good', $kind->id());
        self::assertSame([false, false, true], [$kind->slides(), $kind->opensFully(), $kind->passesShut()]);
        self::assertSame([], ClosureOption::ofKind($kind));
        self::assertSame([], $kind->made(new ClosureWish($kind)));
        self::assertSame([], $kind->cautions());
        self::assertSame('for-good', KnownClosures::all()->named('for-good')?->id());
    }

    public function testItIsClosedByItsOwnActs(): void
    {
        $fastened = Examples::planOf('spaced-knots', ['closure.kind' => 'for-good'])->draft->fastened;

        self::assertInstanceOf(TiedForGood::class, $fastened->closing);
        self::assertSame('for-good', $fastened->kind->id());
    }
}
