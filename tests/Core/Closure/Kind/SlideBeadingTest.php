<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Kind;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Closing\SlidingBead;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\SlideBeading;
use Rinkel\Core\Closure\KnownClosures;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Tests\Core\Examples;

final class SlideBeadingTest extends TestCase
{
    public function testItSaysWhatItIs(): void
    {
        $kind = new SlideBeading();

        self::assertSame('slide-bead', $kind->id());
        self::assertSame([true, false, false], [$kind->slides(), $kind->opensFully(), $kind->passesShut()]);
        self::assertSame(['shows', 'tail', 'tails', 'findings', 'glued'], ClosureOption::ofKind($kind));
        self::assertSame([FindingKind::SlideBead], $kind->made(new ClosureWish($kind)));
        self::assertSame([], $kind->cautions());
        self::assertSame('slide-bead', KnownClosures::all()->named('slide-bead')?->id());
    }

    public function testItIsClosedByItsOwnActs(): void
    {
        $fastened = Examples::planOf('square-knot-band', ['closure.kind' => 'slide-bead'])->draft->fastened;

        self::assertInstanceOf(SlidingBead::class, $fastened->closing);
        self::assertSame('slide-bead', $fastened->kind->id());
    }
}
