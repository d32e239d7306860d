<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Pattern\Place;
use Rinkel\Core\Pattern\Vocabulary;

final class VocabularyTest extends TestCase
{
    private static function vocabulary(): Vocabulary
    {
        return Vocabulary::of(
            [
                'bead' => 'kraal|kralen', 'gap' => 'ruimte', 'loose' => 'los', 'fit' => 'passend',
                'word' => 'woord', 'of' => 'van',
            ],
            ',',
        );
    }

    public function testWordsAreSaidAndReadAgain(): void
    {
        $english = "gap 2.5 cm, 3 bead amber,\n(1 bead sky) x fit";
        $said = self::vocabulary()->said($english);

        self::assertSame("ruimte 2,5 cm, 3 kraal amber,\n(1 kraal sky) x passend", $said);
        self::assertSame($english, self::vocabulary()->read($said)->text);
    }

    public function testFurtherWordsCapitalsAndEnglishAreRead(): void
    {
        self::assertSame(
            '3 bead amber, 2 bead sky, gap fit',
            self::vocabulary()->read('3 Kralen amber, 2 bead sky, RUIMTE fit')->text,
        );
    }

    public function testWhatStandsInQuotesIsNobodysWord(): void
    {
        self::assertSame('word "LOS VAN" of cube', self::vocabulary()->read('woord "LOS VAN" van cube')->text);
        self::assertSame('woord "of loose" van cube', self::vocabulary()->said('word "of loose" of cube'));
    }

    public function testANameIsNoWord(): void
    {
        $vocabulary = self::vocabulary()->without(['los', 'ruimte']);

        self::assertSame('3 bead los', $vocabulary->read('3 kraal los')->text);
        self::assertSame(
            'gap passend, 1 kraal ruimte',
            $vocabulary->said('gap fit, 1 bead ruimte'),
            'else one would be read as the other',
        );
        self::assertSame('gap fit, 1 bead ruimte', $vocabulary->read('gap passend, 1 kraal ruimte')->text);
    }

    public function testACommaBetweenPartsIsNoDecimalMark(): void
    {
        self::assertSame('7 barrel 3,2 bead sky', self::vocabulary()->read('7 barrel 3,2 kraal sky')->text);
    }

    public function testAPlaceIsWhereItWasTyped(): void
    {
        $read = self::vocabulary()->read("3 kraal amber,\nruimte passend, 2 kwast, 1 kraal sky");
        $place = static fn (int $line, int $column, int $length): array => (array) $read->typed(
            new Place($line, $column, $length),
        );

        // In English: "3 bead amber,\ngap fit, 2 kwast, 1 bead sky".
        self::assertSame(['line' => 1, 'column' => 3, 'length' => 5], $place(1, 3, 4));
        self::assertSame(['line' => 1, 'column' => 9, 'length' => 5], $place(1, 8, 5));
        self::assertSame(['line' => 2, 'column' => 8, 'length' => 7], $place(2, 5, 3));
        self::assertSame(['line' => 2, 'column' => 17, 'length' => 1], $place(2, 10, 1));
        self::assertSame(['line' => 2, 'column' => 19, 'length' => 5], $place(2, 12, 5));
        self::assertSame(['line' => 2, 'column' => 37, 'length' => 1], $place(2, 29, 1), 'behind the last word');
    }
}
