<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Console;

use Rinkel\App\Orders\Orders;
use Rinkel\Tests\App\WebCase;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\ApplicationTester;

final class OrderCommandTest extends WebCase
{
    protected function tearDown(): void
    {
        self::emptyDatabase(); // commands that are tested without one are told nothing of it
        parent::tearDown();
    }

    /**
     * The demo has a stall with orders in all states.
     */
    public function testTheOrdersOfTheDemoAreTold(): void
    {
        $this->told(['command' => 'rinkel:demo']);
        $list = $this->told(['command' => 'rinkel:order']);
        foreach (['1 planned', '1 on the board', '3 planned, 3 cut', '1 made'] as $state) {
            self::assertStringContainsString($state, $list);
        }
        $orders = self::getContainer()->get(Orders::class);
        self::assertCount(5, $orders->open());
        self::assertCount(1, $orders->closed());

        $stall = array_values(array_filter(
            $orders->open(),
            static fn ($order): bool => str_starts_with($order->text('name'), 'Stall'),
        ))[0] ?? null;
        self::assertNotNull($stall);
        $one = $this->told(['command' => 'rinkel:order', 'number' => (string) $stall->id()]);
        self::assertStringContainsString('Awning stripes (4): planned', $one);
        self::assertStringContainsString('to buy:', $one);
        $json = json_decode($this->told([
            'command' => 'rinkel:order', 'number' => (string) $stall->id(), '--json' => true,
        ]), true, flags: \JSON_THROW_ON_ERROR);
        self::assertIsArray($json);
        self::assertIsArray($json['makings']);
        self::assertCount(6, $json['makings']);
        $this->told(['command' => 'rinkel:order', 'number' => '999999'], 1);
    }

    /**
     * @param array<string, mixed> $input
     */
    private function told(array $input, int $status = 0): string
    {
        $application = new Application(self::getContainer()->get('kernel'));
        $application->setAutoExit(false);
        $tester = new ApplicationTester($application);
        self::assertSame($status, $tester->run($input), $tester->getDisplay());

        return $tester->getDisplay();
    }
}
