<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Sizing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\ButtonAndLoop;
use Rinkel\Core\Sizing\Loops;
use Rinkel\Core\Sizing\Size;
use Rinkel\Tests\Core\Examples;

final class LoopsTest extends TestCase
{
    public function testEachSizeHasOneLoopMore(): void
    {
        $wish = new ClosureWish(ButtonAndLoop::onBand(), ['button']);
        $sizes = Loops::usual($wish)->sizes(Examples::piece());

        self::assertSame([1, 2, 3], array_map(
            static fn (Size $size): ?int => $size->wish->closure?->loop->loops,
            $sizes,
        ));
        self::assertSame(['button'], $sizes[2]->wish->closure?->findings, 'all else stays');
    }
}
