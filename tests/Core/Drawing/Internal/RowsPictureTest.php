<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\DrawnBead;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Tests\Core\Examples;

final class RowsPictureTest extends TestCase
{
    public function testEachBeadOfARowHasItsOwnCore(): void
    {
        $scene = (new Layout(Examples::planOf('multi-row')))->flat();
        $rows = array_count_values(
            array_map(static fn (DrawnBead $bead): string => (string) round($bead->y, 3), $scene->beads),
        );

        self::assertCount(3, $rows);
        self::assertCount(array_sum(Examples::planOf('multi-row')->beads), $scene->beads);
    }
}
