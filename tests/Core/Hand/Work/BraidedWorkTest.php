<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Hand\Work;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Hand\Work\BraidedWork;
use Rinkel\Core\Measure\Length;
use Rinkel\Tests\Core\Examples;

final class BraidedWorkTest extends TestCase
{
    public function testABraidIsAsLongAsWishedAndOnlyItsUseIsRead(): void
    {
        $work = new BraidedWork(Examples::plan()->draft->piece->cord('core')->cord, 3);
        $reading = $work->reading(1, Length::ofMillimetres(100), Length::ofMillimetres(400));

        self::assertNull($work->reading(1, null, Length::ofMillimetres(400)), 'without its length it tells nothing');
        self::assertNull($reading?->length);
        self::assertSame(400.0, $reading?->used?->millimetres);
        self::assertSame(100.0, $work->least(1, Length::ofMillimetres(100))->millimetres);
        self::assertTrue($work->least(1, null)->isZero());
        self::assertSame('braid', $work->word());
    }
}
