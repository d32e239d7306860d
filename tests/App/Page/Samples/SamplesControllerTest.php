<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Samples;

use Opis\JsonSchema\Validator;
use Rinkel\Tests\App\WebCase;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\DomCrawler\Crawler;

final class SamplesControllerTest extends WebCase
{
    private const SAMPLE = [
        'knot' => 'square', 'count' => '20', 'core.count' => '2', 'core.thickness' => '1 mm',
        'cord.fibre' => 'polyester',
        'cord.thickness' => '1 mm', 'length' => '48 mm', 'before' => '80', 'after' => '45',
    ];

    public function testASampleChangesThePlansAndSaysWhich(): void
    {
        $piece = $this->lay();
        $cut = fn (): string => $this->browser->request('GET', '/pieces/'.$piece->id().'?stage=cut')
            ->filter('[data-cut=working] .cut-length')->text();
        $before = $cut();
        $empty = $this->browser->request('GET', '/samples');
        self::assertStringContainsString(
            'No samples yet. The dotted bar shows where makers usually are.',
            $empty->filter('[aria-labelledby=samples-hand]')->text(),
        );
        self::assertCount(1, $empty->filter('.hand-gauge .hand-known'));

        $page = $this->add();
        self::assertSelectorTextContains('#changes', 'This changes the cut lengths of one piece:');
        self::assertStringContainsString('→', $page->filter('#changes li')->text());
        self::assertNotSame($before, $cut(), 'the piece is cut otherwise');
        self::assertSelectorTextContains('[aria-labelledby=hand]', 'Based on one sample of yours.');
        self::assertStringContainsString('shorter', $page->filter('#known td')->eq(1)->text());
        self::assertStringContainsString(
            '14% shorter',
            $page->filter('.sample')->text(),
            'as measured, against the model',
        );

        // Put aside it is kept, but believed no more; believed again it counts again; deleted it is gone.
        $this->press($page, 'Ignore this sample');
        self::assertSame($before, $cut());
        self::assertSelectorTextContains('[aria-labelledby=hand]', 'Rinkel doesn’t know your tension yet');
        $page = $this->browser->request('GET', '/samples');
        self::assertCount(1, $page->filter('.sample.is-aside'));
        $this->press($page, 'Use this sample again');
        self::assertNotSame($before, $cut());
        $this->press($this->browser->request('GET', '/samples'), 'Delete');
        self::assertSame($before, $cut());
        self::assertCount(0, $this->browser->request('GET', '/samples')->filter('.sample'));
    }

    /**
     * What was typed stays, what is wrong is said beside its field, nothing is kept.
     */
    public function testASampleThatCannotBeIsRefusedInASentence(): void
    {
        foreach ([
            'after' => [['after' => '78'], 'A knot can’t use only'],
            'count' => [['count' => 'some'], 'whole number'],
            'length' => [['length' => '', 'before' => '', 'after' => ''], 'Enter the total length'],
            'before' => [['before' => ''], 'How long was the cord before? Without that, what’s left says nothing.'],
            'cord.thickness' => [['cord.thickness' => 'thin'], 'I don’t know this'],
        ] as $field => [$changed, $sentence]) {
            $this->browser->request('POST', '/samples', ['s' => $changed + self::SAMPLE]);
            self::assertResponseStatusCodeSame(422, $field);
            $page = $this->browser->getCrawler();
            $id = '#s-'.str_replace('.', '-', $field);
            self::assertStringContainsString($sentence, $page->filter($id.'-fault')->text(), $field);
            self::assertSame('true', $page->filter($id)->attr('aria-invalid'));
            self::assertSame(
                '48 mm' === ($changed['length'] ?? '48 mm') ? '48 mm' : '',
                $page->filter('#s-length')->attr('value'),
            );
        }
        $this->browser->request('POST', '/samples', ['s' => ['after' => '95'] + self::SAMPLE]);
        self::assertStringContainsString(
            'Knotting makes a cord shorter. Check both figures.',
            $this->browser->getCrawler()->filter('#s-after-fault')->text(),
        );
        foreach ([
            ['s' => 'x'],
            [],
            ['s' => ['knot' => ['y'], 'length' => "\xff"]],
            ['s' => ['knot' => 'interlace'] + self::SAMPLE],
        ] as $sent) {
            $this->browser->request('POST', '/samples', $sent);
            self::assertResponseStatusCodeSame(422);
        }
        self::assertCount(0, $this->browser->request('GET', '/samples')->filter('.sample'));
    }

    public function testOneThatDisagreesIsPointedOutAndStays(): void
    {
        for ($i = 0; $i < 4; ++$i) {
            $this->add();
        }
        $page = $this->add(['length' => '70 mm', 'after' => '44']);
        self::assertCount(1, $page->filter('.sample.is-odd'));
        self::assertStringContainsString(
            'This one doesn’t match your other samples: it’s off by',
            $page->filter('.sample.is-odd .fault')->text(),
        );
        self::assertCount(5, $page->filter('.sample'));
    }

    /**
     * Each kind of work is kept with its own fields only, read again, and told.
     */
    public function testSectionsAreSamplesToo(): void
    {
        $ends = ['before' => '60', 'after' => '20'];
        foreach ([
            'Braid' => [['knot' => 'braid', 'length' => '28', 'braid.cords' => '4'] + $ends, '% more'],
            'Laced links' => [['knot' => 'link', 'count' => '20', 'link.length' => '9 mm'] + $ends, '% more'],
            'Wave' => [['knot' => 'wave', 'count' => '1', 'length' => '42 mm', 'after' => '45'] + $ends, '% longer'],
            'Cord stretch' => [
                ['knot' => 'stretch', 'cord.fibre' => 'elastic-braid', 'before' => '20', 'after' => '26'],
                '30% longer when pulled',
            ],
            'Square knot' => [['beads' => '12 mm'], '% shorter'],
        ] as $name => [$fields, $told]) {
            $page = $this->add($fields);
            self::assertStringContainsString($name, $page->filter('.sample')->text());
            self::assertStringContainsString($told, $page->filter('.sample')->text());
        }
        $this->browser->request('GET', '/samples/samples.json');
        $saved = json_decode($this->browser->getInternalResponse()->getContent(), true);
        self::assertIsArray($saved);
        $fields = [];
        foreach (\is_array($saved['samples']) ? $saved['samples'] : [] as $sample) {
            self::assertIsArray($sample);
            $fields[] = array_values(array_intersect(['count', 'core', 'length'], array_keys($sample)));
        }
        self::assertSame(
            [['count', 'core', 'length'], [], ['count', 'core', 'length'], ['count'], ['length']],
            $fields,
            'the last taken first, each with its own fields',
        );
        $this->browser->request('POST', '/samples', ['s' => ['knot' => 'braid', 'length' => ''] + self::SAMPLE]);
        self::assertSelectorTextContains('#s-length-fault', self::says('said.sample-length-wanted'));
        self::assertSelectorExists('#s-knot option[value=braid][selected]');
    }

    public function testLengthsAreMeantInTheMakersUnit(): void
    {
        $this->browser->request('POST', '/settings', ['unit' => 'in']);
        $page = $this->add(['length' => '1 7/8', 'before' => '31 1/2', 'after' => '17 3/4']);
        self::assertStringContainsString('1 7/8', $page->filter('.sample')->text());
        self::assertStringContainsString('shorter', $page->filter('.sample')->text());
    }

    public function testSamplesAreSavedByTheirSchemaAndReadByTheCommand(): void
    {
        $this->add();
        $this->add(
            [
                'knot' => 'barrel', 'turns' => '3', 'count' => '6', 'length' => '23 mm', 'after' => '64',
                'cord.fibre' => 'leather',
            ],
        );
        $this->browser->request('GET', '/samples/samples.json');
        $json = $this->browser->getInternalResponse()->getContent();
        $schema = (string) file_get_contents(\dirname(__DIR__, 4).'/docs/samples.schema.json');
        $result = (new Validator())->validate(json_decode($json), $schema);
        self::assertTrue($result->isValid(), (string) $result);

        $file = (string) tempnam(sys_get_temp_dir(), 'samples');
        file_put_contents($file, $json);
        $tester = new CommandTester((new Application(self::bootKernel()))->find('rinkel:learn'));
        self::assertSame(0, $tester->execute(['file' => $file]));
        self::assertMatchesRegularExpression('/^push\t[+-]0\.\d{4}\t0\.\d{4}\n/', $tester->getDisplay());
        self::assertMatchesRegularExpression('/^square\tpolyester 1 mm\tpitch -0\.\d/m', $tester->getDisplay());
        self::assertMatchesRegularExpression('/^barrel\tleather 1 mm\t/m', $tester->getDisplay());

        file_put_contents($file, str_replace('"after": "45 cm"', '"after": "79 cm"', $json));
        self::assertSame(1, $tester->execute(['file' => $file]));
        self::assertStringContainsString('A knot can’t use only', $tester->getDisplay());
        self::assertSame(1, $tester->execute(['file' => $file.'.none']));
        unlink($file);
    }

    /**
     * @param array<string, string> $changed
     */
    private function add(array $changed = []): Crawler
    {
        $this->browser->request('POST', '/samples', ['s' => $changed + self::SAMPLE]);
        self::assertResponseStatusCodeSame(303);

        return $this->browser->followRedirect();
    }

    private function press(Crawler $page, string $button): void
    {
        $this->browser->submit($page->selectButton($button)->form());
        self::assertResponseStatusCodeSame(303);
    }
}
