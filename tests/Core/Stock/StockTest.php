<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Stock;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Strain;
use Rinkel\Core\Measure\Exception\WaitUnread;
use Rinkel\Core\Measure\Wait;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\StockReader;
use Rinkel\Core\Plan\Need;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Stock\Counted;
use Rinkel\Core\Stock\Kind;
use Rinkel\Core\Stock\StockCord;
use Rinkel\Core\Stock\StockGlue;
use Rinkel\Core\Work\Cure;
use Rinkel\Tests\Core\Examples;

final class StockTest extends TestCase
{
    /**
     * What a piece takes is what its plan counts, for every example, alone and three of each together.
     */
    public function testNeedsAreWhatPlansCount(): void
    {
        $planner = new Planner();
        $plans = [];
        $counted = 0;
        foreach (Examples::shipped() as $wish) {
            $plan = $planner->plan($wish);
            $plans[] = [$plan, 3];
            $count = array_sum($plan->beads) + array_sum($plan->findings());
            self::assertSame($count, self::sum(Need::of([[$plan, 1]])), $wish->name);
            $counted += 3 * $count;
        }
        $together = Need::of($plans);
        self::assertSame($counted, self::sum($together));
        $kinds = array_map(static fn (Need $need): string => $need->what->materialKey(), $together);
        self::assertSame($kinds, array_unique($kinds), 'each kind once');
    }

    public function testWhatIsMissingIsWhatIsNotThere(): void
    {
        $plan = Examples::plan([
            'beads' => [
                'a' => ['shape' => 'letter', 'diameter' => '6 mm', 'hole' => '3 mm'],
                'b' => ['hole' => '3 mm'],
            ],
            'pattern' => 'word "ANNA" of a, 2 square, 3 bead b',
        ]);
        [$letters, $round] = Need::of([[$plan, 2]]);
        self::assertSame(['A' => 4, 'N' => 4], $letters->letters);
        self::assertSame(6, $round->count);
        self::assertSame(8, $letters->missing(null));
        self::assertSame(3, $letters->missing(self::item(Kind::Bead, ['shape' => 'letter', 'letters' => 'A1 N9 Z3'])));
        self::assertSame(0, $letters->missing(self::item(Kind::Bead, ['shape' => 'letter'])), 'nobody counted them');
        self::assertSame(2, $round->missing(self::item(Kind::Bead, ['count' => 4])));
        self::assertSame(0, $round->missing(self::item(Kind::Bead, ['count' => 60])));
        self::assertSame(
            ['A' => 0, 'N' => 5, 'Z' => 3],
            self::item(Kind::Bead, ['letters' => 'A1 N9 Z3'])->letters()?->without($letters->letters)->counts,
        );
    }

    /**
     * A bead of a piece is found in the box by what it is, not by how it was written or how many there are.
     */
    public function testLikeFindsLike(): void
    {
        $one = self::bead(['diameter' => '8 mm', 'colour' => '#AA0011']);
        foreach ([
            ['diameter' => '0.8 cm', 'count' => 4], ['diameter' => '8.04 mm', 'hole' => '2 mm'],
            ['diameter' => '8', 'glass' => true],
        ] as $same) {
            self::assertSame($one->materialKey(), self::bead($same + ['colour' => '#aa0011'])->materialKey());
        }
        foreach ([
            ['diameter' => '9 mm'], ['material' => 'wood'], ['finish' => 'matt'], ['shape' => 'cube'],
            ['colour' => '#aa0012'],
        ] as $other) {
            self::assertNotSame(
                $one->materialKey(),
                self::bead($other + ['diameter' => '8 mm', 'colour' => '#aa0011'])->materialKey(),
            );
        }
        self::assertSame($one->materialKey(), $one->uncounted()->materialKey());
        self::assertNull(self::bead(['count' => 4])->uncounted()->stock);
        self::assertSame(
            self::bead(['size' => '8/0'])->materialKey(),
            self::bead(['diameter' => '3 mm', 'length' => '2.1 mm'])->materialKey(),
            'a seed bead by its number, and by its size',
        );
    }

    /**
     * @param array<string, mixed> $document
     * @param list<string>         $paths    at which something is wrong
     */
    #[DataProvider('provideWrong')]
    public function testWhatCannotBeIsRefusedWhereItStands(Kind $kind, array $document, array $paths): void
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
    public static function provideWrong(): iterable
    {
        yield 'fewer than none' => [Kind::Bead, ['count' => -1], ['count']];
        yield 'half a bead' => [Kind::Bead, ['count' => '1.5'], ['count']];
        yield 'absurdly many' => [Kind::Finding, ['count' => 100_001], ['count']];
        yield 'an unknown unit' => [Kind::Bead, ['diameter' => '3 furlongs'], ['diameter']];
        yield 'a hole as wide as the bead' => [Kind::Bead, ['diameter' => '3 mm', 'hole' => '3 mm'], ['hole']];
        yield 'no such finding' => [Kind::Finding, ['kind' => 'rivet'], ['kind']];
        yield 'a glue that never cures' => [Kind::Glue, ['cure' => '8 days'], ['cure']];
        yield 'a glue that bears all' => [Kind::Glue, ['bears' => ['water', 'all']], ['bears.1']];
        yield 'two things at once' => [
            Kind::Cord,
            ['low' => 'x', 'offcuts' => ['5 cm', '60 km']],
            ['offcuts.1', 'low'],
        ];
        yield 'no list' => [Kind::Cord, ['spools' => 'many'], ['spools']];
    }

    public function testLowIsSaidBelowItsMark(): void
    {
        foreach ([[5, 4, false], [5, 5, false], [5, 6, true]] as [$count, $low, $isLow]) {
            self::assertSame($isLow, self::item(Kind::Finding, ['count' => $count, 'low' => $low])->isLow());
        }
        self::assertFalse(self::item(Kind::Bead, ['low' => 6])->isLow(), 'nobody counted them');
        $cord = static fn (array $spools): bool => (new StockReader())
            ->cord(['spools' => $spools, 'offcuts' => ['40 cm'], 'low' => '2 m'], 'x')->isLow();
        self::assertSame([true, false, false], [$cord(['1.5 m']), $cord(['1.6 m']), $cord(['?'])]);
    }

    public function testAGlueSaysWhatItBears(): void
    {
        $glue = (new StockReader())->item(
            Kind::Glue,
            ['cure' => '1.5 h', 'bears' => ['stretch'], 'count' => 1, 'low' => 2],
            'x',
        );
        self::assertInstanceOf(StockGlue::class, $glue);
        self::assertTrue($glue->isLow());
        self::assertSame(90, $glue->glue->cure->minutes);
        self::assertTrue($glue->glue->bears(Cure::Elastic->strain()));
        self::assertFalse($glue->glue->bears(Cure::End->strain()));
        self::assertSame(Strain::Bending, Cure::Cord->strain());
        self::assertInstanceOf(StockCord::class, (new StockReader())->item(Kind::Cord, [], 'x'));
    }

    #[DataProvider('provideWaits')]
    public function testWaitsAreReadAsLabelsSayThem(string $text, ?int $minutes): void
    {
        if (null === $minutes) {
            $this->expectException(WaitUnread::class);
        }
        $wait = Wait::parse($text);
        self::assertSame($minutes, $wait->minutes);
        self::assertSame($minutes, Wait::parse((string) $wait)->minutes);
    }

    /**
     * @return iterable<string, array{string, int|null}>
     */
    public static function provideWaits(): iterable
    {
        yield 'hours' => ['24 h', 1440];
        yield 'a word' => ['2 hours', 120];
        yield 'minutes' => ['30 min', 30];
        yield 'bare' => ['45', 45];
        yield 'a decimal comma' => ['1,5 h', 90];
        yield 'days' => ['7 days', 10_080];
        yield 'too long' => ['8 days', null];
        yield 'none' => ['0 min', null];
        yield 'no time' => ['overnight', null];
    }

    /**
     * @param array<string, mixed> $document
     */
    private static function item(Kind $kind, array $document): Counted
    {
        $item = (new StockReader())->item($kind, $document, 'x');

        return $item instanceof Counted ? $item : self::fail('It is not counted.');
    }

    /**
     * @param array<string, mixed> $document
     */
    private static function bead(array $document): Bead
    {
        $what = self::item(Kind::Bead, $document)->what;

        return $what instanceof Bead ? $what : self::fail('It is no bead.');
    }

    /**
     * @param list<Need> $needs
     */
    private static function sum(array $needs): int
    {
        return array_sum(array_map(static fn (Need $need): int => $need->count, $needs));
    }
}
