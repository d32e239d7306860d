<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Kind;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Closing\TwoEnded;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\ButtonAndLoop;
use Rinkel\Core\Closure\KnownClosures;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Tests\Core\Examples;

final class ButtonAndLoopTest extends TestCase
{
    public function testItSaysWhatItIs(): void
    {
        $kind = ButtonAndLoop::anywhere();

        self::assertSame('button-loop', $kind->id());
        self::assertSame([false, true, false], [$kind->slides(), $kind->opensFully(), $kind->passesShut()]);
        self::assertSame(
            ['loops', 'tail', 'play', 'findings', 'tails', 'wraps', 'knotted', 'behind'],
            ClosureOption::ofKind($kind),
        );
        self::assertSame([FindingKind::Button], $kind->made(new ClosureWish($kind)));
        self::assertSame([], $kind->cautions());
        self::assertSame('button-loop', KnownClosures::all()->named('button-loop')?->id());
    }

    public function testItIsClosedByItsOwnActs(): void
    {
        $fastened = Examples::planOf('square-knot-band', ['closure.kind' => 'button-loop'])->draft->fastened;

        self::assertInstanceOf(TwoEnded::class, $fastened->closing);
        self::assertSame('button-loop', $fastened->kind->id());
    }

    public function testWhatIsSaidOfItDependsOnWhatItCloses(): void
    {
        $said = static fn (ButtonAndLoop $kind): array => \array_slice(ClosureOption::ofKind($kind), 5);

        self::assertSame(['knotted', 'behind'], $said(ButtonAndLoop::onBand()));
        self::assertSame([], $said(ButtonAndLoop::onCord()));
        self::assertSame(['wraps'], $said(ButtonAndLoop::onWrap()));
    }
}
