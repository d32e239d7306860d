<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Closing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Closing\Loop;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * A loop of all cords.
 */
final class AllLoopTest extends TestCase
{
    public function testAllCordsBendBackAndAreKnottedTogether(): void
    {
        $plan = Examples::plan([
            'closure' => ['kind' => 'two-ends', 'start' => 'knotted-loop', 'finish' => 'button'],
        ]);
        $loops = Sheets::keys($plan, Part::Loop);

        self::assertCount(1, $loops);
        $loop = Sheets::act($plan, $loops[0]);
        self::assertSame(['core.1.a', 'core.2.a'], Sheets::ends($loop->grip->by), 'all that have a tip there');
        self::assertSame(['look-strands'], Sheets::looks($loop));
        self::assertSame('overhand', $loop->stint->knot);
    }
}
