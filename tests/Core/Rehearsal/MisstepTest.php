<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Rehearsal;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Rehearsal\Attempt;
use Rinkel\Core\Rehearsal\Misstep;
use Rinkel\Core\Rehearsal\Moment;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Acts;
use Rinkel\Tests\Core\Examples;

/**
 * What comes of each slip, against what the piece without it and with it would be.
 */
final class MisstepTest extends TestCase
{
    public function testASideTwiceTurnsAFlatBand(): void
    {
        $acts = self::acts([]);
        $tie = self::before($acts, ActKind::Tie);
        self::assertSame('slip-side', self::slip(new Misstep\OtherSide(), $acts, $tie)->follows?->key);
        $second = self::slip(new Misstep\OtherSide(), $acts, $tie + 1);
        self::assertSame('slip-repeats', $second->follows?->key);
        self::assertSame(Side::Left, $second->move->side, 'the first half came from the left');
        self::assertSame('1 square, 4 half left, 4 square', $second->pattern);
        $later = self::slip(new Misstep\OtherSide(), $acts, $tie + 6);
        self::assertSame(['side' => 'right', 'next' => 'left'], $later->follows->values ?? []);
        self::assertSame('3 square, 4 half right, 4 square', $later->pattern);
    }

    /**
     * The band that is drawn is one: it can be planned, and a part of it turns.
     */
    public function testWhatIsDrawnOfASlipIsABand(): void
    {
        $acts = self::acts([]);
        for ($moves = self::before($acts, ActKind::Tie) + 1; $moves < 40; ++$moves) {
            $pattern = self::slip(new Misstep\OtherSide(), $acts, $moves)->pattern;
            $plan = (new Planner())->plan((new PieceReader())->read(Examples::document(['pattern' => $pattern])));
            $knots = $plan->acts()->knots();
            self::assertSame(4.0, ($knots['half left'] ?? 0.0) + ($knots['half right'] ?? 0.0));
            self::assertGreaterThan(1.0, $knots['square']);
        }
    }

    public function testASpiralTurnsBackFromTheOtherSide(): void
    {
        $acts = self::acts(['pattern' => '1 half left x fit']);
        $tie = self::before($acts, ActKind::Tie, 'half left') + 3;
        $slip = self::slip(new Misstep\OtherSide(), $acts, $tie);
        self::assertSame('slip-turns-back', $slip->follows?->key);
        self::assertSame('8 half left, 1 half right, 4 half left', $slip->pattern);
    }

    public function testOneKnotMoreMakesItLongerByOne(): void
    {
        $acts = self::acts([]);
        $tie = self::before($acts, ActKind::Tie);
        [$number] = $acts->at($tie);
        $act = $acts->all[$number];
        $slip = self::slip(new Misstep\OneTooMany(), $acts, $tie + $act->stint->count);
        $longer = $slip->follows->values['longer'] ?? null;
        self::assertInstanceOf(Length::class, $longer);
        self::assertEqualsWithDelta(
            ($act->stint->adds->millimetres ?? 0.0) / $act->stint->count,
            $longer->millimetres,
            1e-9,
        );
        self::assertNull((new Misstep\OneTooMany())->at(self::moment($acts, $tie + 1)), 'only where it is done');
    }

    /**
     * @param array<string, mixed> $changes
     */
    #[DataProvider('provideTooSoon')]
    public function testWhatIsLeftOut(array $changes, ActKind $does, int $done, string $follows): void
    {
        $acts = self::acts($changes);
        $slip = self::slip(new Misstep\TooSoon(), $acts, self::before($acts, $does) + $done);
        self::assertSame($follows, $slip->follows?->key);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, ActKind, int, string}>
     */
    public static function provideTooSoon(): iterable
    {
        yield 'not cut' => [[], ActKind::Cut, 0, 'slip-uncut'];
        yield 'knots missing' => [[], ActKind::Tie, 10, 'slip-fewer'];
        yield 'wet glue' => [
            ['closure.kind' => 'ties', 'cords.core.fibre' => 'hemp', 'cords.working.fibre' => 'hemp'],
            ActKind::Wait,
            0,
            'slip-wet',
        ];
        yield 'a mark' => [
            ['construction' => 'spaced-knots', 'cords' => null, 'pattern' => null],
            ActKind::Mark,
            0,
            'slip-no-mark',
        ];
    }

    /**
     * What is missing is what is not tied, and the piece shorter by just that.
     */
    public function testWhatIsMissingIsCounted(): void
    {
        $acts = self::acts([]);
        $tie = self::before($acts, ActKind::Tie);
        $act = $acts->all[$acts->at($tie)[0]];
        $follows = self::slip(new Misstep\TooSoon(), $acts, $tie + 10)->follows;
        self::assertSame($act->stint->count - 10, $follows->values['count'] ?? null);
        self::assertSame('half', $follows->values['of'] ?? null);
        $shorter = $follows->values['shorter'] ?? null;
        self::assertInstanceOf(Length::class, $shorter);
        self::assertEqualsWithDelta(
            ($act->stint->adds->millimetres ?? 0.0) * ($act->stint->count - 10) / $act->stint->count,
            $shorter->millimetres,
            1e-9,
        );
    }

    public function testAnEndCutOffEarlyIsShortByWhatItStillHasToDo(): void
    {
        $acts = self::acts([]);
        $slider = self::before($acts, ActKind::Stop);
        $slip = self::slip(new Misstep\CutOffEarly(), $acts, $slider);
        self::assertSame(ActKind::Trim, $slip->act->does);
        $needed = $slip->follows->values['needed'] ?? null;
        self::assertInstanceOf(Length::class, $needed);
        self::assertGreaterThan(10.0, $needed->millimetres);
        self::assertNull(
            (new Misstep\CutOffEarly())->at(self::moment($acts, 0)),
            'nobody reaches for the scissors so early',
        );
    }

    public function testAnotherBeadIsOneThatThePieceHas(): void
    {
        $acts = self::acts(['pattern' => '1 square, (1 bead sea, 1 bead sky, 2 square) x fit', 'beads' => [
            'sea' => ['diameter' => '5 mm', 'hole' => '2.5 mm'], 'sky' => ['diameter' => '5 mm', 'hole' => '2.5 mm'],
        ]]);
        for ($moves = 0; $moves < $acts->moves; ++$moves) {
            $moment = self::moment($acts, $moves);
            $slip = (new Misstep\OtherBead())->at($moment);
            $bead = $moment->move()->bead;
            self::assertSame(null === $bead, null === $slip);
            self::assertSame(
                null === $bead ? null : ('sea' === $bead->name ? 'sky' : 'sea'),
                $slip?->move->bead?->name,
            );
        }
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function acts(array $changes): Acts
    {
        $document = array_filter(Examples::document($changes), static fn (mixed $value): bool => null !== $value);

        return (new Planner())->plan((new PieceReader())->read($document))->acts();
    }

    private static function before(Acts $acts, ActKind $does, ?string $knot = null): int
    {
        foreach ($acts->all as $number => $act) {
            if ($does === $act->does && (null === $knot || $knot === $act->stint->knot)) {
                return $acts->before($number);
            }
        }

        self::fail('Nothing of that kind is done.');
    }

    private static function moment(Acts $acts, int $moves): Moment
    {
        return Moment::after($acts, $moves) ?? self::fail('All is done.');
    }

    private static function slip(Misstep $slip, Acts $acts, int $moves): Attempt
    {
        return $slip->at(self::moment($acts, $moves)) ?? self::fail('Nobody can go wrong so.');
    }
}
