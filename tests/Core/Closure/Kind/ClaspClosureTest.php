<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Kind;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Closing\TwoEnded;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\ClaspClosure;
use Rinkel\Core\Closure\KnownClosures;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Tests\Core\Examples;

final class ClaspClosureTest extends TestCase
{
    public function testItSaysWhatItIs(): void
    {
        $kind = ClaspClosure::anywhere();

        self::assertSame('clasp', $kind->id());
        self::assertSame([false, true, false], [$kind->slides(), $kind->opensFully(), $kind->passesShut()]);
        self::assertSame(['findings', 'behind'], ClosureOption::ofKind($kind));
        self::assertSame([FindingKind::Clasp, FindingKind::Ring], $kind->made(new ClosureWish($kind)));
        self::assertSame([], $kind->cautions());
        self::assertSame('clasp', KnownClosures::all()->named('clasp')?->id());
    }

    public function testItIsClosedByItsOwnActs(): void
    {
        $fastened = Examples::planOf('square-knot-band', ['closure.kind' => 'clasp'])->draft->fastened;

        self::assertInstanceOf(TwoEnded::class, $fastened->closing);
        self::assertSame('clasp', $fastened->kind->id());
    }

    public function testNothingIsKnottedOverTheCoreWhereNoCordTies(): void
    {
        self::assertSame(['findings'], ClosureOption::ofKind(ClaspClosure::onCord()));
    }
}
