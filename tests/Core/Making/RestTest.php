<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Making;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Making\LengthSoFar;
use Rinkel\Core\Making\Rest;
use Rinkel\Core\Making\TapeReading;
use Rinkel\Core\Making\Worked;
use Rinkel\Tests\Core\Examples;

final class RestTest extends TestCase
{
    public function testWhatIsStillNeededGetsLessWithEveryKnot(): void
    {
        $plan = Examples::plan();
        $acts = $plan->acts();
        $rest = static function (int $moves) use ($plan, $acts): float {
            $reading = new TapeReading($moves, null, 'working');

            return Rest::of(
                $plan,
                $acts,
                $reading,
                Worked::until($plan, $acts, $moves),
                LengthSoFar::of($acts, $moves, 0),
            )?->ledger->expected() ?? 0.0;
        };

        self::assertGreaterThan($rest(60), $rest(20));
        self::assertGreaterThan($rest(100), $rest(60));
    }

    public function testACordThatIsNotThereHasNone(): void
    {
        $plan = Examples::plan();
        $acts = $plan->acts();

        self::assertNull(Rest::of(
            $plan,
            $acts,
            new TapeReading(9, null, 'nothing'),
            Worked::until($plan, $acts, 9),
            LengthSoFar::of($acts, 9, 0),
        ));
    }
}
