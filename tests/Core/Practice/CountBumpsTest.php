<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Practice;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Practice\CountBumps;
use Rinkel\Core\Practice\Question;

final class CountBumpsTest extends TestCase
{
    public function testItAsksTheSameForTheSameNumbersAndOneAnswerIsRight(): void
    {
        for ($seed = 0; $seed < 40; ++$seed) {
            $question = self::ask($seed);
            self::assertEquals($question, self::ask($seed));
            self::assertCount(4, $question->answers);
            self::assertArrayHasKey($question->right, $question->answers);
            self::assertCount(4, array_unique(array_map(strval(...), $question->answers)), 'no two alike');
        }
        self::assertSame('count-bumps', (new CountBumps())->id());
    }

    public function testAKnotHasOneBumpOnEitherSide(): void
    {
        for ($seed = 0; $seed < 40; ++$seed) {
            $question = self::ask($seed);
            self::assertSame(
                $question->answers[$question->right]->values['count'],
                (int) $question->pattern,
                'as many as are drawn',
            );
        }
    }

    private static function ask(int $seed, Side $side = Side::Left): Question
    {
        return (new CountBumps())->ask(new Randomizer(new Mt19937($seed)), $side);
    }
}
