<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Practice;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Practice\FlatOrTurning;
use Rinkel\Core\Practice\Question;

final class FlatOrTurningTest extends TestCase
{
    public function testItAsksTheSameForTheSameNumbersAndOneAnswerIsRight(): void
    {
        for ($seed = 0; $seed < 40; ++$seed) {
            $question = self::ask($seed);
            self::assertEquals($question, self::ask($seed));
            self::assertCount(3, $question->answers);
            self::assertArrayHasKey($question->right, $question->answers);
            self::assertCount(3, array_unique(array_map(strval(...), $question->answers)), 'no two alike');
        }
        self::assertSame('flat-or-turning', (new FlatOrTurning())->id());
    }

    public function testSquareKnotsLieFlatHalfKnotsTurn(): void
    {
        for ($seed = 0; $seed < 40; ++$seed) {
            $question = self::ask($seed);
            self::assertSame(match (true) {
                str_ends_with((string) $question->pattern, 'square') => 'lies-flat',
                str_ends_with((string) $question->pattern, 'left') => 'turns-left',
                default => 'turns-right',
            }, $question->answers[$question->right]->key);
        }
    }

    private static function ask(int $seed, Side $side = Side::Left): Question
    {
        return (new FlatOrTurning())->ask(new Randomizer(new Mt19937($seed)), $side);
    }
}
