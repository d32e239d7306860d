<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Making;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Making\LengthSoFar;
use Rinkel\Tests\Core\Examples;

final class LengthSoFarTest extends TestCase
{
    public function testKnotsAndBareCordAreToldApart(): void
    {
        $plan = Examples::planOf('spaced-knots');
        $acts = $plan->acts();
        $all = LengthSoFar::of($acts, $acts->before(\count($acts->all)), 0);

        self::assertEqualsWithDelta(
            $plan->draft->body()->millimetres,
            array_sum($all->done) + $all->doneBare,
            1e-6,
        );
        self::assertGreaterThan(0.0, $all->doneBare);
        self::assertNotNull($all->mainly());
        self::assertEqualsWithDelta(0.0, array_sum(LengthSoFar::of($acts, 0, 0)->done), 1e-9, 'nothing yet');
    }
}
