<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Console;

use Opis\JsonSchema\Validator;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\CommandTester;

final class DesignsCommandTest extends KernelTestCase
{
    public function testFilesBecomeOneOfDesigns(): void
    {
        $root = \dirname(__DIR__, 3);
        $command = new CommandTester((new Application(self::bootKernel()))->find('rinkel:designs'));
        $files = [$root.'/demo/pieces/weir-gate.json', $root.'/demo/pieces/kelp.json'];

        self::assertSame(1, $command->execute(['files' => $files, '--licence' => 'CC0 1.0']));
        self::assertStringContainsString('Enter the designer’s name.', $command->getDisplay());
        self::assertSame(
            1,
            $command->execute(['files' => [$root.'/none.json'], '--by' => 'Wil', '--licence' => 'CC0 1.0']),
        );
        self::assertSame(0, $command->execute(['files' => $files, '--by' => 'Wil', '--licence' => 'CC0 1.0']));
        $document = json_decode($command->getDisplay());
        $schema = (string) file_get_contents($root.'/docs/designs.schema.json');
        self::assertTrue((new Validator())->validate($document, $schema)->isValid());
        $designs = json_decode($command->getDisplay(), true);
        self::assertIsArray($designs);
        self::assertIsArray($designs['designs']);
        self::assertSame(['Sunniva Aarts', 'Wil'], array_column(array_column($designs['designs'], 'credit'), 'by'));
        self::assertArrayNotHasKey('for', (array) $designs['designs'][1], 'it is nobody’s any more');
    }
}
