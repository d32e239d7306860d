<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Pattern\Place;
use Rinkel\Core\Pattern\Vocabulary;

final class InEnglishTest extends TestCase
{
    private const TYPED = "3 kreuz, 2 perle a\n1 kreuz";

    /**
     * A place in English lies where the maker typed it: "kreuz" is "square", "perle" is "bead".
     */
    #[DataProvider('providePlaces')]
    public function testAFaultIsWhereItWasTyped(string $sought, int $nth, string $typed): void
    {
        $english = Vocabulary::of(['square' => 'kreuz', 'bead' => 'perle'])->read(self::TYPED);
        self::assertSame("3 square, 2 bead a\n1 square", $english->text);

        $place = self::place($english->text, $sought, $nth);
        $there = $english->typed($place);
        $line = explode("\n", self::TYPED)[$there->line - 1];
        self::assertSame($typed, mb_substr($line, $there->column - 1, $there->length));
    }

    /**
     * @return iterable<string, array{string, int, string}>
     */
    public static function providePlaces(): iterable
    {
        yield 'before any word' => ['3', 0, '3'];
        yield 'a word' => ['square', 0, 'kreuz'];
        yield 'between two' => ['2', 0, '2'];
        yield 'another word' => ['bead', 0, 'perle'];
        yield 'a name after both' => [' a', 0, ' a'];
        yield 'in the next line' => ['square', 1, 'kreuz'];
    }

    private static function place(string $text, string $sought, int $nth): Place
    {
        $at = 0;
        for ($i = 0; $i <= $nth; ++$i) {
            $at = (int) mb_strpos($text, $sought, 0 === $i ? 0 : $at + 1);
        }
        $before = mb_substr($text, 0, $at);

        return new Place(
            substr_count($before, "\n") + 1,
            $at - (int) mb_strrpos("\n".$before, "\n") + 1,
            mb_strlen($sought),
        );
    }
}
