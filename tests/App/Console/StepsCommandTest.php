<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Console;

use Opis\JsonSchema\Validator;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Examples;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\Yaml\Yaml;

final class StepsCommandTest extends KernelTestCase
{
    public function testEveryExampleIsPrintedByTheSchemaAndAsASheet(): void
    {
        foreach (glob(\dirname(__DIR__, 3).'/demo/pieces/*.json') ?: [] as $file) {
            $tester = $this->tester();
            self::assertSame(0, $tester->execute(['file' => $file]));
            $result = (new Validator())->validate(
                json_decode($tester->getDisplay()),
                (string) file_get_contents(\dirname(__DIR__, 3).'/docs/steps.schema.json'),
            );
            self::assertTrue($result->isValid(), basename($file).' '.$result);
            self::assertSame(0, $tester->execute(['file' => $file, '--text' => true]));
            self::assertMatchesRegularExpression('/^\[ \]    1  \S/m', $tester->getDisplay());
            self::assertStringNotContainsString('making.', $tester->getDisplay(), 'every step has its words');
        }
    }

    public function testAPieceThatCannotBePlannedSaysWhy(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'steps');
        file_put_contents($file, json_encode(Examples::document(['pattern' => '3 sqare'])));
        $tester = $this->tester();
        self::assertSame(1, $tester->execute(['file' => $file]));
        self::assertStringContainsString('pattern: ', $tester->getDisplay());
        unlink($file);
    }

    /**
     * What the steps of the examples say is in the words, and nothing is in the words that no source of theirs says.
     */
    public function testNoWordIsLeftOver(): void
    {
        $words = Yaml::parseFile(\dirname(__DIR__, 3).'/translations/messages+intl-icu.en.yaml');
        self::assertIsArray($words);
        $source = '';
        $sources = '/core/{Work,Construction/Way,Closure/Closing,Rehearsal/Misstep}/*.php';
        foreach (glob(\dirname(__DIR__, 3).$sources, \GLOB_BRACE) ?: [] as $file) {
            $source .= file_get_contents($file);
        }
        self::assertIsArray($words['making']);
        foreach (array_keys($words['making']) as $key) {
            $stem = preg_replace('/^(try|tip|bead)-.*$/', '$1-', (string) $key) ?? '';
            self::assertTrue(
                str_contains($source, "'".$key."'") || $stem !== $key && str_contains($source, "'".$stem."'"),
                'something says '.$key,
            );
        }
        $wording = self::getContainer()->get(Wording::class);
        foreach (Examples::shipped() as $piece) {
            foreach ((new Planner())->plan($piece)->acts()->all as $step) {
                foreach ([$step->said, ...$step->advice->looks] as $said) {
                    self::assertInstanceOf(Message::class, $said);
                    self::assertArrayHasKey($said->key, $words['making']);
                    self::assertMatchesRegularExpression(
                        '/^[A-Z0-9].*[.!]$/',
                        $wording->making($said, Unit::Centimetre),
                        $said->key,
                    );
                }
            }
        }
    }

    private function tester(): CommandTester
    {
        return new CommandTester((new Application(self::bootKernel()))->find('rinkel:steps'));
    }
}
