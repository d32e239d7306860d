<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Work;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Message;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Round;
use Rinkel\Tests\Core\Examples;

final class RoundTest extends TestCase
{
    public function testWhatIsSaidAgainIsOneRound(): void
    {
        self::assertSame([[0, 1, 1], [1, 2, 3], [7, 1, 1]], self::rounds('a bc bc bc d'));
        self::assertSame([[0, 1, 4]], self::rounds('aaaa'));
        self::assertSame([[0, 1, 1], [1, 1, 1]], self::rounds('aa'), 'twice the same is no longer said in full');
        self::assertSame([[0, 2, 2]], self::rounds('abab'));
        self::assertSame([[0, 2, 2], [4, 1, 1]], self::rounds('ababa'), 'what is half done is said by itself');
        self::assertSame([], self::rounds(''));
    }

    /**
     * Unrolled again, the rounds of each example are its acts.
     */
    public function testNothingIsLostInRounds(): void
    {
        $isShorter = 0;
        foreach (Examples::shipped() as $name => $piece) {
            $acts = (new Planner())->plan($piece)->acts();
            $unrolled = [];
            foreach ($acts->rounds() as $round) {
                for ($time = 0; $time < $round->times; ++$time) {
                    array_push($unrolled, ...\array_slice($acts->all, $round->from, $round->length));
                }
                $isShorter += $round->times > 1 ? 1 : 0;
            }
            self::assertSame(self::told($acts->all), self::told($unrolled), (string) $name);
        }
        self::assertGreaterThan(10, $isShorter);
    }

    /**
     * @param list<Act> $acts
     *
     * @return list<string>
     */
    private static function told(array $acts): array
    {
        return array_map(static fn (Act $act): string => $act->told(), $acts);
    }

    /**
     * @return list<array{int, int, int}>
     */
    private static function rounds(string $letters): array
    {
        $acts = array_map(
            static fn (string $letter): Act => new Act(
                ActKind::Tie,
                Part::Body,
                new Message($letter),
            ),
            str_split(str_replace(' ', '', $letters)),
        );

        return array_map(
            static fn (Round $round): array => [$round->from, $round->length, $round->times],
            Round::of('' === $letters ? [] : $acts),
        );
    }
}
