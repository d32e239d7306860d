<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Orders;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Orders\StoredOrder;

final class StoredOrderTest extends TestCase
{
    /**
     * @param array<string, mixed> $document
     */
    #[DataProvider('provideSums')]
    public function testWhatIsOwedIsNeverLessThanNothing(array $document, string $owed): void
    {
        self::assertSame($owed, (string) self::order($document)->owed());
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string}>
     */
    public static function provideSums(): iterable
    {
        yield 'nothing said' => [[], '0'];
        yield 'a price' => [['price' => '24.50'], '24.50'];
        yield 'with post, something paid' => [['price' => '24.50', 'post' => '3.20', 'paid' => '10'], '17.70'];
        yield 'all paid' => [['price' => '24.50', 'post' => '3.20', 'paid' => '27.70'], '0.00'];
        yield 'more than that' => [['price' => '20', 'paid' => '25'], '0'];
    }

    public function testItIsLateFromTheDayAfterItIsDue(): void
    {
        $order = self::order(['due' => '2026-05-04']);

        self::assertFalse($order->isLate(new \DateTimeImmutable('2026-05-04 23:59')));
        self::assertTrue($order->isLate(new \DateTimeImmutable('2026-05-05 00:00')));
        self::assertSame('2026-05-04T12:00:00+00:00', $order->dueAt()?->format('c'));
        self::assertFalse(self::order([])->isLate(new \DateTimeImmutable('2026-05-05')));
        self::assertNull(self::order([])->dueAt());
    }

    public function testWhatCannotBeReadIsNothing(): void
    {
        $order = self::order(['for' => ['x'], 'kit' => 'yes', 'answer' => 'soon']);

        self::assertSame('', $order->text('for'));
        self::assertFalse($order->isKit());
        self::assertTrue(self::order(['kit' => true])->isKit());
        self::assertNull($order->answer());
        self::assertFalse($order->isAnswered());
    }

    /**
     * @param array<string, mixed> $document
     */
    private static function order(array $document): StoredOrder
    {
        return new StoredOrder(str_repeat('0a', 16), $document, new \DateTimeImmutable('2026-05-01'));
    }
}
