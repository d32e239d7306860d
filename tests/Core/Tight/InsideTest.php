<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Tight;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Tight\Inside;
use Rinkel\Core\Tight\Rod;

final class InsideTest extends TestCase
{
    /**
     * However many there are, and however thick: no two are in one place, and none lies apart from the others.
     */
    #[DataProvider('provideCounts')]
    public function testCoresLieCloseToEachOther(int $count, float $diameter): void
    {
        $rods = Inside::of($count, $diameter)->rods();
        self::assertCount($count, $rods);
        $between = static fn (Rod $a, Rod $b): float => hypot($a->x - $b->x, $a->y - $b->y);
        foreach ($rods as $i => $rod) {
            $others = array_values(array_filter($rods, static fn (Rod $other): bool => $other !== $rod));
            $nearest = [] === $others ? $diameter : min(array_map(
                static fn (Rod $other): float => $between($rod, $other),
                $others,
            ));
            self::assertGreaterThanOrEqual($diameter - 1e-9, $nearest, $count.' '.$i);
            self::assertLessThanOrEqual(1.2 * $diameter, $nearest, $count.' '.$i);
        }
        // As many lie to the left as to the right.
        self::assertEqualsWithDelta(0.0, array_sum(array_map(static fn (Rod $rod): float => $rod->x, $rods)), 1e-9);
        [$wide, $high] = Inside::of($count, $diameter)->half();
        foreach ($rods as $rod) {
            self::assertLessThanOrEqual($wide + 1e-9, abs($rod->x) + $diameter / 2);
            self::assertLessThanOrEqual($high + 1e-9, abs($rod->y) + $diameter / 2);
        }
    }

    /**
     * @return iterable<string, array{int, float}>
     */
    public static function provideCounts(): iterable
    {
        for ($count = 1; $count <= Inside::MOST; ++$count) {
            yield $count.' as thick' => [$count, 1.0];
            yield $count.' thinner' => [$count, 0.4];
        }
    }

    public function testTwoLieFlat(): void
    {
        [$wide, $high] = Inside::of(2)->half();

        self::assertEqualsWithDelta(1.01, $wide, 0.011);
        self::assertEqualsWithDelta(0.5, $high, 1e-9);
    }

    #[DataProvider('provideNone')]
    public function testWhatIsInNoKnotIsRefused(int $count, float $diameter): void
    {
        $this->expectException(\InvalidArgumentException::class);
        Inside::of($count, $diameter);
    }

    /**
     * @return iterable<string, array{int, float}>
     */
    public static function provideNone(): iterable
    {
        yield 'none' => [0, 1.0];
        yield 'nine' => [9, 1.0];
        yield 'too thin' => [1, 0.19];
        yield 'too thick' => [1, 10.1];
        yield 'no number' => [1, \NAN];
    }
}
