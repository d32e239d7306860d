<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Wording;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\KnownClosures;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Fit\FitZone;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Material\BeadShape;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Material\FindingKind;
use Symfony\Component\Yaml\Yaml;

/**
 * Every key that the code can say has its words, every word is said by something, and the schema names what there is.
 */
final class WordsTest extends TestCase
{
    public function testEveryCheckAndStepHasItsSentenceAndNoneIsLeftOver(): void
    {
        $core = self::sources('core');
        preg_match_all('/new Check\(\s*[^,;]*?\'([a-z-]+)\'(?:\s*:\s*\'([a-z-]+)\')?/', $core, $checks);
        preg_match_all(
            '/new Step\(\s*[^,;\[]*?\'([a-z-]+)\'(?:\s*:\s*(?:\(?[^,\[]*?)?\'([a-z-]+)\'(?:\s*:\s*\'([a-z-]+)\')?\)?)?/',
            $core,
            $steps,
        );
        foreach (self::said($checks) as $code) {
            self::assertArrayHasKey($code, self::words('check'), 'a sentence for the check '.$code);
        }
        self::assertGreaterThan(40, \count(self::said($checks)));
        foreach (self::words('check') as $code => $sentence) {
            self::assertStringContainsString(
                preg_replace('/(?<=^fit-|^finish-).*/', '', $code) ?? '',
                $core,
                'something says '.$code,
            );
            self::assertMatchesRegularExpression('/^[A-Z{"].*[.}]$/s', $sentence, $code);
        }
        foreach (array_keys(self::words('step')) as $key) {
            self::assertStringContainsString(
                str_starts_with($key, 'cut-') ? 'cut-' : $key,
                $core,
                'something says '.$key,
            );
        }
        foreach (self::said($steps) as $key) {
            self::assertTrue(
                isset(self::words('step')[$key]) || !str_contains($key, '-') && 'yes' !== $key,
                'a sentence for the step '.$key,
            );
        }
    }

    public function testEverySentenceOfAFailureHasItsWordsAndNoneIsLeftOver(): void
    {
        $code = self::sources('core').self::sources('src');
        preg_match_all('/(?:new Message\(\s*|self::at\(\$part, |said\.)\'?([a-z]+(?:-[a-z]+)*)\'/', $code, $said);
        // What acts say is in words of its own, that StepsCommandTest looks after.
        $acts = array_diff_key(self::words('making'), self::words('said'));
        $keys = array_values(array_diff(array_unique($said[1]), array_keys($acts)));

        self::assertGreaterThan(60, \count($keys));
        self::assertEqualsCanonicalizing($keys, array_keys(self::words('said')));
    }

    public function testEveryChoiceHasItsWord(): void
    {
        foreach ([
            'fibre' => Fibre::cases(),
            'shape' => BeadShape::cases(),
            'finding' => FindingKind::cases(),
        ] as $words => $cases) {
            self::assertEqualsCanonicalizing(array_column($cases, 'value'), array_keys(self::words($words)), $words);
        }
        self::assertEqualsCanonicalizing(
            [...array_column(FitZone::cases(), 'value'), 'as-set'],
            array_keys(self::words('zone')),
        );
        foreach (KnownKnots::all()->words() as $word) {
            self::assertArrayHasKey(str_replace(' ', '-', $word), self::words('knot'));
        }
        self::assertSame(Constructions::all()->ids(), array_keys(self::words('construction')));
    }

    /**
     * Which lists of the schema name what the code knows; `./rinkel golden` writes them anew.
     *
     * @param list<string> $known
     */
    #[DataProvider('provideLists')]
    #[Group('golden')]
    public function testTheSchemaNamesWhatThereIs(string $property, string $first, array $known): void
    {
        $file = \dirname(__DIR__, 4).'/docs/piece.schema.json';
        $schema = (string) file_get_contents($file);
        $list = '/("'.$property.'": \{ "enum": \[)("'.$first.'"[^\]]*)\]/';
        self::assertSame(1, preg_match($list, $schema, $found), $property);
        if ('1' === getenv('UPDATE_GOLDEN')) {
            file_put_contents(
                $file,
                preg_replace(
                    $list,
                    '$1'.implode(', ', array_map(static fn (string $id): string => '"'.$id.'"', $known)).']',
                    $schema,
                ),
            );
        }

        self::assertEqualsCanonicalizing($known, json_decode('['.($found[2] ?? '').']'));
    }

    /**
     * @return iterable<string, array{string, string, list<string>}>
     */
    public static function provideLists(): iterable
    {
        yield 'constructions' => ['construction', 'square-knot-band', Constructions::all()->ids()];
        yield 'closures' => ['kind', 'square-slider', KnownClosures::all()->ids()];
        yield 'fibres' => ['fibre', 'polyester', array_column(Fibre::cases(), 'value')];
        yield 'shapes' => ['shape', 'round', array_column(BeadShape::cases(), 'value')];
        yield 'findings' => ['kind', 'clasp', array_column(FindingKind::cases(), 'value')];
    }

    public function testEveryClosureHasItsWord(): void
    {
        self::assertEqualsCanonicalizing(KnownClosures::all()->ids(), array_keys(self::words('closure')));
    }

    /**
     * @param array<int, array<string>> $groups of a match
     *
     * @return list<string> whole keys only
     */
    private static function said(array $groups): array
    {
        $keys = array_merge(...\array_slice($groups, 1), ...[[]]);

        return array_values(
            array_unique(
                array_filter($keys, static fn (string $key): bool => '' !== $key && !str_ends_with($key, '-')),
            ),
        );
    }

    /**
     * @return array<string, string>
     */
    private static function words(string $group): array
    {
        static $all = null; // read once, as it is asked for with every sentence
        $all ??= Yaml::parseFile(\dirname(__DIR__, 4).'/translations/messages+intl-icu.en.yaml');
        self::assertIsArray($all);
        self::assertIsArray($all[$group] ?? null);
        $words = [];
        foreach ($all[$group] as $key => $sentence) {
            $words[(string) $key] = \is_string($sentence) ? $sentence : '';
        }

        return $words;
    }

    private static function sources(string $folder): string
    {
        $text = '';
        foreach (new \RecursiveIteratorIterator(
            new \RecursiveDirectoryIterator(\dirname(__DIR__, 4).'/'.$folder, \FilesystemIterator::SKIP_DOTS),
        ) as $file) {
            // What the steps of the making say is another list of words, which StepsCommandTest reads.
            $said = $file instanceof \SplFileInfo
                && 1 !== preg_match('~/core/Making/(?:Way|Closing)(?:/|\.php$)~', $file->getPathname());
            $text .= $said ? (string) file_get_contents($file->getPathname()) : '';
        }

        return $text;
    }
}
