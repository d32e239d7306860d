<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Console;

use Opis\JsonSchema\Validator;
use Rinkel\Tests\Core\Examples;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\CommandTester;

final class ActsCommandTest extends KernelTestCase
{
    public function testEveryExampleIsPrintedByTheSchema(): void
    {
        $schema = (string) file_get_contents(\dirname(__DIR__, 3).'/docs/acts.schema.json');
        foreach (glob(\dirname(__DIR__, 3).'/demo/pieces/*.json') ?: [] as $file) {
            $tester = $this->tester();
            self::assertSame(0, $tester->execute(['file' => $file]));
            $result = (new Validator())->validate(json_decode($tester->getDisplay()), $schema);
            self::assertTrue($result->isValid(), basename($file).' '.$result);
        }
    }

    /**
     * Sheets that were written by hand for the same reader have the same shape, where Rinkel says as much.
     */
    public function testASheetWithoutItsActsIsRefused(): void
    {
        $schema = (string) file_get_contents(\dirname(__DIR__, 3).'/docs/acts.schema.json');
        $tester = $this->tester();
        $tester->execute(['file' => \dirname(__DIR__, 3).'/demo/pieces/awning.json']);
        foreach (['acts', 'cords', 'things', 'has'] as $field) {
            $sheet = json_decode($tester->getDisplay());
            \assert($sheet instanceof \stdClass);
            unset($sheet->{$field});
            self::assertFalse((new Validator())->validate($sheet, $schema)->isValid(), 'without '.$field);
        }
    }

    public function testAFaultIsToldWithItsPlace(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'acts');
        file_put_contents($file, json_encode(Examples::document(['pattern' => '3 sqare'])));
        $tester = $this->tester();
        self::assertSame(1, $tester->execute(['file' => $file]));
        self::assertStringContainsString('pattern: ', $tester->getDisplay());
        unlink($file);
    }

    private function tester(): CommandTester
    {
        return new CommandTester((new Application(self::bootKernel()))->find('rinkel:acts'));
    }
}
