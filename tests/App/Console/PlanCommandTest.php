<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Console;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use Rinkel\Tests\Core\Examples;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\CommandTester;

final class PlanCommandTest extends KernelTestCase
{
    private string $file;

    protected function setUp(): void
    {
        $this->file = (string) tempnam(sys_get_temp_dir(), 'rinkel');
    }

    protected function tearDown(): void
    {
        @unlink($this->file);
        parent::tearDown();
    }

    public function testPrintsThePlanOfEveryExample(): void
    {
        $files = glob(\dirname(__DIR__, 3).'/demo/pieces/*.json') ?: [];
        self::assertNotEmpty($files);
        foreach ($files as $file) {
            [$code, $out] = $this->plan($file);
            self::assertSame(0, $code, $out);
            $plan = json_decode($out, true, 32, \JSON_THROW_ON_ERROR);
            self::assertIsArray($plan);
            self::assertSame(['rinkel-plan', 1], [$plan['format'], $plan['version']]);
            $valid = (new Validator(max_errors: 5))->validate(
                json_decode($out),
                (string) file_get_contents(\dirname(__DIR__, 3).'/docs/plan.schema.json'),
            );
            self::assertNull(
                $valid->error(),
                basename($file).': '.json_encode(
                    null === $valid->error() ? [] : (new ErrorFormatter())->format($valid->error()),
                ),
            );
        }
    }

    /**
     * The README tells what this command says of one example: in its figures, whatever the model has come to since.
     */
    public function testTheReadmeSaysWhatItSays(): void
    {
        $said = [];
        [, $out] = $this->plan(\dirname(__DIR__, 3).'/demo/pieces/harbour-rail.json', ['--explain' => true]);
        foreach ([
            'about %s square knots' => '/(\d+) × square knot at/',
            '(%s,' => '/four makers in five get (\d+ to \d+)/',
            'a body of %s.' => '/^Body: (.+)$/m',
            'closes to %s and' => '/^Inside, closed: (.+)$/m',
            'opens to %s.' => '/^Inside, open: (.+)$/m',
            'two cores of %s,' => '/^Core: (.+)$/m',
            '%s of working cord' => '/^Working cord: (.+)$/m',
            '%s for the slider' => '/^Slider cord: (.+)$/m',
        ] as $sentence => $figure) {
            self::assertSame(1, preg_match($figure, $out, $found), $figure);
            $said[] = \sprintf($sentence, $found[1]);
        }
        $readme = preg_replace('/\s+/', ' ', (string) file_get_contents(\dirname(__DIR__, 3).'/README.md'));
        foreach ($said as $sentence) {
            self::assertStringContainsString($sentence, (string) $readme);
        }
    }

    public function testExplainsEveryFigureInSentences(): void
    {
        foreach (glob(\dirname(__DIR__, 3).'/demo/pieces/*.json') ?: [] as $file) {
            [$code, $out] = $this->plan($file, ['--explain' => true]);
            self::assertSame(0, $code);
            self::assertStringContainsString("\nBody: ", $out);
            self::assertDoesNotMatchRegularExpression(
                '/\b(step|check|figure|role|part)\.[a-z]|[{}]|,  /',
                $out,
                basename($file).': every sentence is written',
            );
        }
    }

    public function testSaysTheSameAsThePage(): void
    {
        [, $out] = $this->planOf((string) json_encode(Examples::document(['closure.tail' => '15 mm'])));

        self::assertStringContainsString('"counts": [
        57
    ]', $out);
        self::assertStringContainsString('It won’t go over: fully open it’s', $out);
        self::assertStringContainsString('"path": "closure.tail"', $out);
        self::assertStringContainsString('Your measurement of 16 cm plus 12.7 mm ease makes 17.3 cm inside.', $out);
    }

    #[DataProvider('provideBadFiles')]
    public function testBadInputEndsWithOneAndSaysPathAndReason(string $content, string $sentence): void
    {
        [$code, $out] = $this->planOf($content);

        self::assertSame(1, $code);
        self::assertStringContainsString($sentence, $out);
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function provideBadFiles(): iterable
    {
        $with = static fn (string $path, mixed $value): string => (string) json_encode(
            Examples::document([$path => $value]),
        );
        yield 'no JSON' => ['{', 'piece: This isn’t valid JSON'];
        yield 'empty' => ['', 'piece: This isn’t valid JSON'];
        yield 'a list' => ['[]', 'piece: '];
        yield 'too deep' => [str_repeat('[', 40).str_repeat(']', 40), 'piece: This isn’t valid JSON'];
        yield 'a bad length' => [
            $with('wearer.girth', '7 1/0'),
            'wearer.girth: The fraction in “7 1/0” divides by zero.',
        ];
        yield 'a wrong kind' => [$with('closure.knots', 'four'), 'closure.knots: '];
        yield 'a strange name' => [
            $with('wearer.foot', '20 cm'),
            'wearer.foot: There’s no “foot” here. Try one of these: place, girth,',
        ];
        yield 'a pattern that does not suit' => [
            $with('pattern', '2 bead amber'),
            'pattern: Line 1, column 1: There’s no “amber” here.',
        ];
        yield 'cords without a task' => [
            $with('cords.workng', ['thickness' => '2 mm']),
            'cords.workng: This kind of piece has no cord called “workng”. Try one of these: core, working, slider.',
        ];
        yield 'a cord of another name' => [
            (string) json_encode(Examples::bare('wave-band', ['cords.red' => []])),
            'cords.red: This kind of piece has no cord called “red”. Try one of these: core, working.',
        ];
        yield 'a finding that is not there' => [
            $with('closure', ['kind' => 'clasp', 'findings' => ['bow']]),
            'closure.findings: There’s no finding called “bow”. This piece has none yet.',
        ];
        yield 'a knot that is none' => [
            $with('samples.granny', ['pitch' => '3 mm', 'use' => '20 mm']),
            'samples.granny: There’s no knot called “granny”.',
        ];
        yield 'a closure that does not suit' => [
            $with('closure.kind', 'elastic'),
            'closure.kind: This technique can’t use',
        ];
        yield 'an unknown construction' => [$with('construction', 'origami'), 'construction: '];
        yield 'a later format' => [$with('version', 9), 'version: This file is version 9'];
    }

    public function testAMissingFileIsSaidSo(): void
    {
        [$code, $out] = $this->plan('/nowhere/piece.json');

        self::assertSame(1, $code);
        self::assertStringContainsString('There’s no readable file', $out);
    }

    /**
     * @return array{int, string}
     */
    private function planOf(string $content): array
    {
        file_put_contents($this->file, $content);

        return $this->plan($this->file);
    }

    /**
     * @param array<string, bool> $options
     *
     * @return array{int, string}
     */
    private function plan(string $file, array $options = []): array
    {
        $command = new CommandTester(
            (new Application(self::bootKernel(['environment' => 'test', 'debug' => false])))->find('rinkel:plan'),
        );
        $code = $command->execute(['file' => $file] + $options);

        return [$code, $command->getDisplay()];
    }
}
