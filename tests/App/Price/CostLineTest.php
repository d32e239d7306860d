<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Price;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Price\CostLine;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Tests\Core\Examples;

final class CostLineTest extends TestCase
{
    public function testItSaysOfWhatSortItIs(): void
    {
        $piece = Examples::planOf('strung-beads')->draft->piece;
        $kind = static fn (Cord|Bead|Finding $what): string => (new CostLine($what, [], 1, null, null))->kind();

        self::assertSame('cord', $kind($piece->cord('cord')->cord));
        self::assertSame('beads', $kind($piece->beads['pearl']));
        self::assertSame('findings', $kind(Finding::usual(FindingKind::Clasp)));
    }
}
