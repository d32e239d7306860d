<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Piece;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Pattern\PatternEdit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\KnotReader;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Tests\Core\FigureEight;

final class KnotReaderTest extends TestCase
{
    public function testAKnotIsReadAsItIsWrittenAndAsItsSchemaSays(): void
    {
        $reader = new KnotReader();
        $document = FigureEight::document();

        self::assertSame($document, $reader->write($reader->read($document)));
        $schema = (string) file_get_contents(\dirname(__DIR__, 3).'/docs/knot.schema.json');
        self::assertTrue((new Validator())->validate(json_decode((string) json_encode($document)), $schema)->isValid());
    }

    #[TestWith(['name', 'bead stop', 'name', 'knot-name-word'])]
    #[TestWith(['name', 'Eight', 'name', 'knot-name'])]
    #[TestWith(['name', 'overhand', 'name', 'knot-name-taken'])]
    #[TestWith(['way', 'k1 k2 k3 k4', 'way', 'drawn-crossings'])]
    #[TestWith(['crossings', 'sideways', 'crossings', 'drawn-no-word'])]
    #[TestWith(['version', 2, 'version', 'version-newer'])]
    #[TestWith(['pulled', ['use' => 3], 'pulled', 'knot-pulled'])]
    #[TestWith(['pulled', 'tight', 'pulled.use', 'real-wanted'])]
    #[TestWith(['colour', '#123456', 'colour', 'name-unknown'])]
    #[TestWith(['way', ['k1'], 'way', 'text-too-long'])]
    public function testWhatIsWrongIsSaidWhereItIs(string $field, mixed $value, string $at, string $why): void
    {
        try {
            (new KnotReader())->read([$field => $value] + FigureEight::document());
            self::fail($field);
        } catch (PieceUnreadable $unreadable) {
            self::assertContains($at.' '.$why, array_map(
                static fn (Fault $fault): string => $fault->path.' '.$fault->said->key,
                $unreadable->faults,
            ));
        }
    }

    /**
     * A piece has its knots in itself: it can be read anywhere, and changed without losing them.
     */
    public function testAPieceKeepsTheKnotsThatItTies(): void
    {
        $piece = (new PieceReader())->read(FigureEight::piece());
        $written = (new PieceWriter())->write($piece);
        self::assertEquals($piece, (new PieceReader())->read($written));
        $tree = $piece->pattern->tree ?? self::fail();
        $more = $piece->withPattern((new PatternEdit($tree))->counted('1', 2));
        self::assertStringContainsString('3 figure eight', (string) $more->pattern);
        self::assertEquals($more, (new PieceReader())->read((new PieceWriter())->write($more)));

        $without = FigureEight::piece();
        unset($without['knots']);
        $this->expectException(PieceUnreadable::class);
        (new PieceReader())->read($without);
    }
}
