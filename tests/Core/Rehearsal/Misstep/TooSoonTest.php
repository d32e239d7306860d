<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Rehearsal\Misstep;

use PHPUnit\Framework\Attributes\DataProvider;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Rehearsal\Misstep\TooSoon;
use Rinkel\Core\Work\ActKind;

final class TooSoonTest extends MisstepCase
{
    /**
     * @param array<string, mixed> $changes
     */
    #[DataProvider('provideTooSoon')]
    public function testWhatIsLeftOut(array $changes, ActKind $does, int $done, string $follows): void
    {
        $acts = self::acts($changes);
        $slip = self::slip(new TooSoon(), $acts, self::before($acts, $does) + $done);
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
        $follows = self::slip(new TooSoon(), $acts, $tie + 10)->follows;
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
}
