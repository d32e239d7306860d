<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Hand\Work;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Hand\Work\LacedWork;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;

final class LacedWorkTest extends TestCase
{
    public function testAChainIsAsLongAsItsLinks(): void
    {
        $link = Finding::usual(FindingKind::Link);
        $work = new LacedWork(new Cord(Fibre::Polyester, Length::ofMillimetres(1), Colour::parse('#112233')), $link);

        self::assertSame('link', $work->word());
        self::assertEqualsWithDelta(10 * $link->pitch()->millimetres, $work->least(10, null)->millimetres, 1e-9);
        self::assertNull($work->reading(10, null, Length::ofMillimetres(200))->length ?? null);
    }
}
