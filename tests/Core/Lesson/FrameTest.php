<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Lesson;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Frame;

final class FrameTest extends TestCase
{
    public function testTheOtherHandMovesTheOtherWay(): void
    {
        $frame = new Frame(['left' => 3.0], 'left', Side::Left, tight: 0.5);

        self::assertSame([Side::Right, 'left', 0.5], [
            $frame->mirrored()->hand, $frame->mirrored()->moves, $frame->mirrored()->tight,
        ]);
        self::assertNull((new Frame())->mirrored()->hand);
    }
}
