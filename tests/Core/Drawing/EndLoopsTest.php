<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\EndLoops;
use Rinkel\Core\Drawing\Internal\Body;
use Rinkel\Tests\Core\Examples;

final class EndLoopsTest extends TestCase
{
    public function testALoopIsDrawnAsLargeAsItIs(): void
    {
        $draft = Examples::plan(['closure' => ['kind' => 'button-loop', 'tail' => '20 mm']])->draft;
        $loops = new EndLoops($draft, Body::of($draft)->ends()[0]);

        self::assertTrue($loops->areAtStart());
        self::assertEqualsWithDelta(20.0, $loops->flat(-1), 1e-9);
        self::assertSame(0.0, $loops->flat(1), 'a button is there');
        self::assertLessThan(0.0, $loops->all()->frame->left);
    }
}
