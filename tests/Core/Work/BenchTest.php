<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Work;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\WorkCord;
use Rinkel\Tests\Core\Examples;

final class BenchTest extends TestCase
{
    public function testCordsOfARoleAreNumbered(): void
    {
        $bench = Examples::plan()->sheet->cords;

        self::assertSame(['core.1', 'core.2', 'working.1', 'slider.1'], array_map(
            static fn (WorkCord $cord): string => $cord->id,
            $bench,
        ));
    }

    public function testAStretchComesAfterWhatItNeeds(): void
    {
        $order = array_map(static fn (Act $act): Part => $act->part, Examples::plan()->acts()->all);
        $last = static fn (Part $part): int => max([-1, ...array_keys($order, $part, true)]);
        $first = static fn (Part $part): int => min([999, ...array_keys($order, $part, true)]);

        self::assertLessThan($first(Part::Body), $last(Part::Mount));
        self::assertLessThan($first(Part::Slider), $last(Part::Body));
        self::assertLessThan($last(Part::Ends), $last(Part::Stop));
    }
}
