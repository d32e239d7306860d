<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Wording;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Platform\Wording\Notation;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Tests\English;

/**
 * Every example of docs/notation.md is said in each language and read back the same, and no language has a word for
 * two.
 */
final class NotationTest extends TestCase
{
    /** Said where a cord is measured, not in patterns. */
    private const ELSEWHERE = ['to'];

    #[TestWith(['nl'])]
    #[TestWith(['de'])]
    public function testTheExamplesAreReadBackTheSame(string $language): void
    {
        $notation = new Notation(English::translator($language));
        $names = [
            'amber', 'sky', 'navy', 'tube', 'dot', 'round', 'seed', 'silver', 'leaf', 'cube', 'sand', 'rust',
            'cream', 'sea',
        ];
        preg_match_all(
            '/^    (?=\S)(.+)$/m',
            strstr((string) file_get_contents(\dirname(__DIR__, 4).'/docs/notation.md'), '## Grammar', true) ?: '',
            $found,
        );
        $count = 0;
        foreach ($found[1] as $example) {
            $said = $notation->said($example, $names);
            self::assertSame(
                (string) Pattern::parse($example, Unit::Millimetre),
                (string) Pattern::parse($notation->read($said, $names)->text, Unit::Millimetre),
                $said,
            );
            $count += $said === $example ? 0 : 1;
        }
        self::assertGreaterThan(50, $count, 'said in other words');
    }

    #[TestWith(['nl'])]
    #[TestWith(['de'])]
    public function testNoWordStandsForTwo(string $language): void
    {
        $english = $of = [];
        foreach (English::translator($language)->getCatalogue($language)->all('messages+intl-icu') as $key => $words) {
            if (str_starts_with($key, 'notation.') && !\in_array(substr($key, 9), self::ELSEWHERE, true)) {
                $english[] = substr($key, 9);
                foreach (explode('|', \is_string($words) ? $words : '') as $word) {
                    self::assertMatchesRegularExpression('/^[\pL][\pL\d-]*$/u', $word);
                    self::assertArrayNotHasKey($word, $of, 'also '.($of[$word] ?? ''));
                    $of[$word] = substr($key, 9);
                }
            }
        }
        foreach (array_intersect($english, array_keys($of)) as $word) {
            self::assertSame($word, $of[$word], 'an English word means the same here');
        }
    }

    public function testEnglishIsLeftAsItIs(): void
    {
        $notation = new Notation(English::translator());

        self::assertSame('3 square, gap 2.5 cm', $notation->said('3 square, gap 2.5 cm'));
        self::assertSame('3 square, gap 2.5 cm', $notation->read('3 square, gap 2.5 cm')->text);
    }

    public function testAPatternThatCannotBeReadKeepsItsLengths(): void
    {
        $notation = new Notation(English::translator('nl'));

        self::assertSame(
            '3 platte, ruimte 25 mm, 2 kwast',
            $notation->pinned('3 platte, ruimte 25, 2 kwast', Unit::Millimetre),
        );
    }
}
