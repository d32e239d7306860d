<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Practice;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Practice\HowToWrap;
use Rinkel\Core\Practice\Question;

final class HowToWrapTest extends TestCase
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
        self::assertSame('how-to-wrap', (new HowToWrap())->id());
    }

    public function testTheNextFrameIsRight(): void
    {
        for ($seed = 0; $seed < 40; ++$seed) {
            $question = self::ask($seed);
            self::assertSame(
                1 + (int) $question->shown?->frame,
                $question->answers[$question->right]->values['frame'],
            );
        }
    }

    private static function ask(int $seed, Side $side = Side::Left): Question
    {
        return (new HowToWrap())->ask(new Randomizer(new Mt19937($seed)), $side);
    }
}
