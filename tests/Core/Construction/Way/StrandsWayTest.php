<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Way;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * How knotted strands are made.
 */
final class StrandsWayTest extends TestCase
{
    public function testStrandsAreKnottedTogetherAtEitherEnd(): void
    {
        $plan = Examples::planOf('knotted-strands');

        self::assertSame(['begin-strands'], Sheets::keys($plan, Part::Mount), 'its ends are pressed in');
        $plan = Examples::planOf('knotted-strands', ['closure.kind' => 'ties']);
        self::assertSame(['begin-strands', 'strands-begun', 'strands-ended'], Sheets::keys($plan, Part::Mount));
        self::assertLessThan(Sheets::at($plan, 'bead-core'), Sheets::at($plan, 'tie-each'), 'its first knots');
        self::assertLessThan(Sheets::at($plan, 'bead-core'), Sheets::at($plan, 'strands-begun'));
        self::assertGreaterThan(Sheets::at($plan, 'try-on'), Sheets::at($plan, 'strands-ended'));
    }
}
