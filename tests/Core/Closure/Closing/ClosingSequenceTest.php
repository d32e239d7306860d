<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Closing;

use PHPUnit\Framework\TestCase;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * What closings share.
 */
final class ClosingSequenceTest extends TestCase
{
    public function testWorkingEndsOfAPieceThatSlidesAreSafeFirst(): void
    {
        $plan = Examples::plan();

        self::assertLessThan(Sheets::at($plan, 'cross-tails'), Sheets::at($plan, 'singe'));
    }

    public function testAllCordsRunOnAsTailsWhereThatIsSaid(): void
    {
        $some = Examples::plan();
        $all = Examples::plan(['closure.tails' => 'all cords']);

        self::assertFalse($some->draft->fastened->closing->takesAll());
        self::assertTrue($all->draft->fastened->closing->takesAll());
        self::assertCount(4, Sheets::act($some, 'slider')->grip->around);
        self::assertCount(6, Sheets::act($all, 'slider')->grip->around, 'both ends of the working cord with them');
    }
}
