<?php

declare(strict_types=1);

namespace Rinkel\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use Rinkel\App\Kernel;
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
        $files = glob(\dirname(__DIR__, 2).'/demo/pieces/*.json') ?: [];
        self::assertNotEmpty($files);
        foreach ($files as $file) {
            [$code, $out] = $this->plan($file);
            self::assertSame(0, $code, $out);
            $plan = json_decode($out, true, 32, \JSON_THROW_ON_ERROR);
            self::assertIsArray($plan);
            self::assertSame(['rinkel-plan', 1], [$plan['format'], $plan['version']]);
            self::assertIsArray($plan['cuts']);
            self::assertCount(3, $plan['cuts']);
        }
    }

    public function testSaysTheSameAsThePage(): void
    {
        [, $out] = $this->planOf((string) json_encode(Examples::document(['slider.tail' => '15 mm'])));

        self::assertStringContainsString('"squareKnots": 56', $out);
        self::assertStringContainsString('It will not go over the hand', $out);
        self::assertStringContainsString('"path": "slider.tail"', $out);
        self::assertStringContainsString('Wrist 16 cm and ease 12.7 mm make 17.3 cm inside.', $out);
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
        $with = static fn (string $path, mixed $value): string => (string) json_encode(Examples::document([$path => $value]));
        yield 'no JSON' => ['{', 'piece: This is no JSON'];
        yield 'empty' => ['', 'piece: This is no JSON'];
        yield 'a list' => ['[]', 'piece: '];
        yield 'too deep' => [str_repeat('[', 40).str_repeat(']', 40), 'piece: This is no JSON'];
        yield 'a bad length' => [$with('wearer.wrist', '7 1/0'), 'wearer.wrist: The fraction in “7 1/0” divides by nothing.'];
        yield 'a wrong kind' => [$with('slider.knots', 'four'), 'slider.knots: '];
        yield 'a strange name' => [$with('wearer.foot', '20 cm'), 'wearer: '];
        yield 'a later format' => [$with('version', 2), 'version: '];
    }

    public function testAMissingFileIsSaidSo(): void
    {
        [$code, $out] = $this->plan('/nowhere/piece.json');

        self::assertSame(1, $code);
        self::assertStringContainsString('There is no readable file', $out);
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
     * @return array{int, string}
     */
    private function plan(string $file): array
    {
        $command = new CommandTester((new Application(self::bootKernel(['environment' => 'test', 'debug' => false])))->find('rinkel:plan'));
        $code = $command->execute(['file' => $file]);

        return [$code, $command->getDisplay()];
    }

    protected static function getKernelClass(): string
    {
        return Kernel::class;
    }
}
