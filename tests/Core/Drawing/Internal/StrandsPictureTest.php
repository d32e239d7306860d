<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\DrawnBead;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Tests\Core\Examples;

final class StrandsPictureTest extends TestCase
{
    public function testBeadsOnSeveralStrandsLieSideBySide(): void
    {
        $plan = Examples::plan([
            'cords.core.count' => 3,
            'beads.dot' => ['shape' => 'round', 'diameter' => '3 mm', 'hole' => '1.5 mm'],
            'pattern' => '6 square, bead dot on strand 1, bead dot on strand 3, 6 square',
        ]);
        $scene = (new Layout($plan))->flat();

        self::assertCount($plan->beads['dot'], $scene->beads);
        self::assertGreaterThan(1, \count(array_unique(array_map(
            static fn (DrawnBead $bead): string => (string) round($bead->y, 3),
            $scene->beads,
        ))));
    }
}
