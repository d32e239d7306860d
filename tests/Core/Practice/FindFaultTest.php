<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Practice;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Practice\FindFault;
use Rinkel\Core\Practice\Question;

final class FindFaultTest extends TestCase
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
        self::assertSame('find-fault', (new FindFault())->id());
    }

    public function testAFaultIsAKnotThatTurnsTheWrongWay(): void
    {
        for ($seed = 0; $seed < 40; ++$seed) {
            $question = self::ask($seed);
            $isFaulty = str_contains((string) $question->pattern, 'half');
            self::assertSame($isFaulty ? 'fault-after' : 'no-fault', $question->answers[$question->right]->key);
            if ($isFaulty) {
                self::assertSame($question->answers[$question->right]->values['count'], (int) $question->pattern);
            }
        }
    }

    private static function ask(int $seed, Side $side = Side::Left): Question
    {
        return (new FindFault())->ask(new Randomizer(new Mt19937($seed)), $side);
    }
}
