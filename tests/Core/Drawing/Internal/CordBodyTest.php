<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\DrawnBead;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Tests\Core\Examples;

final class CordBodyTest extends TestCase
{
    public function testKnotsAndBeadsLieWhereTheyAreOnTheLine(): void
    {
        $plan = Examples::planOf('strung-beads');
        $scene = (new Layout($plan))->flat();
        $starts = [];
        foreach ($plan->draft->setting->starts() as $i => $start) {
            if ('pearl' === $plan->draft->setting->elements[$i]->name) {
                $starts[] = $start;
            }
        }

        self::assertEqualsWithDelta(
            $starts,
            array_map(static fn (DrawnBead $bead): float => $bead->x, $scene->beads),
            1e-9,
        );
        self::assertGreaterThan(0, \count($scene->placed));
    }
}
