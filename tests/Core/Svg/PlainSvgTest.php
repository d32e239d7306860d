<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Svg;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Document\Drawn;
use Rinkel\App\Document\PieceFiles;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Svg\PieceDrawing;
use Rinkel\Core\Svg\PlainSvg;
use Rinkel\Tests\Core\Examples;

final class PlainSvgTest extends TestCase
{
    /**
     * Any program reads it: it is well-formed, nothing in it needs styles, copies or the colour of the page, and it is
     * as large as it says, in mm.
     */
    #[DataProvider('provideExamples')]
    public function testItStandsAlone(PieceSpec $wish): void
    {
        $plan = (new Planner())->plan($wish);
        $drawn = (new PieceDrawing($plan, 'x'))->trueSize('A "piece"');
        $plain = PlainSvg::of($drawn);
        $document = new \DOMDocument();
        self::assertTrue($document->loadXML($plain));
        $root = $document->documentElement ?? self::fail('It is no element.');
        [, , $width, $height] = PlainSvg::box($root);
        self::assertSame((string) round($width, 2).'mm', $root->getAttribute('width'));
        self::assertSame((string) round($height, 2).'mm', $root->getAttribute('height'));
        foreach (['<use', 'class=', 'currentColor', 'var(', 'style', 'color-mix', 'data-'] as $foreign) {
            self::assertStringNotContainsString($foreign, $plain);
        }
        // Every knot of the drawing is there: each copy that the drawing makes is written out.
        $copies = self::counted($drawn);
        self::assertCount($copies['ellipse'], $document->getElementsByTagName('ellipse'));
        self::assertCount($copies['path'], $document->getElementsByTagName('path'));
        self::assertCount($copies['text'], $document->getElementsByTagName('text'), 'letters and figures are kept');
        self::assertLessThan(
            \strlen($plain),
            \strlen(PlainSvg::of($drawn, false)),
            'on paper nothing shines',
        );
    }

    /**
     * @return iterable<string, array{PieceSpec}>
     */
    public static function provideExamples(): iterable
    {
        foreach (Examples::shipped() as $name => $wish) {
            yield $name => [$wish];
        }
    }

    /**
     * A drawing that was saved is read back as the piece it shows, whatever stands in its name.
     */
    public function testADrawingIsReadBackAsItsPiece(): void
    {
        $wish = Examples::piece(['name' => 'A <b> & "c" ]]> é']);
        $plan = (new Planner())->plan($wish);
        $about = (new PieceWriter())->write($wish);
        $svg = PlainSvg::of((new PieceDrawing($plan, 'x'))->trueSize('x'), about: $about);
        $files = new PieceFiles(new PieceReader(), [new Drawn()]);
        self::assertEquals($wish, $files->parse($svg));
        self::assertEquals($wish, $files->parse("\n".str_replace('><', ">\n  <", $svg)), 'as another program wrote it');
        self::assertEquals($wish, $files->parse((string) json_encode(
            ['format' => 'rinkel-plan', 'version' => 1, 'wish' => $about],
        )));
        $bomb = '<!DOCTYPE x [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;&a;&a;&a;&a;">]>'
            .'<svg><metadata id="rinkel-piece">&b;</metadata></svg>';
        foreach ([
            '<svg/>', '<svg', $bomb, '<svg><metadata id="rinkel-piece">{}</metadata></svg>',
            '{"format":"rinkel-plan"}',
        ] as $other) {
            try {
                $files->parse($other);
                self::fail('It is no piece: '.$other);
            } catch (PieceUnreadable $unreadable) {
                self::assertNotSame([], $unreadable->faults);
            }
        }
    }

    /**
     * Counts what a drawing paints when its copies are followed, by another way than the one that writes them out.
     *
     * @return array{ellipse: int, path: int, text: int}
     */
    private static function counted(string $svg): array
    {
        $xml = simplexml_load_string(str_replace('xmlns="http://www.w3.org/2000/svg"', '', $svg));
        self::assertNotFalse($xml);
        $known = [];
        $count = static function (\SimpleXMLElement $node) use (&$count, &$known, $xml): array {
            $sum = ['ellipse' => 0, 'path' => 0, 'text' => 0];
            foreach ($node->children() ?? [] as $name => $child) {
                if ('defs' === $name) {
                    continue;
                }
                if (isset($sum[$name])) {
                    ++$sum[$name];
                }
                $id = substr((string) $child['href'], 1);
                if ('use' === $name) {
                    $target = $xml->xpath('//*[@id="'.$id.'"]')[0] ?? self::fail('Nothing is called '.$id);
                    $known[$id] ??= $count($target);
                    $below = $known[$id];
                    $own = $target->getName();
                    $below[$own] = ($below[$own] ?? 0) + 1;
                } else {
                    $below = $count($child);
                }
                foreach (array_keys($sum) as $one) {
                    $sum[$one] += $below[$one] ?? 0;
                }
            }

            return $sum;
        };

        return $count($xml);
    }
}
