<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Piece;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\StockReader;
use Rinkel\Core\Stock\Counted;
use Rinkel\Core\Stock\Kind;
use Rinkel\Core\Stock\StockGlue;
use Rinkel\Core\Stock\Supply;

final class StockReaderTest extends TestCase
{
    private const CORD = ['fibre' => 'nylon', 'thickness' => '0.8 mm', 'colour' => '#22333b'];
    private const BEAD = ['shape' => 'round', 'diameter' => '6 mm', 'hole' => '2 mm', 'colour' => '#1d4f91'];

    public function testACordIsOnSpoolsAndInOffcuts(): void
    {
        $cord = (new StockReader())->cord(
            self::CORD + ['offcuts' => ['60', '0.4 m'], 'spools' => ['20 m', '?'], 'low' => '5 m'],
            'c',
        );

        self::assertSame([600.0, 400.0, 20_000.0, null], array_map(
            static fn (Supply $supply): ?float => $supply->length?->millimetres,
            $cord->supplies,
        ));
        self::assertSame(['c-o0', 'c-o1', 'c-s0', 'c-s1'], array_column($cord->supplies, 'id'));
        self::assertSame([false, false, true, true], array_column($cord->supplies, 'isSpool'));
        self::assertSame(5000.0, $cord->low?->millimetres);
        $inches = (new StockReader())->cord(self::CORD + ['offcuts' => ['10']], 'c', Unit::Inch);
        self::assertSame(254.0, $inches->supplies[0]->length?->millimetres, 'a number alone is in the unit of the box');
    }

    public function testBeadsAreCountedOrNot(): void
    {
        $reader = new StockReader();
        $counted = $reader->item(Kind::Bead, self::BEAD + ['count' => 40, 'low' => 12], 'b');
        self::assertInstanceOf(Counted::class, $counted);
        self::assertSame([40, 12, false], [$counted->count, $counted->low, $counted->isLow()]);
        $few = $reader->item(Kind::Bead, self::BEAD + ['count' => 11, 'low' => 12], 'b');
        self::assertInstanceOf(Counted::class, $few);
        self::assertTrue($few->isLow());
        $some = $reader->item(Kind::Bead, self::BEAD, 'b');
        self::assertInstanceOf(Counted::class, $some);
        self::assertNull($some->count, 'enough');
    }

    public function testAGlueDriesForADayUnlessItIsSaid(): void
    {
        $reader = new StockReader();
        $glue = $reader->item(Kind::Glue, ['bears' => ['water'], 'count' => 2], 'g');
        self::assertInstanceOf(StockGlue::class, $glue);
        self::assertSame([1440, 2], [$glue->glue->cure->minutes, $glue->count]);
        $quick = $reader->item(Kind::Glue, ['cure' => '10 min', 'instant' => 'yes'], 'g');
        self::assertInstanceOf(StockGlue::class, $quick);
        self::assertSame(10, $quick->glue->cure->minutes);
    }

    /**
     * All that is wrong is told at once, each beside its own field.
     *
     * @param array<string, mixed> $document
     * @param list<string>         $paths
     */
    #[DataProvider('provideFaults')]
    public function testWhatIsWrongIsToldAtItsField(Kind $kind, array $document, array $paths): void
    {
        try {
            (new StockReader())->item($kind, $document, 'x');
            self::fail('It was read.');
        } catch (PieceUnreadable $unreadable) {
            self::assertSame($paths, array_map(static fn (Fault $fault): string => $fault->path, $unreadable->faults));
        }
    }

    /**
     * @return iterable<string, array{Kind, array<string, mixed>, list<string>}>
     */
    public static function provideFaults(): iterable
    {
        yield 'no length' => [Kind::Cord, self::CORD + ['offcuts' => ['60 cm', 'some']], ['offcuts.1']];
        yield 'an offcut of unknown length' => [Kind::Cord, self::CORD + ['offcuts' => ['?']], ['offcuts.0']];
        yield 'an offcut of a spool' => [Kind::Cord, self::CORD + ['offcuts' => ['50.1 m']], ['offcuts.0']];
        yield 'a spool too long' => [Kind::Cord, self::CORD + ['spools' => ['1001 m']], ['spools.0']];
        yield 'no list' => [Kind::Cord, self::CORD + ['spools' => '20 m'], ['spools']];
        yield 'too many' => [Kind::Cord, self::CORD + ['spools' => array_fill(0, 61, '1 m')], ['spools']];
        yield 'two at once' => [
            Kind::Cord,
            ['thickness' => 'thin', 'offcuts' => ['x']] + self::CORD,
            ['thickness', 'offcuts.0'],
        ];
        yield 'a count below none' => [Kind::Bead, self::BEAD + ['count' => -1], ['count']];
        yield 'what no glue bears' => [Kind::Glue, ['bears' => ['love']], ['bears.0']];
        yield 'a glue that never dries' => [Kind::Glue, ['cure' => 'soon'], ['cure']];
    }
}
