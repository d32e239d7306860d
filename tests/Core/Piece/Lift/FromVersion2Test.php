<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Piece\Lift;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Piece\Wish;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Examples;

final class FromVersion2Test extends TestCase
{
    private const FOLDER = __DIR__.'/../../../frozen/piece-2/';

    #[DataProvider('provideFiles')]
    public function testWhatWasOnceKeptIsReadAndPlanned(string $file): void
    {
        $piece = self::read($file);

        self::assertNotSame([], (new Planner())->plan($piece)->cuts);
        $written = (new PieceWriter())->write($piece);
        self::assertSame(PieceReader::VERSION, $written['version']);
        self::assertEquals($piece, (new PieceReader())->read($written));
    }

    public function testAnEvenHandWasNeverSaidAndAFirmOneWas(): void
    {
        self::assertNull((new PieceReader())->read(['version' => 2, 'tension' => 'even'] + Examples::document())->tension);
        self::assertSame(
            Tension::Firm,
            (new PieceReader())->read(['version' => 2, 'tension' => 'firm'] + Examples::document())->tension,
        );
        self::assertSame(
            Tension::Even,
            (new PieceReader())->read(['tension' => 'even'] + Examples::document())->tension,
            'version 3 says what it means',
        );
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function provideFiles(): iterable
    {
        foreach (glob(self::FOLDER.'*.json') ?: [] as $file) {
            yield basename($file, '.json') => [basename($file, '.json')];
        }
    }

    private static function read(string $file): Wish
    {
        $document = json_decode((string) file_get_contents(self::FOLDER.$file.'.json'), true, 32, \JSON_THROW_ON_ERROR);
        self::assertIsArray($document);

        return (new PieceReader())->read($document);
    }
}
