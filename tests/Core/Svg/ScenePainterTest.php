<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Svg;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Svg\Posture;
use Rinkel\App\Svg\WornDrawing;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Construction\Offers;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Failure;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Svg\PieceDrawing;
use Rinkel\Core\Svg\Ruler;
use Rinkel\Tests\Core\Examples;

/**
 * Reads painted drawings back: what the SVG says must be what was planned.
 */
final class ScenePainterTest extends TestCase
{
    #[DataProvider('providePlans')]
    public function testEveryDrawingIsSound(Plan $plan): void
    {
        $drawing = new PieceDrawing($plan, 'p');
        foreach ([
            $drawing->board(1, 'a <b> & "c"'),
            $drawing->board(4, 'x'),
            (new WornDrawing($plan, 'p'))->paint(new Posture(), 'a <b> & "c"'),
            (new WornDrawing($plan, 'p'))->paint(new Posture(150, 100, 4), 'x'),
            (new WornDrawing($plan, 'p'))->paint(new Posture(180, 0, 2), 'x'),
            $drawing->small('x'),
            $drawing->sample('x'),
            $drawing->closure($plan->draft->wornGap(), 'x'),
        ] as $svg) {
            if ('' === $svg) {
                self::assertFalse($plan->draft->fastened->kind->slides());
                continue;
            }
            self::assertDoesNotMatchRegularExpression('/\b(INF|NAN|nan|inf)\b/', $svg);
            $page = self::read($svg);
            $ids = self::values($page, '//@id');
            self::assertSame(array_values(array_unique($ids)), $ids, 'no id twice');
            foreach (array_unique(self::values($page, '//@href')) as $link) {
                self::assertContains(substr($link, 1), $ids, 'what is copied is there');
            }
            $box = array_map(floatval(...), explode(' ', self::values($page, '/svg/@viewBox')[0] ?? ''));
            self::assertCount(4, $box);
            self::assertGreaterThan(0, min($box[2], $box[3]));
        }
    }

    /**
     * Every knot that any piece can be given, in every construction: alone, before and behind its own pattern.
     */
    #[Group('slow')]
    public function testEveryKnotIsDrawnWhereverItSuits(): void
    {
        $drawn = [];
        foreach (Constructions::all()->ids() as $construction) {
            $piece = Examples::planOf($construction)->draft->piece;
            foreach ((new Offers())->knots($piece) as $word) {
                foreach ([
                    $word,
                    '3 '.$word.', '.$piece->pattern->tree,
                    $piece->pattern->tree.', 2 '.$word,
                ] as $pattern) {
                    try {
                        $changed = $piece->decided()->withPattern(Pattern::parse($pattern, Unit::Millimetre));
                        $plan = (new Planner())->plan($changed);
                    } catch (Failure) {
                        continue;
                    }
                    $drawing = new PieceDrawing($plan, 'p');
                    $both = $drawing->board(1, 'x').(new WornDrawing($plan, 'p'))->paint(new Posture(), 'x');
                    self::assertStringContainsString('<svg', $both, $pattern);
                    $drawn[$construction][$word] = true;
                }
            }
        }
        self::assertArrayHasKey('vertical lark', $drawn['square-knot-band'] ?? []);
        self::assertGreaterThan(40, array_sum(array_map(count(...), $drawn)));
    }

    #[DataProvider('providePlans')]
    public function testTheBoardShowsWhatWasPlanned(Plan $plan): void
    {
        $board = self::read((new PieceDrawing($plan, 'p'))->board(1, 'x'));
        $beads = array_count_values(self::values($board, '//use[not(ancestor::defs)]/@data-bead'));
        foreach ($board->query('//g[@data-beads]') ?: [] as $many) {
            self::assertInstanceOf(\DOMElement::class, $many);
            $beads[$many->getAttribute('data-bead')] = (int) $many->getAttribute('data-beads');
            $outline = $many->getElementsByTagName('path')->item(0)?->getAttribute('d');
            self::assertSame((int) $many->getAttribute('data-beads'), substr_count((string) $outline, 'M'));
        }
        ksort($beads);
        self::assertSame($plan->beads, $beads);
        self::assertEqualsWithDelta(
            $plan->draft->body()->millimetres,
            (float) (self::values($board, '//path[@class="body-span"]/@data-body')[0] ?? 0),
            6e-3,
        );

        // What takes the pointer lies side by side from one end of the body to the other.
        $boxes = [];
        foreach ($board->query('//path[@class="hit"]') ?: [] as $hit) {
            self::assertInstanceOf(\DOMElement::class, $hit);
            self::assertMatchesRegularExpression('/^\d+:\d+$/', $hit->getAttribute('data-place'));
            self::assertNotSame('', $hit->getAttribute('data-roles'));
            $box = '/M(-?[\d.]+),(-?[\d.]+)h([\d.]+)v([\d.]+)/';
            preg_match_all($box, $hit->getAttribute('d'), $all, \PREG_SET_ORDER);
            self::assertNotEmpty($all);
            foreach ($all as [, $from, $top, $width, $height]) {
                $axis = round((float) $top + (float) $height / 2, 1);
                $boxes[[] === $plan->draft->layers ? '' : (string) $axis][] = [(float) $from, (float) $width];
            }
        }
        self::assertCount(\count($plan->draft->settings()), $boxes);
        ksort($boxes, \SORT_NUMERIC);
        foreach (array_values($boxes) as $i => $ofStrand) {
            sort($ofStrand);
            $at = 0.0;
            foreach ($ofStrand as [$from, $width]) {
                self::assertGreaterThanOrEqual($at - 0.21, $from);
                $at = $from + $width;
            }
            $long = $plan->draft->settings()[$i]->length->millimetres;
            self::assertGreaterThan(0.8 * $long, $at);
            self::assertLessThanOrEqual($long + 0.5, $at);
        }
        self::assertLessThan(
            200_000,
            \strlen((string) $board->document->saveXML()),
            'light enough to be sent with every key',
        );
    }

    /**
     * However it is turned every bead is there, those behind too.
     */
    #[DataProvider('providePlans')]
    public function testTheWornPieceHasEveryBead(Plan $plan): void
    {
        $tails = (int) array_sum($plan->draft->fastened->fittings->beads); // behind the closure, they are not seen
        if ([] !== $plan->draft->layers && BodyPlace::Neck !== $plan->draft->piece->wearer->place) {
            $plan = Examples::planOf('layered-strands', ['wearer' => ['girth' => '36 cm', 'place' => 'neck']]);
        }
        foreach ([0, 90, 180] as $turn) {
            $worn = self::read((new WornDrawing($plan, 'p'))->paint(new Posture($turn), 'x'));
            self::assertCount(
                (int) array_sum($plan->beads) - $tails,
                self::values($worn, '//use[not(ancestor::defs)]/@data-bead'),
            );
            $hung = '//use[@data-bead and not(ancestor::g[starts-with(@transform, "translate")])]/@transform';
            foreach (self::values($worn, $hung) as $transform) {
                self::assertMatchesRegularExpression('/^matrix\((-?[\d.E-]+ ){5}-?[\d.E-]+\)/', $transform);
            }
        }
    }

    /**
     * @return iterable<string, array{Plan}>
     */
    public static function providePlans(): iterable
    {
        foreach (Constructions::all()->ids() as $id) {
            yield $id => [Examples::planOf($id)];
        }
        foreach (Examples::shipped() as $name => $piece) {
            yield $name => [(new Planner())->plan($piece)];
        }
    }

    public function testTheTicksOfATapeStandWhereTheySay(): void
    {
        $tape = self::read('<svg>'.(new Ruler(Unit::Centimetre, -12, 101, 0, -7))->paint().'</svg>');
        $at = static fn (int $figure): float => (float) (self::values($tape, '//text[.="'.$figure.'"]/@x')[0] ?? 0);
        self::assertEqualsWithDelta(10, $at(3) - $at(2), 2e-2);
        self::assertEqualsWithDelta(30, $at(2) - $at(-1), 2e-2);
        preg_match_all('/M(-?[\d.]+),/', self::values($tape, '//path/@d')[0] ?? '', $ticks);
        self::assertCount(114, $ticks[1], 'a tick for every millimetre');
        self::assertContains('100', $ticks[1]);

        $inches = self::read('<svg>'.(new Ruler(Unit::Inch, 0, 60, 0, 7))->paint().'</svg>');
        preg_match_all('/M(-?[\d.]+),/', self::values($inches, '//path/@d')[0] ?? '', $eighths);
        self::assertSame('25.4', $eighths[1][8], 'eight eighths are an inch, 25.4 mm');

        $long = self::read('<svg>'.(new Ruler(Unit::Centimetre, 0, 700, 0, 7))->paint().'</svg>');
        self::assertContains('55', self::values($long, '//text'));

        // On a strip of two metres no inch stands on the next one's figure.
        $metres = self::read('<svg>'.(new Ruler(Unit::Inch, 0, 2900, 0, 61))->paint().'</svg>');
        foreach ($metres->query('//text') ?: [] as $text) {
            self::assertInstanceOf(\DOMElement::class, $text);
            self::assertGreaterThan($end ?? -1.0, (float) $text->getAttribute('x'));
            $end = (float) $text->getAttribute('x') + 0.6 * 0.46 * 61 * \strlen($text->textContent);
        }
        self::assertGreaterThan(2800, $end ?? 0);
    }

    public function testWhatIsWrittenIntoADrawingIsEscaped(): void
    {
        $plan = Examples::planOf(
            'stretch',
            ['beads.cube' => ['shape' => 'letter', 'diameter' => '7 mm'], 'pattern' => 'word "<&>" of cube'],
        );
        $board = self::read((new PieceDrawing($plan, 'p'))->board(1, '"><script>'));

        self::assertSame('"><script>', self::values($board, '/svg/@aria-label')[0] ?? '');
        self::assertSame(['<', '&', '>'], self::values($board, '//text[@class="bead-letter"]'));
    }

    /**
     * Where each cord of each knot begins is read back from what is written once, copied and moved, and compared with
     * where the layout laid it.
     */
    #[DataProvider('providePlans')]
    public function testEachCordOfEachKnotBeginsWhereItWasLaid(Plan $plan): void
    {
        $laid = [];
        foreach ((new Layout($plan))->flat()->placed as $placed) {
            foreach (array_merge(...array_column($placed->motif->strands, 'spans')) as $span) {
                $start = $span->points[0] ?? new Point(0, 0);
                for ($i = 0; $i < $placed->count; ++$i) {
                    $x = ($placed->pose->turned ? -1 : 1) * $start->x + $i * $placed->motif->length;
                    $laid[] = [
                        $placed->pose->x + $placed->pose->scale * $x,
                        $placed->pose->y + $placed->pose->scale * $start->y,
                    ];
                }
            }
        }
        $drawn = [];
        $page = self::read((new PieceDrawing($plan, 'p'))->trueSize('x'));
        // What hangs is a drawing of its own, moved as a whole.
        $hung = 'ancestor::g[starts-with(@transform, "translate(") and not(contains(@transform, "scale"))]';
        foreach ($page->query('//use[@class="cord-body" and not('.$hung.')]') ?: [] as $use) {
            self::assertInstanceOf(\DOMElement::class, $use);
            $around = $use->parentNode;
            self::assertInstanceOf(\DOMElement::class, $around);
            self::assertSame(1, preg_match(
                '/^translate\(0 (-?[\d.]+)\) scale\(([\d.]+)\)$/',
                $around->getAttribute('transform'),
                $move,
            ));
            $path = self::values($page, '//path[@id="'.substr($use->getAttribute('href'), 1).'"]/@d')[0] ?? '';
            preg_match_all('/M(-?[\d.]+),(-?[\d.]+)l/', $path, $starts, \PREG_SET_ORDER);
            self::assertNotEmpty($starts);
            foreach ($starts as [, $x, $y]) {
                $drawn[] = [
                    (float) $move[2] * ((float) $x + (float) $use->getAttribute('x')),
                    (float) $move[1] + (float) $move[2] * (float) $y,
                ];
            }
        }
        self::assertSameSize($laid, $drawn);
        foreach ($laid as [$x, $y]) {
            $near = array_filter(
                $drawn,
                static fn (array $one): bool => abs($one[0] - $x) < 0.05 && abs($one[1] - $y) < 0.05,
            );
            self::assertNotEmpty($near, \sprintf('a cord begins at %.2f, %.2f', $x, $y));
            unset($drawn[array_key_first($near)]);
        }
    }

    /**
     * What a tile shows is laid from the tile's own corner (SVG 1.1, 13.3): so much lower is its axis.
     */
    public function testWhatIsSeenFromAfarLiesOnItsAxis(): void
    {
        $plan = Examples::plan(['pattern' => '300 square']);
        $page = self::read((new PieceDrawing($plan, 'p'))->board(1, 'x'));
        $tiles = $page->query('//pattern') ?: [];
        self::assertCount(6, $tiles, 'edges and bodies on three levels');
        foreach ($tiles as $tile) {
            self::assertInstanceOf(\DOMElement::class, $tile);
            foreach ($tile->getElementsByTagName('use') as $use) {
                $move = $use->getAttribute('transform');
                self::assertSame(1, preg_match('/^translate\(-?[\d.]+ ([\d.]+)\)/', $move, $down));
                self::assertEqualsWithDelta(0, (float) $tile->getAttribute('y') + (float) $down[1], 1e-6);
            }
        }
        $run = self::values($page, '//rect[starts-with(@fill, "url")]/@width');
        self::assertEqualsWithDelta($plan->draft->body()->millimetres, (float) ($run[0] ?? 0), 0.02);
    }

    public function testTheSameKnotIsDrawnOnceAndCopied(): void
    {
        $few = \strlen((new PieceDrawing(Examples::plan(['pattern' => '100 square']), 'p'))->board(1, 'x'));
        $many = \strlen((new PieceDrawing(Examples::plan(['pattern' => '200 square']), 'p'))->board(1, 'x'));

        self::assertLessThan($few + 16_000, $many, 'a hundred knots more are copies of what is there, and more tape');
    }

    private static function read(string $svg): \DOMXPath
    {
        $document = new \DOMDocument();
        self::assertTrue($document->loadXML(str_replace(' xmlns="http://www.w3.org/2000/svg"', '', $svg)));

        return new \DOMXPath($document);
    }

    /**
     * @return list<string>
     */
    private static function values(\DOMXPath $page, string $query): array
    {
        $values = [];
        foreach ($page->query($query) ?: [] as $node) {
            $values[] = (string) $node->nodeValue;
        }

        return $values;
    }
}
