<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Fastened;
use Rinkel\Core\Remark\Severity;
use Rinkel\Tests\Core\Examples;

final class SquareSliderTest extends TestCase
{
    public function testItIsAsLongAsItsKnotsAndBothSidesOfItStay(): void
    {
        $four = self::fastened();
        $three = self::fastened(['closure.knots' => 3]);

        self::assertEqualsWithDelta(4 / 3, $four->span->narrow->ratioTo($three->span->narrow), 1e-9);
        self::assertEquals($four->span->length, $four->span->narrow, 'shut, its tails are all drawn through');
    }

    public function testItOpensAsFarAsItsTailsReach(): void
    {
        $span = self::fastened(['closure.tail' => '5 cm'])->span;

        self::assertEqualsWithDelta(50.0, $span->tail->millimetres ?? 0.0, 1e-9);
        self::assertEqualsWithDelta(
            100.0 - $span->narrow->millimetres,
            $span->wide->millimetres,
            1e-9,
            'both tails, without what lies in the knots',
        );
    }

    /**
     * Common practice: fewer than four may slip.
     */
    public function testFewKnotsAreSaidToBeUnsure(): void
    {
        self::assertSame([], self::fastened()->checks);
        self::assertSame(Severity::Hint, self::fastened(['closure.knots' => 3])->checks[0]->severity);
        self::assertSame(Severity::Warn, self::fastened(['closure.knots' => 1])->checks[0]->severity);
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function fastened(array $changes = []): Fastened
    {
        return Examples::plan(['closure.kind' => 'square-slider'] + $changes)->draft->fastened;
    }
}
