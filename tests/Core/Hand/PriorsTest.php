<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Hand;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Hand\Priors;
use Rinkel\Core\Knot\Tension;

final class PriorsTest extends TestCase
{
    /**
     * By definition: one who says firm is in the upper fifth of all, loose in the lower.
     */
    public function testWhoSaysNothingIsTheMixtureOfAll(): void
    {
        [$mean, $spread] = Priors::push(null);
        $parts = [[0.2, Tension::Loose], [0.6, Tension::Even], [0.2, Tension::Firm]];
        $second = 0.0;
        foreach ($parts as [$share, $tension]) {
            [$of, $within] = Priors::push($tension);
            $mean -= $share * $of;
            $second += $share * ($of ** 2 + $within ** 2);
        }

        self::assertEqualsWithDelta(0.0, $mean, 1e-9);
        self::assertEqualsWithDelta(sqrt($second), $spread, 0.005);
    }

    public function testWhatIsNotPushedTogetherDiffersMoreFromKindToKind(): void
    {
        self::assertGreaterThan(Priors::kind(true), Priors::kind(false));
    }
}
