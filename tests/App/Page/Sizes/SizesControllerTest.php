<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Sizes;

use Opis\JsonSchema\Validator;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Stock\StockBox;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Sizing\Girths;
use Rinkel\Core\Stock\Kind;
use Rinkel\Tests\App\WebCase;
use Rinkel\Tests\Core\Examples;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\Process\Process;

final class SizesControllerTest extends WebCase
{
    public function testSizesStandBesideEachOther(): void
    {
        $piece = $this->lay(['name' => 'Pier']);
        $page = $this->browser->request('GET', '/pieces/'.$piece->id().'/sizes', ['list' => '15; 16,5 cm; 7 in']);
        self::assertResponseIsSuccessful();
        self::assertSame(['15 cm', '16.5 cm', '17.8 cm'], $page->filter('#size-table tbody th')->extract(['_text']));
        self::assertCount(3, $page->filter('svg.size-rows [data-size]'), 'drawn below each other');
        self::assertCount(1, $page->filter('svg.size-rows .tape'), 'on one tape');
        // Each row says what the size says alone.
        $planner = self::getContainer()->get(Planner::class);
        foreach ([150.0, 165.0, 177.8] as $i => $girth) {
            $plan = $planner->plan(Girths::of(Examples::piece(['name' => 'Pier']), Length::ofMillimetres($girth)));
            $row = $page->filter('tr[data-size="'.$i.'"]')->text();
            foreach ($plan->cuts as $cut) {
                self::assertStringContainsString(
                    $cut->count.' × '.round($cut->length->millimetres / 10, 1).' cm',
                    $row,
                );
            }
        }
        self::assertGreaterThan(0, $page->filter('#size-table .as-before')->count(), 'what stays the same steps back');

        $page = $this->browser->request('GET', '/pieces/'.$piece->id().'/sizes');
        self::assertCount(7, $page->filter('#size-table tbody tr'), 'a range of our own to begin with');
        $page = $this->browser->request('GET', '/pieces/'.$piece->id().'/sizes', ['by' => 'loops']);
        self::assertSame('girths', $page->filter('#by option[selected]')->attr('value'), 'a slider has no loops');
    }

    public function testWhatCannotBeASizeIsSaid(): void
    {
        $piece = $this->lay();
        foreach (['15 cm; 4 furlongs', '3 cm', '15 cm; 400 cm', 'x', implode(';', array_fill(0, 60, '15'))] as $list) {
            $this->browser->request('GET', '/pieces/'.$piece->id().'/sizes', ['list' => $list]);
            self::assertResponseStatusCodeSame(422, $list);
            self::assertCount(1, $this->browser->getCrawler()->filter('#list-fault'), $list);
            self::assertSame(
                $list,
                $this->browser->getCrawler()->filter('#list')->attr('value'),
                'what was typed stays',
            );
        }
        $this->browser->request('GET', '/pieces/'.$piece->id().'/sizes', ['by' => 'people']);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString(
            'You haven’t measured anyone there yet.',
            $this->browser->getCrawler()->filter('#list-fault')->text(),
        );
        $this->browser->request('GET', '/pieces/'.$piece->id().'/sizes', ['n' => '2, many']);
        self::assertResponseStatusCodeSame(422);
        self::assertCount(1, $this->browser->getCrawler()->filter('#n-fault'));
        foreach ([
            'sizes',

            'otherwise',
            'reach',
            'sizes.pdf',
            'kit.pdf',
            'instructions.pdf',
        ] as $path) {
            $this->browser->request('GET', '/pieces/99999999/'.$path);
            self::assertResponseStatusCodeSame(404, $path);
            $this->browser->request(
                'GET',
                '/pieces/'.$piece->id().'/'.$path,
                [
                    'list' => ['x'],
                    'by' => ['y'],
                    'who' => 'z',
                    'n' => ['1'],
                    'have' => 'x',
                    'f' => 'y',
                    'from' => ['a' => ['b']],
                ],
            );
            self::assertResponseIsSuccessful($path);
        }
    }

    /**
     * A range to begin with is in the maker's own steps: whole inches where she measures in inches, stones in mm.
     */
    public function testARangeToBeginWithIsAsAMakerWouldTypeIt(): void
    {
        foreach ([
            ['lengths', [
                'wearer.place' => 'neck', 'wearer.girth' => '14 in', 'wearer.hand' => null, 'unit' => 'in',
            ], '16 in; 18 in; 20 in; 24 in'],
            ['lengths', ['unit' => 'in'], '6 1/2 in; 7 in; 7 1/2 in; 8 in'],
            ['lengths', [], '16 cm; 18 cm; 20 cm'],
            ['girths', ['unit' => 'in'], '5 1/2 in; 6 in; 6 1/2 in; 7 in; 7 1/2 in; 8 in'],
        ] as [$by, $changes, $list]) {
            $piece = $this->lay($changes);
            $page = $this->browser->request('GET', '/pieces/'.$piece->id().'/sizes', ['by' => $by]);
            self::assertResponseIsSuccessful();
            self::assertSame($list, $page->filter('#list')->attr('value'));
            self::assertCount(substr_count($list, ';') + 1, $page->filter('#size-table tbody tr'));
        }
    }

    public function testPeopleAreSizes(): void
    {
        $piece = $this->lay();
        foreach (['Mina' => '15', 'Rolf' => '19'] as $name => $wrist) {
            $this->browser->request(
                'POST',
                '/people',
                ['name' => $name, 'wrist' => $wrist, 'unit' => 'cm', 'measured' => 'snug'],
            );
        }
        $page = $this->browser->request('GET', '/pieces/'.$piece->id().'/sizes', ['by' => 'people']);
        self::assertEqualsCanonicalizing(['Mina', 'Rolf'], $page->filter('#size-table tbody th')->extract(['_text']));
        $who = $page->filter('input[name="who[]"]')->first()->attr('value');
        $page = $this->browser->request('GET', '/pieces/'.$piece->id().'/sizes', ['by' => 'people', 'who' => [$who]]);
        self::assertCount(1, $page->filter('#size-table tbody tr'));
    }

    /**
     * The kit has as much as the largest takes, which leaves nothing; its paper names every material and every size.
     */
    public function testAKitServesEverySize(): void
    {
        $piece = $this->lay(['name' => 'Pier']);
        $query = ['list' => '15; 17; 19'];
        $page = $this->browser->request('GET', '/pieces/'.$piece->id().'/sizes', $query);
        $rows = $page->filter('#kit-table tbody tr');
        self::assertCount(3, $rows, 'core, working cord and slider');
        foreach ($rows as $row) {
            self::assertStringEndsWith(
                '–',
                trim((new Crawler($row))->filter('td')->last()->text()),
                'the largest uses it up',
            );
        }
        foreach ([
            'kit.pdf' => ['Pier', 'Core', 'Working cord'],
            'instructions.pdf' => [
                'In the bag', '15 cm', '17 cm', '19 cm', 'Step by step', '100 mm', 'Safety',
                'Square knot', 'Overhand of several cords', 'Square-knot slider',
            ],
            'sizes.pdf' => ['15 cm', 'Repeats'],
        ] as $paper => $words) {
            $this->browser->request('GET', '/pieces/'.$piece->id().'/'.$paper, $query);
            self::assertResponseIsSuccessful();
            $text = (new Process(
                ['pdftotext', '-layout', '-', '-'],
                input: (string) $this->browser->getResponse()->getContent(),
            ))->mustRun()->getOutput();
            foreach ($words as $word) {
                self::assertStringContainsString($word, $text, $paper);
            }
        }
    }

    /**
     * Whoever buys a kit may push knots harder than the one who sells it: it is cut for any hand.
     */
    public function testAKitIsCutForAnybodysHand(): void
    {
        [$kits, $sizes, $said] = [[], [], ''];
        foreach ([null, 'loose', 'firm'] as $tension) {
            $piece = $this->lay(null === $tension ? [] : ['tension' => $tension]);
            $page = $this->browser->request('GET', '/pieces/'.$piece->id().'/sizes', ['list' => '15; 17']);
            $kits[] = $page->filter('#kit-table tbody')->text();
            $said = $page->filter('main')->text();
            $sizes[] = $this->browser->request('GET', '/pieces/'.$piece->id().'/sizes', ['list' => '15; 17'])
                ->filter('main table')->first()->text();
        }
        self::assertSame([$kits[0], $kits[0]], [$kits[1], $kits[2]]);
        self::assertNotSame($sizes[0], $sizes[1], 'what she makes herself is cut for her');
        self::assertStringContainsString(self::says('kit.lead'), $said);
    }

    public function testASeriesIsCutAndPricedTogether(): void
    {
        $piece = $this->lay();
        $this->box()->keep(null, Kind::Cord, [
            'fibre' => 'polyester', 'thickness' => '1 mm', 'colour' => '#112233', 'spools' => ['60 m'],
            'price' => '0.50',
        ]);
        $page = $this->browser->request(
            'GET',
            '/pieces/'.$piece->id().'/sizes',
            ['list' => '15; 17; 19', 'n' => '2, 0, 3'],
        );
        self::assertStringContainsString('5 pieces: 2 × 15 cm', $page->filter('#series-says')->text());
        self::assertStringNotContainsString('17 cm', $page->filter('#series-says')->text());
        self::assertStringContainsString('Cut and mark all 5', $page->filter('#turns li')->first()->text());
        self::assertStringContainsString('of new cord', $page->filter('[aria-labelledby=series-takes]')->text());
        self::assertStringContainsString('€', $page->filter('#series-price')->text());
        self::assertResponseIsSuccessful();
        $this->browser->request('GET', '/pieces/'.$piece->id().'/sizes', ['list' => '15', 'n' => '0']);
        self::assertResponseIsSuccessful();
    }

    /**
     * Moved to another cord the piece stands beside itself; it is taken by one act that can be undone.
     */
    public function testAPieceIsMovedToOtherMaterials(): void
    {
        $piece = $this->lay();
        $path = '/pieces/'.$piece->id().'/otherwise';
        self::assertCount(0, $this->browser->request('GET', $path)->filter('#moved-table'));
        $id = $this->box()->keep(null, Kind::Cord, [
            'name' => 'Rope', 'fibre' => 'hemp', 'thickness' => '2 mm', 'colour' => '#998877', 'price' => '1',
        ])->id();
        $page = $this->browser->request(
            'GET',
            $path,
            ['from' => ['cords.working' => (string) $id], 'f' => ['cords.core.thickness' => '1.2 mm']],
        );
        self::assertResponseIsSuccessful();
        self::assertStringContainsString('2 mm hemp', $page->filter('#moved-table')->text());
        self::assertStringContainsString('1.2 mm', $page->filter('#moved-table')->text());
        self::assertCount(2, $page->filter('svg.size-rows [data-size]'));
        self::assertSame('1.2 mm', $page->filter('#cords-core-thickness')->attr('value'));
        $before = $this->again($piece->id());
        $this->browser->submit($page->filter('#take-it')->form());
        self::assertResponseStatusCodeSame(303);
        $cords = $this->again($piece->id())['cords'] ?? null;
        self::assertIsArray($cords);
        self::assertIsArray($cords['working']);
        self::assertSame(
            ['hemp', '2 mm', '#998877'],
            [$cords['working']['fibre'], $cords['working']['thickness'], $cords['working']['colour']],
        );
        $page = $this->browser->followRedirect();
        $sent = $page->filter('#edit')->form()->getPhpValues();
        $this->browser->request('POST', '/pieces/'.$piece->id(), ['do' => 'undo'] + $sent);
        self::assertSame($before, $this->again($piece->id()), 'undone in one step');

        $page = $this->browser->request(
            'GET',
            $path,
            ['f' => ['cords.core.thickness' => 'thin', 'cords.working.colour' => 'red']],
        );
        self::assertResponseStatusCodeSame(422);
        self::assertCount(2, $page->filter('.fault'));
    }

    /**
     * Four cords of 48 inches: the answer is planned and can be made, and is laid on the Table.
     */
    public function testHowFarItGoes(): void
    {
        $piece = $this->lay(['name' => 'Pier']);
        $path = '/pieces/'.$piece->id().'/reach';
        self::assertCount(0, $this->browser->request('GET', $path)->filter('#reached'));
        $page = $this->browser->request(
            'GET',
            $path,
            ['have' => ['cords.working' => '2.4 m', 'cords.core' => '2 x 48 in', 'cords.slider' => '1 m']],
        );
        self::assertStringContainsString('Fits a wrist of up to', $page->filter('#reached-title')->text());
        self::assertStringContainsString('runs out first', $page->filter('[data-lack=working]')->text());
        self::assertMatchesRegularExpression(
            '/10 cm more on each cord would add \d+ mm/',
            $page->filter('[data-lack=working]')->text(),
        );
        $girth = (int) $page->filter('input[name=step]')->attr('value');
        $planner = self::getContainer()->get(Planner::class);
        $working = static fn (int $girth): float => $planner->plan(
            Girths::of(Examples::piece(), Length::ofMillimetres($girth)),
        )->cuts[1]->length->millimetres;
        self::assertLessThanOrEqual(2400.0, $working($girth));
        self::assertGreaterThan(2400.0, $working($girth + 1));
        $this->browser->submit($page->filter('#reached form')->form());
        self::assertResponseStatusCodeSame(303);
        self::assertStringContainsString('Pier', $this->browser->followRedirect()->filter('h1')->html());

        self::assertStringContainsString(
            'You can’t make this',
            $this->browser->request('GET', $path, ['have' => ['cords' => '5 cm']])->filter('#reached')->text(),
        );
        // What lies in the box is there at once; both roles are cut from the one cord that there is of both.
        $same = $this->lay(['name' => 'Quay', 'cords.core.colour' => '#112233']);
        $this->box()->keep(null, Kind::Cord, [
            'fibre' => 'polyester', 'thickness' => '1 mm', 'colour' => '#112233', 'offcuts' => ['3 m', '80 cm'],
        ]);
        $page = $this->browser->request('GET', '/pieces/'.$same->id().'/reach');
        self::assertSame('300 cm; 80 cm', $page->filter('#have-cords-core')->attr('value'));
        self::assertSame('', $page->filter('#have-cords-working')->attr('value'));
        $step = (int) $page->filter('#at')->attr('value');
        self::assertCount(0, $page->filter('#shown .fault'));
        $page = $this->browser->request('GET', '/pieces/'.$same->id().'/reach', ['at' => $step + 1]);
        self::assertCount(1, $page->filter('#shown .fault'), 'the next size takes more than there is');
        foreach (['cords' => 'string', 'cords.core' => '4 x', 'cords.working' => '0 cm'] as $field => $text) {
            $this->browser->request('GET', $path, ['have' => [$field => $text]]);
            self::assertResponseStatusCodeSame(422, $field);
            self::assertCount(1, $this->browser->getCrawler()->filter('.fault'));
        }
        $this->browser->request('POST', $path, ['by' => 'girth', 'step' => '-5']);
        self::assertResponseStatusCodeSame(404);
    }

    public function testATrayMakesReadyDesignsAndOwnOnes(): void
    {
        $this->lay(['name' => 'My own band', 'pattern' => '8 square, 1 square x fit, mirror']);
        self::assertCount(0, $this->browser->request('GET', '/tray')->filter('#makings'));
        $cord = $this->box()->keep(
            null,
            Kind::Cord,
            [
                'fibre' => 'polyester', 'thickness' => '1 mm', 'colour' => '#aa5500',
                'offcuts' => ['3 m', '60 cm', '60 cm', '60 cm'],
            ],
        )->id();
        $bead = $this->box()->keep(
            null,
            Kind::Bead,
            ['diameter' => '6 mm', 'hole' => '3 mm', 'colour' => '#00aa55', 'count' => 40],
        )->id();
        $page = $this->browser->request('GET', '/tray', ['t' => [(string) $cord, (string) $bead, 'x', '99999999']]);
        self::assertResponseIsSuccessful();
        $designs = $page->filter('#makings button')->extract(['value']);
        self::assertGreaterThan(2, \count($designs));
        self::assertNotSame(
            [],
            array_filter($designs, static fn ($one): bool => \is_string($one) && str_starts_with($one, 'own ')),
        );
        $shares = array_map(
            static fn ($text): int => \is_string($text) && 1 === preg_match(
                '/(\d+) % of/',
                $text,
                $match,
            ) ? (int) $match[1] : -1,
            $page->filter('#makings button')->extract(['_text']),
        );
        $sorted = $shares;
        sort($sorted);
        self::assertSame($sorted, $shares, 'what leaves least comes first');
        $this->browser->submit($page->filter('#makings button')->first()->form());
        self::assertResponseStatusCodeSame(303);
        self::assertStringContainsString('#aa5500', $this->browser->followRedirect()->html());
        $this->browser->request('POST', '/tray', ['design' => 'nothing', 't' => 'x']);
        self::assertResponseRedirects('/tray', 303);
    }

    public function testTheCommandPrintsBySchema(): void
    {
        $tester = new CommandTester((new Application(self::bootKernel()))->find('rinkel:sizes'));
        $schema = (string) file_get_contents(\dirname(__DIR__, 4).'/docs/sizes.schema.json');
        foreach (glob(
            \dirname(__DIR__, 4).'/demo/pieces/{harbour-rail,ivo,rockpool,canal}.json',
            \GLOB_BRACE,
        ) ?: [] as $file) {
            foreach ([[], ['--graded' => true]] as $how) {
                self::assertSame(0, $tester->execute(['file' => $file] + $how));
                $result = (new Validator())->validate(json_decode($tester->getDisplay()), $schema);
                self::assertTrue($result->isValid(), $file);
            }
        }
        $file = \dirname(__DIR__, 4).'/demo/pieces/harbour-rail.json';
        self::assertSame(0, $tester->execute(['file' => $file, '--girths' => '15; 6 1/2 in']));
        self::assertStringContainsString('"165.1 mm"', $tester->getDisplay());
        self::assertSame(1, $tester->execute(['file' => $file, '--girths' => 'wide']));
        self::assertSame(1, $tester->execute(['file' => __FILE__]));
    }

    private function box(): StockBox
    {
        return self::getContainer()->get(StockBox::class);
    }

    /**
     * @return array<string, mixed>
     */
    private function again(int $id): array
    {
        return self::getContainer()->get(Pieces::class)->find($id)?->document() ?? self::fail('It is gone.');
    }
}
