<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Kind;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Closing\GluedEnds;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\Magnetic;
use Rinkel\Core\Closure\KnownClosures;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Tests\Core\Examples;

final class MagneticTest extends TestCase
{
    public function testItSaysWhatItIs(): void
    {
        $kind = new Magnetic();

        self::assertSame('magnetic', $kind->id());
        self::assertSame([false, true, false], [$kind->slides(), $kind->opensFully(), $kind->passesShut()]);
        self::assertSame(['findings'], ClosureOption::ofKind($kind));
        self::assertSame([FindingKind::Magnet], $kind->made(new ClosureWish($kind)));
        self::assertSame(['magnets'], $kind->cautions());
        self::assertSame('magnetic', KnownClosures::all()->named('magnetic')?->id());
    }

    public function testItIsClosedByItsOwnActs(): void
    {
        $fastened = Examples::planOf('rope-knot', ['closure.kind' => 'magnetic'])->draft->fastened;

        self::assertInstanceOf(GluedEnds::class, $fastened->closing);
        self::assertSame('magnetic', $fastened->kind->id());
    }
}
