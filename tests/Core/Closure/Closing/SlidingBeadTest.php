<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Closing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * Acts of a bead that slides.
 */
final class SlidingBeadTest extends TestCase
{
    public function testBothTailsGoThroughTheBeadAndAreStoppedAgainstIt(): void
    {
        $plan = Examples::plan(['closure.kind' => 'slide-bead']);

        self::assertSame(['slide-bead'], Sheets::keys($plan, Part::Slider));
        self::assertSame(['stop-against', 'stop-against'], Sheets::keys($plan, Part::Stop));
        self::assertContains('try-bead', Sheets::keys($plan, Part::Trial), 'where the stops go is tried');
        self::assertLessThan(Sheets::at($plan, 'stop-against'), Sheets::at($plan, 'try-bead'));
        self::assertSame(['slide bead'], Sheets::act($plan, 'slide-bead')->stint->things);
        self::assertSame('slide bead', Sheets::said(Sheets::act($plan, 'stop-against'), 'bead'));
    }
}
