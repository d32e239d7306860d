<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Tests\Core\Examples;

final class AlternatingTest extends TestCase
{
    /**
     * Half knots by turns from either side make the same band as square knots: as long, of as much cord, tied alike.
     */
    #[DataProvider('provideWritings')]
    public function testHalfKnotsByTurnsAreSquareKnots(string $written, string $same): void
    {
        $halves = Examples::plan(['pattern' => $written]);
        $squares = Examples::plan(['pattern' => $same]);

        self::assertEquals($squares->cuts, $halves->cuts);
        self::assertEqualsWithDelta($squares->draft->body()->millimetres, $halves->draft->body()->millimetres, 1e-9);
        self::assertSame($squares->acts()->knots(), $halves->acts()->knots());
        self::assertSame($written, (string) $halves->draft->piece->pattern, 'as its maker wrote it');
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function provideWritings(): iterable
    {
        yield 'a group' => ['(1 half left, 1 half right) x 20', '20 square'];
        yield 'from the other side' => ['(1 half right, 1 half left) x 20', '20 square'];
        yield 'that fits' => ['(1 half left, 1 half right) x fit', '1 square x fit'];
        yield 'alternating' => ['1 half left x 40 alternate', '20 square'];
        yield 'in a row' => ['1 half left, 1 half right, 1 half left, 1 half right, 8 square', '2 square, 8 square'];
        yield 'inside a repeat' => ['(3 square, 1 half left, 1 half right) x 6', '(3 square, 1 square) x 6'];
        yield 'one half over' => ['1 half left, 1 half right, 1 half left', '1 square, 1 half left'];
        yield 'of which the same side repeats' => [
            '2 half left, 1 half right, 9 square',
            '2 half left, 1 half right, 9 square',
        ];
    }
}
