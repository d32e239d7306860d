<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Console;

use Opis\JsonSchema\Validator;
use Rinkel\Core\Lesson\Lessons;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\CommandTester;

final class KnotsCommandTest extends KernelTestCase
{
    public function testEveryLessonIsPrintedByTheSchema(): void
    {
        $list = $this->tester();
        self::assertSame(0, $list->execute([]));
        foreach (Lessons::all()->ids() as $id) {
            self::assertStringContainsString($id.' ', $list->getDisplay());
            foreach (['left', 'right'] as $side) {
                $tester = $this->tester();
                self::assertSame(0, $tester->execute(['lesson' => $id, '--begin' => $side]));
                $document = json_decode($tester->getDisplay());
                $result = (new Validator())->validate(
                    $document,
                    (string) file_get_contents(\dirname(__DIR__, 3).'/docs/lesson.schema.json'),
                );
                self::assertTrue($result->isValid(), $id.' '.$result);
                self::assertIsObject($document);
            }
        }
    }

    public function testAFrameIsSvgThatAnyProgramReads(): void
    {
        $tester = $this->tester();
        self::assertSame(0, $tester->execute(['lesson' => 'sliding-barrel', '--frame' => '5']));
        $svg = simplexml_load_string($tester->getDisplay());
        self::assertInstanceOf(\SimpleXMLElement::class, $svg);
        self::assertStringNotContainsString('class=', $tester->getDisplay());
        self::assertStringNotContainsString('currentColor', $tester->getDisplay());
        self::assertSame(0, $tester->execute(['lesson' => 'fold-over', '--text' => true]));
        self::assertStringContainsString('1. The end with both flaps open.', $tester->getDisplay());
    }

    public function testWhatThereIsNotIsSaid(): void
    {
        foreach ([
            [['lesson' => 'granny'], 'Nothing teaches granny'],
            [['lesson' => 'square', '--begin' => 'middle'], '--begin is left or right'],
            [['lesson' => 'square', '--frame' => '9'], 'square has 6 frames'],
        ] as [$arguments, $said]) {
            $tester = $this->tester();
            self::assertSame(1, $tester->execute($arguments));
            self::assertStringContainsString($said, $tester->getDisplay());
        }
    }

    private function tester(): CommandTester
    {
        return new CommandTester((new Application(self::bootKernel()))->find('rinkel:knots'));
    }
}
