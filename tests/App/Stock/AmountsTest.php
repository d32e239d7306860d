<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Stock;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Stock\Amounts;
use Rinkel\App\Stock\StoredItem;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Stock\Kind;

/**
 * What is written of a thing in the box once some of it came.
 */
final class AmountsTest extends TestCase
{
    /**
     * @param array<string, mixed> $there
     * @param array<string, int>   $letters
     * @param array<string, mixed> $written
     */
    #[DataProvider('provideMore')]
    public function testWhatCameIsAddedToWhatIsThere(
        Kind $kind,
        array $there,
        bool $isNew,
        Length|int $much,
        array $letters,
        array $written,
    ): void {
        self::assertSame($written, Amounts::more(new StoredItem($kind, $there, 'x'), $isNew, $much, $letters));
    }

    /**
     * @return iterable<string, array{
     *     Kind, array<string, mixed>, bool, Length|int, array<string, int>, array<string, mixed>,
     * }>
     */
    public static function provideMore(): iterable
    {
        $spool = Length::ofMillimetres(20_000);
        $two = ['3 m', (string) $spool];
        yield 'a spool' => [Kind::Cord, ['spools' => ['3 m']], false, $spool, [], ['spools' => $two]];
        yield 'the first spool' => [Kind::Cord, [], true, $spool, [], ['spools' => [(string) $spool]]];
        yield 'beads' => [Kind::Bead, ['count' => 12], false, 40, [], ['count' => 52]];
        yield 'beads that are new' => [Kind::Bead, [], true, 40, [], ['count' => 40]];
        yield 'beads that nobody counts' => [Kind::Bead, [], false, 40, [], []];
        yield 'letters' => [Kind::Bead, ['letters' => 'A2'], false, 3, ['B' => 1, 'C' => 2], ['letters' => 'A2 B1 C2']];
        yield 'letters that are new' => [Kind::Bead, [], true, 1, ['B' => 1], ['letters' => 'B1']];
    }
}
