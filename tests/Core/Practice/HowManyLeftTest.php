<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Practice;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Practice\HowManyLeft;
use Rinkel\Core\Practice\Question;

final class HowManyLeftTest extends TestCase
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
        self::assertSame('how-many-left', (new HowManyLeft())->id());
    }

    public function testWhatIsLeftIsTheRestByThePitchSoFar(): void
    {
        for ($seed = 0; $seed < 40; ++$seed) {
            $question = self::ask($seed);
            ['tied' => $tied, 'reached' => $reached, 'body' => $body] = $question->asked->values;
            self::assertInstanceOf(Length::class, $reached);
            self::assertInstanceOf(Length::class, $body);
            self::assertIsInt($tied);
            self::assertEqualsWithDelta(
                $body->minus($reached)->millimetres / ($reached->millimetres / $tied),
                $question->answers[$question->right]->values['count'],
                1e-9,
            );
        }
    }

    private static function ask(int $seed, Side $side = Side::Left): Question
    {
        return (new HowManyLeft())->ask(new Randomizer(new Mt19937($seed)), $side);
    }
}
