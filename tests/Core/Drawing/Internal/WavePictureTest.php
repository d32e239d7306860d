<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\DrawnBead;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Tests\Core\Examples;

final class WavePictureTest extends TestCase
{
    public function testBothArmsBowOutAndMeetAgain(): void
    {
        $plan = Examples::planOf('wave-band');
        $scene = (new Layout($plan))->flat();
        $ys = array_map(static fn (DrawnBead $bead): float => $bead->y, $scene->beads);

        self::assertCount(array_sum($plan->beads), $scene->beads);
        self::assertEqualsWithDelta(max([0, ...$ys]), -min([0, ...$ys]), 0.5, 'both sides alike');
    }
}
