<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Piece;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Hand\OwnSample;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\SampleReader;

final class SampleReaderTest extends TestCase
{
    public function testASampleIsReadWithWhatItWasTiedIn(): void
    {
        $sample = self::read(
            ['knot' => 'square', 'count' => 10, 'length' => '28 mm', 'before' => '60 cm', 'after' => '40 cm'],
        );

        self::assertSame('square', $sample->work->word());
        self::assertSame(10, $sample->count);
    }

    #[DataProvider('wrong')]
    public function testWhatCannotBeIsSaidAtItsField(string $field, mixed $value): void
    {
        try {
            self::read([$field => $value] + ['knot' => 'square', 'count' => 10, 'length' => '28 mm']);
            self::fail('It cannot be read.');
        } catch (PieceUnreadable $unreadable) {
            self::assertSame([$field], array_values(array_unique(array_column($unreadable->faults, 'path'))));
        }
    }

    /**
     * @return iterable<string, array{string, mixed}>
     */
    public static function wrong(): iterable
    {
        yield 'no knot' => ['knot', 'granny on a bike'];
        yield 'none of them' => ['count', 0];
        yield 'no length' => ['length', 'long'];
    }

    /**
     * @param array<string, mixed> $document
     */
    private static function read(array $document): OwnSample
    {
        return (new SampleReader())->read($document + [
            'cord' => ['fibre' => 'polyester', 'thickness' => '1 mm', 'colour' => '#aabbcc'],
            'core' => ['count' => 2, 'thickness' => '1 mm'],
        ]);
    }
}
