<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Plan\Finishing;
use Rinkel\Core\Work\Habits;
use Rinkel\Core\Work\How;
use Rinkel\Tests\Core\Examples;

final class FinishingTest extends TestCase
{
    public function testWhatIsSingedAndWhatIsGluedIsSaid(): void
    {
        self::assertSame(['core'], Examples::check(Examples::plan(), 'tail-singe')->values['cords'] ?? null);
        self::assertNotNull(Examples::check(Examples::planOf('spaced-knots'), 'tail-glue'));
        self::assertNull(Examples::check(Examples::planOf('spaced-knots'), 'tail-singe'));
    }

    public function testAFlameBesideWhatCharsIsWarnedOf(): void
    {
        $plan = Examples::plan(['cords.core.fibre' => 'hemp']);

        self::assertNotNull(Examples::check($plan, 'flame-beside'));
        self::assertNull(Examples::check(Examples::plan(), 'flame-beside'));
        self::assertTrue((new Finishing($plan->sheet, new Habits()))->has(How::Singe));
    }
}
