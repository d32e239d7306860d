<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Table;

use Rinkel\Core\Construction\Constructions;
use Rinkel\Tests\App\WebCase;
use Symfony\Component\DomCrawler\Crawler;

final class TableControllerTest extends WebCase
{
    public function testAnEmptyTableHasAWayOn(): void
    {
        $page = $this->browser->request('GET', '/');

        self::assertResponseIsSuccessful();
        self::assertStringContainsString('a wrist is all it needs', self::text($page, '.empty'));
        $this->browser->click($page->selectLink('New piece')->link());
        self::assertResponseIsSuccessful();
    }

    public function testAWristAloneMakesAPieceOfEveryConstruction(): void
    {
        $ids = Constructions::all()->ids();
        $page = $this->browser->request('GET', '/new');
        $offered = static fn (string $form): array => array_values(
            array_filter($page->filter('form[aria-labelledby='.$form.'] .making')->extract(['value']), is_string(...)),
        );
        $around = $offered('new-title-around');
        $necks = $offered('new-title-neck');
        self::assertSame([], array_diff($ids, $around, $necks));
        self::assertNotContains('netted-pouch', $around, 'nobody is asked for a wrist to hang a pouch from a neck');
        foreach ([
            ...array_map(static fn (string $id): array => [$id, 'wrist', '6 1/4 in'], $around),
            ...array_map(static fn (string $id): array => [$id, 'neck', '13 1/2 in'], $necks),
        ] as [$id, $place, $girth]) {
            $this->browser->request(
                'POST',
                '/pieces',
                ['place' => $place, 'girth' => rtrim($girth, ' in'), 'unit' => 'in', 'construction' => $id],
            );
            self::assertResponseStatusCodeSame(303);
            $piece = $this->browser->followRedirect();
            self::assertSame($girth, $piece->filter('#wearer-girth')->attr('value'), $place);
            self::assertNotSame('', $piece->filter('#pattern')->text());
            self::assertGreaterThan(0, $piece->filter('[data-cut]')->count());
            self::assertGreaterThan(0, $piece->filter('#board svg')->count());
        }
    }

    public function testSomebodyMeasuredBeforeIsEnough(): void
    {
        $this->browser->request(
            'POST',
            '/people',
            ['name' => 'Ottoline', 'wrist' => '15.8', 'hand' => '19.6', 'unit' => 'cm'],
        );
        $page = $this->browser->request('GET', '/new');
        $id = $page->filter('#new-girth-person option')->last()->attr('value');
        $this->browser->request(
            'POST',
            '/pieces',
            ['girth' => '', 'person' => $id, 'unit' => 'cm', 'construction' => 'stretch'],
        );
        $piece = $this->browser->followRedirect();

        self::assertSame(
            ['15.8 cm', '19.6 cm'],
            [$piece->filter('#wearer-girth')->attr('value'), $piece->filter('#wearer-hand')->attr('value')],
        );
    }

    public function testANecklaceTakesTheNeckThatWasMeasuredAndNoOther(): void
    {
        $made = function (string $name, array $measures): Crawler {
            $this->browser->request('POST', '/people', ['name' => $name, 'unit' => 'cm'] + $measures);
            $id = $this->browser->request('GET', '/new')->filter('#new-neck-person option')->last()->attr('value');

            return $this->browser->request(
                'POST',
                '/pieces',
                ['place' => 'neck', 'girth' => '', 'person' => $id, 'unit' => 'cm', 'construction' => 'netted-pouch'],
            );
        };

        $page = $made('Ada', ['wrist' => '16.2', 'hand' => '20']);
        self::assertResponseStatusCodeSame(422);
        self::assertSame('Ada’s neck is not measured yet; type it here.', self::text($page, '#new-neck-fault'));
        $made('Bea', ['neck' => '34', 'head' => '56.5']);
        $piece = $this->browser->followRedirect();
        self::assertSame(
            ['34 cm', '56.5 cm', '60 cm'],
            [
                $piece->filter('#wearer-girth')->attr('value'),
                $piece->filter('#wearer-hand')->attr('value'),
                $piece->filter('#length')->attr('value'),
            ],
        );

        $page = $this->browser->request(
            'POST',
            '/pieces',
            ['place' => 'neck', 'girth' => '72', 'unit' => 'cm', 'construction' => 'netted-pouch'],
        );
        self::assertSame('A neck of 72 cm? It goes from 20 cm to 65 cm.', self::text($page, '#new-neck-fault'));
        self::assertSame(
            ['72', ''],
            [$page->filter('#new-neck')->attr('value'), $page->filter('#new-girth')->attr('value')],
        );
        $page = $this->browser->request(
            'POST',
            '/pieces',
            ['place' => 'wrist', 'girth' => '16', 'unit' => 'cm', 'construction' => 'netted-pouch'],
        );
        self::assertStringContainsString('not worn there', self::text($page, '.fault'));
    }

    public function testABadWristIsToldAndKept(): void
    {
        $page = $this->browser->request(
            'POST',
            '/pieces',
            ['girth' => '"><i>', 'construction' => 'stretch', 'unit' => 'cm'],
        );

        self::assertResponseStatusCodeSame(422);
        self::assertSame('"><i>', $page->filter('#new-girth')->attr('value'));
        self::assertStringContainsString('Could not read', self::text($page, '#new-girth-fault'));
        $this->browser->request('POST', '/pieces', ['girth' => '16', 'construction' => 'origami', 'unit' => 'cm']);
        self::assertResponseStatusCodeSame(422);
        $this->browser->request('POST', '/pieces', ['girth' => ['16'], 'construction' => ['stretch']]);
        self::assertResponseStatusCodeSame(422);
    }

    public function testListsEachPieceWithItsNextStep(): void
    {
        $this->lay(['name' => 'Fine']);
        $this->lay(['name' => 'Too short', 'closure.tail' => '12 mm']);
        $this->lay(['name' => 'Slips', 'closure.knots' => 1]);
        $page = $this->browser->request('GET', '/');

        self::assertSame(['Slips', 'Too short', 'Fine'], $page->filter('.piece-name')->extract(['_text']));
        self::assertSame(
            ['Look at one warning', 'Needs a decision', 'Ready to cut'],
            $page->filter('.next')->extract(['_text']),
        );
        self::assertCount(3, $page->filter('.small-drawing'));
    }

    public function testArchivedPiecesAreFoundAgain(): void
    {
        $piece = $this->lay(['name' => 'Old']);
        $this->browser->request('POST', '/pieces/'.$piece->id().'/archive');
        $page = $this->browser->request('GET', '/?archive=1');

        self::assertSame('Old', self::text($page, '.piece-name'));
        $this->browser->submit($page->filter('.piece-row form')->form());
        self::assertSame('Old', self::text($this->browser->followRedirect(), '.piece-name'));
    }
}
