<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\RopeLoops;
use Rinkel\Core\Material\Colour;

final class RopeLoopsTest extends TestCase
{
    public function testEachLoopHasAllItsRopesSideBySide(): void
    {
        $loops = new RopeLoops([Colour::parse('#112233'), Colour::parse('#445566')], 3);

        self::assertCount(6, $loops->courses());
        self::assertSame('left-0', $loops->courses()[0]->name);
        self::assertSame(13.5, $loops->motif('m')->length);
    }
}
