<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Making;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Kept\Row;
use Rinkel\App\Kept\Rows;
use Rinkel\App\Making\KeptMakings;
use Rinkel\App\Making\Makings;
use Rinkel\App\Orders\KeptOrders;
use Rinkel\App\Orders\Orders;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Tests\App\WebCase;

/**
 * What is made and what asks for it come in as they are read, whatever was here before.
 */
final class KeptMakingsTest extends WebCase
{
    public function testAPieceIsReadWhetherOrNotTheMakingHasAName(): void
    {
        $row = $this->row();
        foreach (['', 'Called so'] as $name) {
            $this->assertRefused(
                ['name' => $name, 'piece' => ['name' => 'Broken', 'closure' => ['kind' => 'none of these']]] + $row,
            );
        }
        $this->assertRefused(['changes' => ['from' => 'tomorrow']] + $row);
        $this->assertRefused(['changes' => ['from' => '2026-13-45']] + $row, 'there is no such day');
        $this->assertRefused(['changes' => ['size' => 'L']] + $row);
        $this->assertRefused(['number' => 0] + $row);
        $this->assertRefused(['name' => "a\0b"] + $row, 'the database would end it there');
    }

    public function testTheOneHereBecomesLikeTheOneThatComes(): void
    {
        $kept = self::getContainer()->get(KeptMakings::class);
        $row = [
            'number' => 7, 'planned' => '2026-11-02T08:00:00+00:00',
            'changes' => ['from' => '2026-12-03', 'for' => 'Ida'],
        ] + $this->row();
        $this->bring($kept->read($row), $kept);
        $again = $kept->find($kept->read($row)->uid);
        self::assertNotNull($again);
        self::assertTrue(Rows::equal($kept->read($row)->data, $kept->row($again)));
        self::assertSame(['from' => '2026-12-03', 'for' => 'Ida'], $again->changes());
        self::assertSame(
            '',
            $kept->read(['name' => 'Of itself', 'piece' => []] + $row)->data['name'],
            'it follows its piece',
        );
    }

    public function testAnOrderTakesOnWhenItWasAsked(): void
    {
        $kept = self::getContainer()->get(KeptOrders::class);
        $order = self::getContainer()->get(Orders::class)->ask(['for' => 'Ida']);
        $row = ['asked' => '2026-10-01T10:00:00+00:00'] + $kept->row($order);
        $this->bring($kept->read($row), $kept);
        self::assertSame('2026-10-01', $kept->find($order->uid())?->askedAt()->format('Y-m-d'));
    }

    private function bring(Row $row, KeptMakings|KeptOrders $kept): void
    {
        $kept->bring($row);
        self::getContainer()->get(EntityManagerInterface::class)->flush();
        self::getContainer()->get(EntityManagerInterface::class)->clear();
    }

    /**
     * @return array<string, mixed> of a making of a piece
     */
    private function row(): array
    {
        $makings = self::getContainer()->get(Makings::class);
        $making = $makings->plan($this->lay(['name' => 'Rail']));
        $makings->keep($making);

        return self::getContainer()->get(KeptMakings::class)->row($making);
    }

    /**
     * @param array<string, mixed> $row
     */
    private function assertRefused(array $row, string $why = ''): void
    {
        try {
            self::getContainer()->get(KeptMakings::class)->read($row);
        } catch (PieceUnreadable $unreadable) {
            self::assertNotSame([], $unreadable->faults);

            return;
        }
        self::fail('' === $why ? (string) json_encode($row) : $why);
    }
}
