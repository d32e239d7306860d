<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Closing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * A closure of two ends.
 */
final class TwoEndedTest extends TestCase
{
    public function testEachEndIsMadeAfterTheTrialAndTriedClosed(): void
    {
        $plan = Examples::plan(['closure.kind' => 'clasp']);

        self::assertSame(['try-on', 'try-closed'], Sheets::keys($plan, Part::Trial));
        self::assertGreaterThan(Sheets::at($plan, 'try-on'), Sheets::at($plan, 'finding-threaded'));
        self::assertGreaterThan(Sheets::at($plan, 'half-threaded'), Sheets::at($plan, 'try-closed'));
        self::assertEqualsWithDelta(
            $plan->draft->worn()->millimetres,
            Sheets::act($plan, 'try-closed')->spot->sizes['worn']->millimetres,
            1e-6,
        );
    }

    public function testTiesAreNotTriedClosed(): void
    {
        self::assertSame(['try-on'], Sheets::keys(Examples::plan(['closure.kind' => 'ties']), Part::Trial));
    }

    public function testWorkingEndsAreSafeBeforeItOrWithAllOthers(): void
    {
        $first = Examples::plan(['closure.kind' => 'button-loop']);
        $last = Examples::plan(['closure.kind' => 'button-loop', 'habits.working' => 'last']);

        self::assertLessThan(Sheets::at($first, 'try-closed'), Sheets::at($first, 'singe'));
        self::assertGreaterThan(Sheets::at($last, 'try-closed'), Sheets::at($last, 'singe'));
    }
}
