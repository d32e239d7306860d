<?php

declare(strict_types=1);

namespace Rinkel\Tests\Code;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Drawing\Picture\OverhandPicture;
use Rinkel\Core\Drawing\Pictures;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Examples;
use Symfony\Component\Process\Process;
use Symfony\Component\Yaml\Yaml;

/**
 * What "./rinkel new" writes is whole: it is read, planned, drawn and named.
 */
final class NewTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    private string $copy;

    protected function setUp(): void
    {
        $this->copy = sys_get_temp_dir().'/rinkel-new-'.getmypid();
        foreach ([
            'core/Knot/KnownKnots.php', 'core/Drawing/Pictures.php',
            'translations/messages+intl-icu.en.yaml', 'translations/messages+intl-icu.nl.yaml',
        ] as $path) {
            is_dir(\dirname($this->copy.'/'.$path)) || mkdir(\dirname($this->copy.'/'.$path), 0o777, true);
            copy(self::ROOT.'/'.$path, $this->copy.'/'.$path);
        }
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->copy]))->mustRun();
    }

    public function testANewKnotIsWhole(): void
    {
        $tool = $this->tool('knot', 'figure eight');
        self::assertSame(0, $tool->run(), $tool->getErrorOutput());
        self::assertStringContainsString('Left to do', $tool->getOutput());

        require $this->copy.'/core/Knot/Kind/FigureEight.php';
        $class = 'Rinkel\Core\Knot\Kind\FigureEight';
        self::assertTrue(class_exists($class, false));
        $knot = new $class();
        self::assertInstanceOf(Knot::class, $knot);
        $plan = (new Planner())->plan((new PieceReader(KnownKnots::all()->and($knot)))->read(
            Examples::bare('spaced-knots', ['pattern' => '(1 figure eight, gap 8 mm) x 5, 1 barrel 3']),
        ));
        self::assertCount(5, array_filter(
            $plan->draft->setting->elements,
            static fn ($one): bool => $one->knot === $knot,
        ));
        $pictures = Pictures::all()->and($knot, new OverhandPicture());
        self::assertNotSame([], (new Layout($plan, $pictures))->flat()->placed);

        self::assertStringContainsString(
            "            new Kind\\FigureEight(),\n        );",
            (string) file_get_contents($this->copy.'/core/Knot/KnownKnots.php'),
        );
        self::assertStringContainsString(
            "'figure eight' => new Picture\\OverhandPicture(),\n        ]);",
            (string) file_get_contents($this->copy.'/core/Drawing/Pictures.php'),
        );
        foreach (['en', 'nl'] as $language) {
            $words = Yaml::parseFile($this->copy.'/translations/messages+intl-icu.'.$language.'.yaml');
            self::assertIsArray($words);
            foreach (['knot', 'knots-of'] as $section) {
                self::assertIsArray($words[$section]);
                self::assertArrayHasKey('figure-eight', $words[$section]);
            }
        }
        foreach (['core/Knot/Kind/FigureEight.php', 'tests/Core/Knot/Kind/FigureEightTest.php'] as $path) {
            self::assertSame(0, (new Process(['php', '-l', $this->copy.'/'.$path]))->run(), $path);
        }
        self::assertSame(1, $this->tool('knot', 'figure eight')->run(), 'there is one now');
    }

    #[DataProvider('provideRefused')]
    public function testWhatCannotBeIsSaid(string $kind, string $word): void
    {
        $tool = $this->tool($kind, $word);

        self::assertSame(1, $tool->run());
        self::assertStringContainsString('as a maker would say it', $tool->getErrorOutput());
        self::assertDirectoryDoesNotExist($this->copy.'/core/Knot/Kind');
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function provideRefused(): iterable
    {
        yield 'another kind' => ['bead', 'pearl'];
        yield 'no word' => ['knot', ''];
        yield 'a path' => ['knot', '../evil'];
        yield 'three words' => ['knot', 'a long knot'];
        yield 'a name in capitals' => ['knot', 'Granny'];
    }

    private function tool(string $kind, string $word): Process
    {
        return new Process(['php', self::ROOT.'/bin/new', $kind, $word, $this->copy]);
    }
}
