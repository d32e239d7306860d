<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Practice;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Material\Ending;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Practice\Question;
use Rinkel\Core\Practice\WhichFinish;

final class WhichFinishTest extends TestCase
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
        self::assertSame('which-finish', (new WhichFinish())->id());
    }

    public function testWhatMeltsIsSinged(): void
    {
        for ($seed = 0; $seed < 40; ++$seed) {
            $question = self::ask($seed);
            $word = $question->asked->values['fibre'];
            self::assertIsString($word);
            $fibre = Fibre::from(str_replace('_', '-', $word));
            self::assertSame(
                Ending::Singe === $fibre->ending() ? 'finish-singe' : 'finish-glue',
                $question->answers[$question->right]->key,
            );
        }
    }

    private static function ask(int $seed, Side $side = Side::Left): Question
    {
        return (new WhichFinish())->ask(new Randomizer(new Mt19937($seed)), $side);
    }
}
