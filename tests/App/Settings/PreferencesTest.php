<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Settings;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Platform\Wording\FieldTexts;
use Rinkel\App\Settings\Preferences;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Work\Habits;
use Rinkel\Tests\Core\Examples;
use Symfony\Component\Yaml\Yaml;

/**
 * A habit is in many places, since a maker meets it in all of them; each says here that it has them all.
 */
final class PreferencesTest extends TestCase
{
    #[DataProvider('provideHabits')]
    public function testAHabitIsReadWrittenSetAndSaid(string $habit, string $type): void
    {
        $unusual = match (true) {
            is_a($type, \BackedEnum::class, true) => $this->otherThan($habit, $type),
            Length::class === $type => '31 mm',
            default => 5,
        };
        $piece = Examples::piece(['habits' => [$habit => $unusual]]);
        self::assertNotEquals(
            self::of(new Habits(), $habit),
            self::of($piece->workmanship->habits, $habit),
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
     * @return iterable<string, array{string, string}>
     */
    public static function provideHabits(): iterable
    {
        foreach ((new \ReflectionClass(Habits::class))->getProperties() as $property) {
            $type = $property->getType();
            \assert($type instanceof \ReflectionNamedType);
            yield $property->name => [$property->name, $type->getName()];
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

    /**
     * @param class-string<\BackedEnum> $type
     */
    private function otherThan(string $habit, string $type): int|string
    {
        foreach ($type::cases() as $case) {
            if ($case !== self::of(new Habits(), $habit)) {
                return $case->value;
            }
        }
        self::fail($habit.' is no choice.');
    }

    private static function of(Habits $habits, string $habit): mixed
    {
        return (new \ReflectionProperty($habits, $habit))->getValue($habits);
    }

    private static function schema(): string
    {
        return (string) file_get_contents(__DIR__.'/../../../docs/piece.schema.json');
    }
}
