<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Console;

use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\CommandTester;

final class CourseCommandTest extends KernelTestCase
{
    /**
     * The piece that one command writes is the one that another rehearses, to the last move.
     */
    public function testAnEveningIsWrittenAndRehearsed(): void
    {
        self::assertCount(10, explode("\n", trim($this->printed('rinkel:course', []))));
        $piece = $this->printed('rinkel:course', ['evening' => '3', '--wrist' => '17']);
        self::assertStringContainsString('"girth": "170 mm"', $piece);
        $file = (string) tempnam(sys_get_temp_dir(), 'evening');
        file_put_contents($file, $piece);
        $sheet = $this->printed('rinkel:rehearse', ['file' => $file]);
        unlink($file);
        self::assertStringContainsString('  - Left cord over → Twice in a row from the left', $sheet);
        self::assertStringContainsString('  * Right cord over', $sheet);
        foreach (explode("\n\n", $sheet) as $i => $moment) {
            self::assertSame(0 === $i ? 0 : 1, substr_count($moment, '  * '), $moment);
        }
    }

    public function testWhatIsNoEveningOrNoWrist(): void
    {
        foreach ([['11', '16'], ['x', '16'], ['3', 'thick'], ['3', '2']] as [$evening, $wrist]) {
            $input = ['evening' => $evening, '--wrist' => $wrist];
            self::assertNotSame('', $this->printed('rinkel:course', $input, 1));
        }
    }

    /**
     * @param array<string, mixed> $input
     */
    private function printed(string $command, array $input, int $code = 0): string
    {
        $tester = new CommandTester((new Application(self::bootKernel()))->find($command));
        self::assertSame($code, $tester->execute($input), $tester->getDisplay());

        return $tester->getDisplay();
    }
}
