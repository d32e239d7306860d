<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Piece;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Piece\FormatUpgrades;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Plan\Planner;

/**
 * Files of every version that was ever written, as they were then.
 */
final class FormatUpgradesTest extends TestCase
{
    private const FROZEN = __DIR__.'/../../frozen';

    #[DataProvider('provideFiles')]
    public function testWhatWasOnceKeptIsReadAndPlanned(string $file): void
    {
        $document = json_decode((string) file_get_contents(self::FROZEN.'/'.$file), true, 32, \JSON_THROW_ON_ERROR);
        self::assertIsArray($document);
        $piece = (new PieceReader())->read($document);

        self::assertNotSame([], (new Planner())->plan($piece)->cuts);
        $written = (new PieceWriter())->write($piece);
        self::assertSame(PieceReader::VERSION, $written['version']);
        self::assertEquals($piece, (new PieceReader())->read($written));
    }

    public function testEveryVersionHasItsFiles(): void
    {
        foreach (range(1, PieceReader::VERSION - 1) as $version) {
            self::assertNotSame([], glob(self::FROZEN.'/piece-'.$version.'/*.json'), (string) $version);
            self::assertSame(PieceReader::VERSION, FormatUpgrades::upgrade(['version' => $version])['version']);
        }
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function provideFiles(): iterable
    {
        foreach (glob(self::FROZEN.'/piece-*/*.json') ?: [] as $file) {
            $file = basename(\dirname($file)).'/'.basename($file);
            yield $file => [$file];
        }
    }
}
