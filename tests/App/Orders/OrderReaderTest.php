<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Orders;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Orders\OrderReader;
use Rinkel\Core\Piece\Exception\PieceUnreadable;

final class OrderReaderTest extends TestCase
{
    public function testWhatIsEmptyIsLeftOut(): void
    {
        self::assertSame(
            ['name' => 'Heron', 'price' => '12.50', 'due' => '2026-12-24', 'kit' => true],
            OrderReader::read(
                ['name' => ' Heron ', 'for' => '', 'price' => '12,50', 'due' => '2026-12-24', 'kit' => true],
            ),
        );
        self::assertSame([], OrderReader::read([]));
    }

    #[DataProvider('wrong')]
    public function testWhatCannotBeReadIsSaidAtItsField(string $field, mixed $value): void
    {
        try {
            OrderReader::read([$field => $value]);
            self::fail('It cannot be read.');
        } catch (PieceUnreadable $unreadable) {
            self::assertSame($field, $unreadable->faults[0]->path);
        }
    }

    /**
     * @return iterable<string, array{string, mixed}>
     */
    public static function wrong(): iterable
    {
        yield 'a day that is not' => ['due', '2026-02-30'];
        yield 'a month that is not' => ['due', '2026-13-01'];
        yield 'no sum' => ['price', 'twelve'];
        yield 'three decimals' => ['paid', '1.234'];
        yield 'below nothing' => ['post', '-1'];
        yield 'a book' => ['name', str_repeat('a', 201)];
        yield 'a list' => ['note', ['a']];
    }
}
