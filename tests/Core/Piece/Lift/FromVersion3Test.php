<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Piece\Lift;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Piece\FormatUpgrades;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Examples;

final class FromVersion3Test extends TestCase
{
    #[DataProvider('provideVersions')]
    public function testABeadCalledAsAPatternNowSpeaksIsCalledOtherwise(int $version): void
    {
        $piece = (new PieceReader())->read([
            'version' => $version,
            'beads' => [
                'hang' => ['diameter' => '6 mm'], 'hang-1' => ['diameter' => '4 mm'],
                'loose' => ['diameter' => '5 mm'],
            ],
            'pattern' => '(4 square, 1 bead hang, 2 square, 1 bead hang-1, 1 bead loose) x fit',
        ] + Examples::document());

        self::assertSame(['hang-2', 'hang-1', 'loose-1'], array_keys($piece->materials->beads));
        self::assertSame(
            '(4 square, 1 bead hang-2, 2 square, 1 bead hang-1, 1 bead loose-1) x fit',
            (string) $piece->pattern,
        );
        self::assertNotSame([], (new Planner())->plan($piece)->beads);
    }

    public function testFindingsCordsAndWhatStandsBetweenQuotationMarks(): void
    {
        $lifted = FormatUpgrades::upgrade([
            'version' => 3,
            'findings' => ['binding' => ['kind' => 'ring'], 'clasp' => ['kind' => 'clasp']],
            'cords' => ['level' => ['thickness' => '1 mm'], 'other' => ['thickness' => '1 mm']],
            'closure' => ['kind' => 'ring-clasp', 'findings' => ['binding', 'clasp']],
            'pattern' => 'word "hang loose", bundle level / other',
        ]);

        self::assertSame(['binding-1', 'clasp'], array_keys((array) $lifted['findings']));
        self::assertSame(['level-1', 'other'], array_keys((array) $lifted['cords']));
        self::assertSame(['binding-1', 'clasp'], ((array) $lifted['closure'])['findings']);
        self::assertSame('word "hang loose", bundle level-1 / other', $lifted['pattern']);
    }

    public function testWhatVersionFourSaysIsLeft(): void
    {
        $document = ['version' => 4, 'beads' => ['hang' => []]];

        self::assertSame(['version' => PieceReader::VERSION] + $document, FormatUpgrades::upgrade($document));
    }

    /**
     * @return iterable<string, array{int}>
     */
    public static function provideVersions(): iterable
    {
        yield 'the first' => [1];
        yield 'the second' => [2];
        yield 'the third' => [3];
    }
}
