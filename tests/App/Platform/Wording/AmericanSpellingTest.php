<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Wording;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Platform\Wording\AmericanSpelling;

final class AmericanSpellingTest extends TestCase
{
    #[DataProvider('sentences')]
    public function testOnlyWordsAreSpelledOtherwise(string $british, string $american): void
    {
        self::assertSame($american, AmericanSpelling::spelled($british));
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function sentences(): iterable
    {
        yield 'a word' => ['Another colour', 'Another color'];
        yield 'at the beginning' => ['Fibre', 'Fiber'];
        yield 'a longer word' => ['Two neighbours, a few centimetres apart', 'Two neighbors, a few centimeters apart'];
        yield 'an argument' => [
            '{fibre} of {centres, plural, other {# centres}}',
            '{fibre} of {centres, plural, other {# centers}}',
        ];
        yield 'a word of files and of devices' => [
            'Send “calliper 1.05 mm” or "colour"',
            'Send “calliper 1.05 mm” or "colour"',
        ];
        yield 'another word' => ['a perimetre', 'a perimetre'];
    }

    public function testAFileNamesTheOneThatItSpells(): void
    {
        $file = \dirname(__DIR__, 4).'/translations/messages+intl-icu.en_US.american';
        $words = (new AmericanSpelling())->load($file, 'en_US', 'messages+intl-icu');

        self::assertSame('Fiber', $words->get('piece.fibre', 'messages+intl-icu'));
        self::assertFalse($words->defines('app.settings', 'messages+intl-icu'), 'the rest is the English one');
    }
}
