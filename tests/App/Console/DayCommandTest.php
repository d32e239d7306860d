<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Console;

use Rinkel\App\Board\Days;
use Rinkel\App\Board\KeptDays;
use Rinkel\Tests\App\WebCase;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\ApplicationTester;

final class DayCommandTest extends WebCase
{
    public function testADayIsPrintedAsItWasPlanned(): void
    {
        self::assertStringContainsString(self::says('console.day-none'), $this->told(0, '2027-02-03'));
        $uid = $this->lay(['name' => 'Rail'])->uid();
        self::getContainer()->get(Days::class)->keep('2027-02-03', KeptDays::planned([
            'begin' => '08:00', 'pieces' => [$uid], 'pins' => [['piece' => $uid, 'left' => 1, 'at' => '08:45']],
        ]));
        self::assertMatchesRegularExpression(
            '/^08:45–\d\d:\d\d  "Rail" \(keep this time\)\nAll done: 3 Feb 2027, \d\d:\d\d\. \d+ minutes of work\.\n$/',
            $this->told(0, '2027-02-03'),
        );
        $this->told(0);
        foreach (['tomorrow', '2027-02-30'] as $wrong) {
            self::assertStringContainsString('2026-12-24', $this->told(1, $wrong));
        }
    }

    private function told(int $code, ?string $day = null): string
    {
        $application = new Application(self::$kernel);
        $application->setAutoExit(false);
        $console = new ApplicationTester($application);
        self::assertSame($code, $console->run(['command' => 'rinkel:day'] + (null === $day ? [] : ['day' => $day])));

        return $console->getDisplay();
    }
}
