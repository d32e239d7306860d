<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Database;

use Doctrine\DBAL\Platforms\SQLitePlatform;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Platform\Database\PlainDocument;

final class PlainDocumentTest extends TestCase
{
    #[DataProvider('provideStored')]
    public function testWhatCannotBeReadIsKeptAsItIs(mixed $stored, mixed $document): void
    {
        self::assertSame($document, (new PlainDocument())->convertToPHPValue($stored, new SQLitePlatform()));
    }

    /**
     * @return iterable<string, array{mixed, mixed}>
     */
    public static function provideStored(): iterable
    {
        yield 'a document' => ['{"name":"Quay","knots":3}', ['name' => 'Quay', 'knots' => 3]];
        yield 'nothing' => [null, null];
        yield 'cut off' => ['{"name":"Qu', [PlainDocument::UNREADABLE => '{"name":"Qu']];
        yield 'no document' => ['17', [PlainDocument::UNREADABLE => '17']];
        yield 'no text at all' => ["\xff{", [PlainDocument::UNREADABLE => '?{']];
    }
}
