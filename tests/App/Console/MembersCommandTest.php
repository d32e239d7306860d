<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Console;

use Rinkel\Tests\App\WorkshopCase;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\ApplicationTester;

/**
 * Who works here, from the machine itself: also for an owner who forgot their password.
 */
final class MembersCommandTest extends WorkshopCase
{
    public function testAnOwnerWhoForgotTheirPasswordIsLetInAgain(): void
    {
        $this->begin();
        self::assertSame("owner\tAda\nhelper\tBo\n", $this->told([])[1]);
        [$code, $word] = $this->told(['name' => 'ada']);
        self::assertSame(0, $code);
        $this->as('Ada');
        $this->get('/orders');
        self::assertSame(303, $this->code(), 'nobody comes in meanwhile');
        $this->come('Ada', trim($word));
        $this->get('/workshop');
        self::assertResponseIsSuccessful();
    }

    public function testSomebodyIsAddedByTheirRole(): void
    {
        $this->begin();
        [$code, $word] = $this->told(['name' => 'Cleo', '--add' => 'maker']);
        self::assertSame(0, $code);
        $this->come('Cleo', trim($word));
        $this->get('/orders');
        self::assertResponseIsSuccessful();
    }

    public function testWhatCannotBeIsSaid(): void
    {
        $this->begin();
        foreach ([
            ['name' => 'Dov'],
            ['name' => 'Dov', '--add' => 'boss'],
            ['name' => 'Bo', '--add' => 'maker'],
        ] as $asked) {
            [$code, $said] = $this->told($asked);
            self::assertSame(1, $code);
            self::assertStringEndsWith(".\n", $said);
        }
    }

    /**
     * @param array<string, string> $asked
     *
     * @return array{int, string}
     */
    private function told(array $asked): array
    {
        $application = new Application(self::$kernel);
        $application->setAutoExit(false);
        $tester = new ApplicationTester($application);

        return [$tester->run(['command' => 'rinkel:members'] + $asked), $tester->getDisplay(true)];
    }
}
