<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Document;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Document\Drawn;
use Rinkel\App\Document\PieceFiles;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Tests\App\Toy\YamlPiece;
use Rinkel\Tests\Core\Examples;
use Symfony\Component\Yaml\Yaml;

final class PieceFilesTest extends TestCase
{
    /**
     * A kind of file from outside only says what it knows and where the piece is.
     */
    public function testAPieceIsReadFromAKindOfFileFromOutside(): void
    {
        $document = self::document();
        $yaml = "---\n".Yaml::dump($document);

        self::assertEquals(self::files()->parse(self::json($document)), self::files()->parse($yaml));
        self::assertSame('not json', self::refused($yaml, new PieceFiles(new PieceReader(), [])), 'Rinkel knows none');
        self::assertSame('not json', self::refused("---\n\t- broken: ["));
    }

    public function testAPlanSaysForWhichPieceItIs(): void
    {
        $piece = self::document();
        $plan = ['format' => 'rinkel-plan', 'version' => 2, 'wish' => $piece];

        self::assertEquals(self::files()->parse(self::json($piece)), self::files()->parse(self::json($plan)));
    }

    #[DataProvider('provideRefused')]
    public function testWhatIsNoPieceIsRefused(string $text, string $why): void
    {
        self::assertSame($why, self::refused($text));
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function provideRefused(): iterable
    {
        yield 'nothing' => ['', 'not json'];
        yield 'half of it' => ['{"format": "rinkel', 'not json'];
        yield 'a list' => ['[1, 2]', 'no-piece'];
        yield 'another format' => ['{"format": "other"}', 'format'];
        yield 'a drawing without a piece' => ['<svg xmlns="http://www.w3.org/2000/svg"/>', 'not json'];
        yield 'what is larger than any piece' => ['"'.str_repeat('x', 1_000_000).'"', 'file-too-large'];
        yield 'a drawing that is larger than any' => ['<'.str_repeat('x', 10_000_000), 'file-too-large'];
    }

    public function testAFileThatIsNotThereIsNamed(): void
    {
        try {
            self::files()->read('/nowhere/piece.json');
            self::fail('It was read.');
        } catch (PieceUnreadable $unreadable) {
            self::assertSame('no-file', $unreadable->faults[0]->said->key);
            self::assertSame('/nowhere/piece.json', $unreadable->faults[0]->said->values['file'] ?? null);
        }
    }

    private static function files(): PieceFiles
    {
        return new PieceFiles(new PieceReader(), [new YamlPiece(), new Drawn()]);
    }

    private static function refused(string $text, ?PieceFiles $files = null): string
    {
        try {
            ($files ?? self::files())->parse($text);
        } catch (PieceUnreadable $unreadable) {
            $fault = $unreadable->faults[0];

            return match ($fault->said->key) {
                'no-json' => 'not json',
                'no-piece', 'file-too-large' => $fault->said->key,
                default => $fault->path,
            };
        }
        self::fail('It was read.');
    }

    /**
     * @return array<mixed>
     */
    private static function document(): array
    {
        return (new PieceWriter())->write(self::spec());
    }

    private static function spec(): PieceSpec
    {
        return Examples::piece(['name' => 'Breakwater']);
    }

    /**
     * @param array<mixed> $document
     */
    private static function json(array $document): string
    {
        return json_encode($document, \JSON_THROW_ON_ERROR);
    }
}
