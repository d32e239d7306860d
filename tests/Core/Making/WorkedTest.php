<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Making;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Making\Worked;
use Rinkel\Tests\Core\Examples;

final class WorkedTest extends TestCase
{
    public function testWhatIsMadeAndWhatIsToComeIsTheBody(): void
    {
        $plan = Examples::plan();
        $acts = $plan->acts();
        foreach ([0, 20, 57, $acts->before(\count($acts->all))] as $moves) {
            $worked = Worked::until($plan, $acts, $moves);
            self::assertEqualsWithDelta(
                $plan->draft->body()->millimetres,
                $worked->lengths->done + $worked->lengths->rest,
                1e-6,
                'after '.$moves,
            );
            self::assertGreaterThanOrEqual(0.0, $worked->share);
            self::assertLessThanOrEqual(1.0, $worked->share);
        }
        self::assertSame(0, Worked::until($plan, $acts, $acts->before(\count($acts->all)))->left);
        self::assertSame('working', Worked::until($plan, $acts, 9)->cut('working')?->role);
        self::assertNull(Worked::until($plan, $acts, 9)->cut('nothing'));
    }
}
