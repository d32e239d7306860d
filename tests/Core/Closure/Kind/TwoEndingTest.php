<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Kind;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Closing\TwoEnded;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\EndForm;
use Rinkel\Core\Closure\Kind\TwoEnding;
use Rinkel\Core\Closure\KnownClosures;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Tests\Core\Examples;

final class TwoEndingTest extends TestCase
{
    public function testItSaysWhatItIs(): void
    {
        $kind = TwoEnding::anywhere();

        self::assertSame('two-ends', $kind->id());
        self::assertSame([false, true, false], [$kind->slides(), $kind->opensFully(), $kind->passesShut()]);
        self::assertSame(
            ['start', 'finish', 'loops', 'tail', 'tails', 'play', 'findings', 'behind'],
            ClosureOption::ofKind($kind),
        );
        self::assertSame([FindingKind::Clasp], $kind->made(new ClosureWish($kind)));
        self::assertSame([], $kind->cautions());
        self::assertSame('two-ends', KnownClosures::all()->named('two-ends')?->id());
    }

    public function testItIsClosedByItsOwnActs(): void
    {
        $fastened = Examples::planOf('square-knot-band', ['closure.kind' => 'two-ends'])->draft->fastened;

        self::assertInstanceOf(TwoEnded::class, $fastened->closing);
        self::assertSame('two-ends', $fastened->kind->id());
    }

    public function testItIsMadeOfWhatItsEndsAre(): void
    {
        $wish = new ClosureWish(TwoEnding::anywhere(), start: EndForm::Loop, finish: EndForm::Button);

        self::assertSame([FindingKind::Button], TwoEnding::anywhere()->made($wish));
        self::assertNotContains('behind', ClosureOption::ofKind(TwoEnding::onCord()));
    }
}
