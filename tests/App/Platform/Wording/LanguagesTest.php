<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Wording;

use PHPUnit\Framework\Attributes\DataProvider;
use Rinkel\App\Platform\Wording\AmericanSpelling;
use Rinkel\App\Settings\Custom;
use Rinkel\Tests\App\WebCase;
use Symfony\Component\Yaml\Yaml;

/**
 * Every language that can be chosen is whole: the same keys, the same values in each sentence, sentences that can be
 * said; and pages, numbers and dates follow it.
 */
final class LanguagesTest extends WebCase
{
    #[DataProvider('provideLanguages')]
    public function testALanguageIsWhole(string $language): void
    {
        self::assertSame([], self::faults($language, self::words('en'), self::words($language)));
    }

    /**
     * A language from outside is one file for each domain, and this says what it lacks.
     */
    public function testALanguageFromOutsideIsToldWhatItLacks(): void
    {
        $english = ['app.save' => 'Save', 'cut.of' => '{count, plural, one {a cord} other {# cords}} of {length}', 'app.bye' => 'Bye'];

        self::assertSame([], self::faults('fr', $english, [
            'app.save' => 'Enregistrer', 'cut.of' => '{count, plural, one {un cordon} other {# cordons}} de {length}',
            'app.bye' => 'Au revoir',
        ]));
        self::assertSame(
            [
                'cut.of cannot be said', 'cut.of says other values', 'app.bye is not set',
                'app.hello is left over', 'it is the other one',
            ],
            self::faults(
                'fr',
                $english,
                ['app.save' => 'Save', 'cut.of' => '{count, plural, one {un cordon}', 'app.hello' => 'Bonjour'],
            ),
        );
    }

    /**
     * @param array<string, string> $english sentences by key
     * @param array<string, string> $words
     *
     * @return list<string> what is wrong with a language beside English
     */
    private static function faults(string $language, array $english, array $words): array
    {
        [$faults, $same] = [[], 0];
        foreach (array_intersect_key($words, $english) as $key => $sentence) {
            if (null === \MessageFormatter::create($language, $sentence)) {
                $faults[] = $key.' cannot be said';
            }
            if (self::values($english[$key]) !== self::values($sentence)) {
                $faults[] = $key.' says other values';
            }
            $same += $sentence === $english[$key] ? 1 : 0;
        }
        foreach (array_keys(array_diff_key($english, $words)) as $key) {
            $faults[] = $key.' is not set';
        }
        foreach (array_keys(array_diff_key($words, $english)) as $key) {
            $faults[] = $key.' is left over';
        }

        return str_starts_with($language, 'en') || $same / \count($words) < 0.1 ? $faults : [
            ...$faults,
            'it is the other one',
        ];
    }

    public function testPagesSpeakTheLanguageThatWasChosen(): void
    {
        $piece = $this->lay();
        $this->browser->request('POST', '/settings', ['language' => 'nl', 'unit' => 'cm']);
        $page = $this->browser->request('GET', '/pieces/'.$piece->id());
        self::assertSame('nl', $page->filter('html')->attr('lang'));
        self::assertSame('Meten', $page->filter('#to-measure .stage-name')->text());
        self::assertMatchesRegularExpression(
            '/\d,\d\s*cm/u',
            $page->filter('#result-fit')->text(),
            'numbers have a comma',
        );
        self::assertDoesNotMatchRegularExpression('/\d\.\d/', $page->filter('#result-fit')->text());

        // What is shown with a comma is read with one, and sent back as it is it changes nothing.
        $page = $this->edit($piece, ['wearer.girth' => '16,7 cm']);
        self::assertSame('16,7 cm', $page->filter('#wearer-girth')->attr('value'));
        $this->browser->request('GET', '/pieces/'.$piece->id().'/piece.json');
        self::assertStringContainsString('"girth": "167 mm"', (string) $this->browser->getResponse()->getContent());
        $page = $this->edit($piece, ['wearer.girth' => 'zo ongeveer']);
        self::assertStringContainsString('Deze lengte ken ik niet', $page->filter('#wearer-girth-fault')->text());

        foreach (['/', '/new', '/people', '/data', '/settings', '/keys', '/nowhere'] as $path) {
            $page = $this->browser->request('GET', $path);
            self::assertSame('nl', $page->filter('html')->attr('lang'), $path);
            self::assertDoesNotMatchRegularExpression(
                '/\b(the|and|with|piece)\b/i',
                $page->filter('header nav')->text(),
                $path,
            );
        }
        $this->browser->request('POST', '/settings', ['language' => 'en']);
        self::assertSame('en', $this->browser->request('GET', '/')->filter('html')->attr('lang'));
    }

    /**
     * Dates, clocks, paper and spelling follow where English is spoken: as the browser says, until somebody chooses.
     */
    public function testEnglishFollowsItsRegion(): void
    {
        $stage = '/pieces/'.$this->lay()->id().'?stage=materials';
        $seen = function (string $wanted) use ($stage): array {
            $page = $this->browser->request('GET', $stage, server: ['HTTP_ACCEPT_LANGUAGE' => $wanted]);
            $this->browser->request('GET', '/paper/wrist.pdf', server: ['HTTP_ACCEPT_LANGUAGE' => $wanted]);
            $paper = preg_match(
                '/MediaBox \[0\.0+ 0\.0+ (\d+)/',
                (string) $this->browser->getResponse()->getContent(),
                $box,
            );

            return [
                $page->filter('html')->attr('lang'),
                1 === preg_match('/\bFibre\b/', $page->filter('main')->text()),
                1 === preg_match('/\d (AM|PM)/u', str_replace("\u{202f}", ' ', $page->filter('#save-state')->text())),
                1 === $paper ? $box[1] : '',
            ];
        };

        self::assertSame(['en', true, false, '841'], $seen('en-GB,en;q=0.9'));
        self::assertSame(['en-US', false, true, '792'], $seen('en-US,en;q=0.9'));
        $this->browser->request('POST', '/settings', ['language' => 'en']);
        self::assertSame('en', $seen('en-US')[0], 'what was chosen stays');
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function provideLanguages(): iterable
    {
        foreach (Custom::LANGUAGES as $language) {
            yield $language => [$language];
        }
    }

    /**
     * @return array<string, string> by key
     */
    private static function words(string $language): array
    {
        if ('en_US' === $language) {
            return array_map(AmericanSpelling::spelled(...), self::words('en'));
        }
        $words = [];
        foreach (glob(\dirname(__DIR__, 4).'/translations/*+intl-icu.'.$language.'.yaml') ?: [] as $file) {
            $read = Yaml::parseFile($file);
            self::assertIsArray($read);
            $words += self::flat($read, basename($file, '+intl-icu.'.$language.'.yaml').':');
        }

        return $words;
    }

    /**
     * @param array<mixed> $words
     *
     * @return array<string, string>
     */
    private static function flat(array $words, string $above = ''): array
    {
        $flat = [];
        foreach ($words as $key => $word) {
            $flat += \is_array($word)
                ? self::flat($word, $above.$key.'.')
                : [$above.$key => \is_scalar($word) ? (string) $word : ''];
        }

        return $flat;
    }

    /**
     * @return list<string> names of what goes into a sentence
     */
    private static function values(string $sentence): array
    {
        $at = 0;
        // The gender of a word is a matter of grammar: each language asks for it where it needs it.
        $names = array_filter(
            array_keys(self::inside($sentence, $at)),
            static fn (int|string $name): bool => !str_ends_with((string) $name, '_gender'),
        );
        sort($names);

        return $names;
    }

    /**
     * Reads an ICU message up to its end, or to the brace that closes it.
     *
     * @return array<string, true> by the names of its values
     */
    private static function inside(string $sentence, int &$at): array
    {
        $names = [];
        for (; $at < \strlen($sentence) && '}' !== $sentence[$at]; ++$at) {
            if ('{' !== $sentence[$at]) {
                continue;
            }
            self::assertSame(
                1,
                preg_match('/\G\{\s*(\w+)\s*(?:,\s*(\w+)\s*,?)?/', $sentence, $found, 0, $at),
                $sentence,
            );
            $names[$found[1]] = true;
            $at += \strlen($found[0]);
            while (1 === preg_match('/\G\s*[\w=]+\s*\{/', $sentence, $option, 0, $at)) {
                $at += \strlen($option[0]);
                $names += self::inside($sentence, $at);
                ++$at;
            }
            $at += strspn($sentence, ' ', $at);
        }

        return $names;
    }
}
