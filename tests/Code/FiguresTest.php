<?php

declare(strict_types=1);

namespace Rinkel\Tests\Code;

use PHPUnit\Framework\TestCase;
use Rinkel\Tests\Architecture\Layers;
use Symfony\Component\Finder\Finder;

final class FiguresTest extends TestCase
{
    /** All of the code is read once. */
    private static ?Figures $figures = null;

    /**
     * A part that no layer names could know all others, and all others it.
     */
    public function testEveryPartHasItsLayer(): void
    {
        self::assertSame(self::foldersOf('src'), self::sorted(Layers::PARTS));
        self::assertSame(self::foldersOf('core'), self::sorted(Layers::CONCEPTS));
    }

    public function testNoPartKnowsItselfThroughOthers(): void
    {
        $figures = self::figures();

        self::assertSame([], $figures->cycles());
        self::assertSame([], $figures->pairs());
        self::assertSame([], $figures->dependencies()['Platform'] ?? null);
    }

    public function testEachNameStandsOnce(): void
    {
        self::assertSame([], self::figures()->sharedNames());
    }

    public function testNobodyCountsArguments(): void
    {
        self::assertSame([], self::figures()->countedArguments());
        self::assertSame([], self::figures()->wideConstructors());
    }

    /**
     * Who asks three times what something is leaves to it what it does.
     */
    public function testNothingIsAskedThriceWhatItIs(): void
    {
        self::assertSame([], self::figures()->ladders());
    }

    /**
     * A method is seen at once; what is longer is a list, or reads letter by letter, and is named here.
     */
    public function testAMethodIsSeenAtOnce(): void
    {
        self::assertSame(
            ['src/Platform/Files/Json::rows', 'core/Lesson/Lessons::all'],
            array_keys(self::figures()->longMethods()),
        );
    }

    /**
     * A large class has its test beside it, or it is said which one runs through it.
     */
    public function testEachLargeClassHasATest(): void
    {
        $beside = require __DIR__.'/beside.php';
        self::assertIsArray($beside);
        self::assertSame(
            [],
            array_diff(array_keys(self::figures()->untested()), array_keys($beside)),
            'nobody tests it',
        );
        self::assertSame(
            [],
            array_diff(array_keys($beside), array_keys(self::figures()->untested())),
            'it has its own by now',
        );
        foreach ($beside as $path => $test) {
            self::assertIsString($test);
            self::assertTrue('' === $test || is_file(\dirname(__DIR__).'/'.$test.'.php'), $path.' is tested by '.$test);
        }
    }

    public function testATemplateIsReadWithoutScrollingSideways(): void
    {
        self::assertSame([], self::figures()->wideTemplateLines());
    }

    /**
     * OPcache of PHP 8.2 makes "!($x > 0)" into "$x <= 0", which lets in what is no number: what has to hold is said as
     * it is, and refused otherwise.
     */
    public function testNoComparisonOfNumbersIsTurnedRound(): void
    {
        $root = \dirname(__DIR__, 2);
        $files = (new Finder())->files()->in([$root.'/core', $root.'/src'])->name('*.php');
        self::assertGreaterThan(1000, $files->count());
        self::assertSame([], array_keys(iterator_to_array($files->contains('/!\(\$[^()]* [<>]=? /'))));
    }

    /**
     * Templates are laid out with Tailwind's utilities: our own rules are for what is drawn, and for what many pages
     * share.
     */
    public function testThereAreFewRulesOfStyleOfOurOwn(): void
    {
        $file = \dirname(__DIR__, 2).'/assets/app.css';
        $styles = (string) preg_replace('~/\*.*?\*/~s', '', (string) file_get_contents($file));
        $rules = substr_count($styles, '{') - (int) preg_match_all('/@[a-z-]+[^{};]*\{/', $styles);

        self::assertGreaterThan(100, $rules, 'they were counted');
        self::assertLessThanOrEqual(150, $rules);
    }

    /**
     * @return list<string>
     */
    private static function foldersOf(string $root): array
    {
        return self::sorted(array_map(
            basename(...),
            glob(\dirname(__DIR__, 2).'/'.$root.'/*', \GLOB_ONLYDIR) ?: [],
        ));
    }

    /**
     * @param list<string> $names
     *
     * @return list<string>
     */
    private static function sorted(array $names): array
    {
        sort($names);

        return $names;
    }

    private static function figures(): Figures
    {
        return self::$figures ??= new Figures();
    }
}
