<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Document;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Document\PieceFiles;
use Rinkel\App\Document\PieceText;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Tests\Core\Examples;

final class PieceTextTest extends TestCase
{
    public function testEveryExampleIsTheSameAfterAMessage(): void
    {
        $text = new PieceText();
        foreach (Examples::shipped() as $name => $piece) {
            $written = $text->write($piece);
            self::assertStringStartsWith('Rinkel piece '.PieceReader::VERSION.': '.$piece->name."\n", $written);
            self::assertEquals($piece, self::files()->parse($written), $name);
            // As it comes back: quoted, with round quotes, words before and after.
            $sent = "Hello!\r\n\r\n> ".str_replace("\n", "\r\n> ", strtr(trim($written), ['"' => '“']))."\r\n\r\nBye";
            self::assertEquals($piece, self::files()->parse($sent), $name);
        }
    }

    public function testItIsReadAsAMakerTypesIt(): void
    {
        $piece = self::files()->parse(<<<'TEXT'
            Rinkel piece 6: For the market
            construction: square-knot-band
            for: Mila; and 2 more
            wearer: girth 16 cm
            wraps: 1
            cords working: fibre waxed-cotton; thickness 1.5 mm
            beads amber: diameter 8 mm; colour #c98a2b
            forChild: no
            pattern:
            6 square,
            1 bead amber, 6 square
            end
            See you!
            TEXT);

        self::assertSame('For the market', $piece->name);
        self::assertSame('Mila; and 2 more', $piece->wearing->whom);
        self::assertSame('6 square,'."\n".'1 bead amber, 6 square', $piece->pattern?->text);
        self::assertFalse($piece->wearing->forChild);
    }

    public function testAMessageMayHaveSeveral(): void
    {
        $band = "construction: square-knot-band\nwearer: girth 16 cm\npattern:\n";
        $both = "Rinkel piece 6: One\n{$band}9 square\nend\nand the other:\nRinkel piece 6: Two\n{$band}5 square x fit";
        $pieces = array_map(self::files()->parse(...), self::files()->within($both));

        self::assertSame(['One', 'Two'], array_column($pieces, 'name'));
        self::assertSame('9 square', $pieces[0]->pattern?->text);
        self::assertSame('5 square x fit', $pieces[1]->pattern->text ?? '');
    }

    public function testWhatIsWrongIsSaidWhereItIs(): void
    {
        try {
            self::files()->parse(
                "Rinkel piece 6: Mine\nconstruction: square-knot-band\nwearer: girth 2 cm\ncolour: red\nend",
            );
            self::fail();
        } catch (PieceUnreadable $unreadable) {
            self::assertSame(['colour', 'wearer.girth'], self::sorted(array_column($unreadable->faults, 'path')));
        }
        self::assertFalse((new PieceText())->knows('{"format": "rinkel-piece"}'));
        self::assertFalse((new PieceText())->knows('Dear Rinkel, here is my piece: a band'));
    }

    /**
     * @param list<string> $paths
     *
     * @return list<string>
     */
    private static function sorted(array $paths): array
    {
        sort($paths);

        return $paths;
    }

    private static function files(): PieceFiles
    {
        return new PieceFiles(new PieceReader(), [new PieceText()]);
    }
}
