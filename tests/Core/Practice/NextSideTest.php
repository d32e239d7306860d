<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Practice;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Practice\NextSide;
use Rinkel\Core\Practice\Question;

final class NextSideTest extends TestCase
{
    public function testItAsksTheSameForTheSameNumbersAndOneAnswerIsRight(): void
    {
        for ($seed = 0; $seed < 40; ++$seed) {
            $question = self::ask($seed);
            self::assertEquals($question, self::ask($seed));
            self::assertCount(2, $question->answers);
            self::assertArrayHasKey($question->right, $question->answers);
            self::assertCount(2, array_unique(array_map(strval(...), $question->answers)), 'no two alike');
        }
        self::assertSame('next-side', (new NextSide())->id());
    }

    public function testAFlatKnotTakesTurnsASpiralDoesNot(): void
    {
        for ($seed = 0; $seed < 40; ++$seed) {
            $question = self::ask($seed);
            $isSpiral = 'next-turning' === $question->asked->key;
            $last = $question->asked->values['side'];
            self::assertIsString($last);
            self::assertSame(
                'side-'.($isSpiral ? $last : ('left' === $last ? 'right' : 'left')),
                $question->answers[$question->right]->key,
            );
        }
    }

    private static function ask(int $seed, Side $side = Side::Left): Question
    {
        return (new NextSide())->ask(new Randomizer(new Mt19937($seed)), $side);
    }
}
