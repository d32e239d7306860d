<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Settings;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Platform\Wording\FieldTexts;
use Rinkel\App\Settings\Preferences;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\UsualHabits;
use Symfony\Component\Yaml\Yaml;

/**
 * A habit is in many places, since a maker meets it in all of them; each says here that it has them all.
 */
final class PreferencesTest extends TestCase
{
    #[DataProvider('provideHabits')]
    public function testAHabitIsReadWrittenSetAndSaid(string $habit, ?\BackedEnum $usual): void
    {
        $unusual = match (true) {
            null !== $usual => self::otherThan($usual),
            'sliderKnots' === $habit => 5,
            default => '31 mm',
        };
        $piece = Examples::piece(['habits' => [$habit => $unusual]]);
        self::assertNotEquals(
            UsualHabits::of()[$habit],
            UsualHabits::of($piece->workmanship->habits)[$habit],
            'PieceReader reads it',
        );
        $written = (new PieceWriter())->write($piece);
        self::assertIsArray($written['habits'] ?? null);
        self::assertEquals($unusual, $written['habits'][$habit] ?? null, 'PieceWriter writes it');
        self::assertEquals($piece, (new PieceReader())->read($written));
        self::assertSame('habits.'.$habit, Preferences::PLACES[$habit] ?? null, 'it is set for all pieces');
        self::assertArrayHasKey('habits.'.$habit, FieldTexts::of($written, $piece->unit), 'a piece has its field');
        self::assertStringContainsString('"'.$habit.'": {', self::schema(), 'the schema knows it');
    }

    /**
     * @return iterable<string, array{string, \BackedEnum|null}>
     */
    public static function provideHabits(): iterable
    {
        foreach (UsualHabits::of() as $habit => $usual) {
            yield $habit => [$habit, $usual instanceof \BackedEnum ? $usual : null];
        }
    }

    public function testWhatIsChosenHasWordsForBoth(): void
    {
        $words = Yaml::parseFile(__DIR__.'/../../../translations/messages+intl-icu.en.yaml');
        self::assertIsArray($words);
        foreach (Preferences::CHOICES as [$name, $unusual, $said]) {
            self::assertArrayHasKey($name, Preferences::PLACES);
            self::assertNotSame($unusual, Preferences::UNSAID[$name], $name.': the other way');
            foreach ([$unusual, Preferences::UNSAID[$name]] as $choice) {
                $section = $words[$said] ?? null;
                self::assertIsArray($section, $said);
                self::assertArrayHasKey($choice, $section, $said.'.'.$choice);
            }
        }
    }

    private static function otherThan(\BackedEnum $usual): int|string
    {
        foreach ($usual::cases() as $case) {
            if ($case !== $usual) {
                return $case->value;
            }
        }
        self::fail('There is no choice.');
    }

    private static function schema(): string
    {
        return (string) file_get_contents(__DIR__.'/../../../docs/piece.schema.json');
    }
}
