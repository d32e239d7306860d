<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Internal;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Exception\PatternUnreadable;
use Rinkel\Core\Pattern\Pattern;

final class ParserTest extends TestCase
{
    #[DataProvider('providePatterns')]
    public function testABracketARepeatAndAMirrorAreRead(string $text, string $said): void
    {
        self::assertSame($said, (string) Pattern::parse($text, Unit::Millimetre));
    }

    /**
     * @return iterable<list<string>>
     */
    public static function providePatterns(): iterable
    {
        yield ['(2 square, 1 bead a) x 3', '(2 square, 1 bead a) x 3'];
        yield ['( 2 square ) x fit', '2 square x fit'];
        yield ['2 square x fit 2 more 1 partly', '2 square x fit 2 more 1 partly'];
        yield ['(1 half left, 1 half right) x 4 alternate', '(1 half left, 1 half right) x 4 alternate'];
        yield ['2 square, mirror', '2 square, mirror'];
        yield ['centre (1 bead a), 2 square', 'centre (1 bead a), 2 square'];
    }

    #[DataProvider('provideWrong')]
    public function testWhatIsWrongIsToldWhereItStands(string $text, int $line, int $column): void
    {
        try {
            Pattern::parse($text, Unit::Millimetre);
            self::fail('It was read.');
        } catch (PatternUnreadable $unreadable) {
            self::assertSame(
                [$line, $column],
                [$unreadable->faults[0]->place->line, $unreadable->faults[0]->place->column],
            );
        }
    }

    /**
     * @return iterable<array{string, int, int}>
     */
    public static function provideWrong(): iterable
    {
        yield ['2 square, ', 1, 11];
        yield ["2 square,\n2 foo", 2, 3];
        yield ['(2 square x 3', 1, 14];
        yield ['2 square)', 1, 9];
    }
}
