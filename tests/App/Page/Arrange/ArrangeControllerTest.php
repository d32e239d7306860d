<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Arrange;

use Rinkel\Tests\App\WebCase;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\DomCrawler\Crawler;

final class ArrangeControllerTest extends WebCase
{
    private const BEADS = [
        'beads' => [
            'amber' => ['shape' => 'round', 'diameter' => '6 mm', 'colour' => '#c98a2b', 'stock' => 15],
            'sky' => ['shape' => 'round', 'diameter' => '8 mm', 'colour' => '#6fa3c4', 'stock' => 12],
        ],
    ];

    public function testOneOfSixIsTakenAndTakenBack(): void
    {
        $piece = $this->layBare('stretch', self::BEADS);
        $page = $this->browser->request('GET', '/pieces/'.$piece->id());
        $six = $this->browser->click($page->filter('#arrange-link')->link());
        self::assertResponseIsSuccessful();
        self::assertCount(6, $six->filter('.arrangements .kind'));
        self::assertCount(6, $six->filter('.arrangements svg[role=img]'));
        $button = $six->filter('#arrange-symmetric');
        $pattern = (string) $button->attr('value');
        $this->browser->request('POST', '/pieces/'.$piece->id(), [
            'version' => $six->filter('[name=version]')->attr('value'),
            'set' => ['pattern' => $pattern],
        ]);
        self::assertResponseStatusCodeSame(303);
        $taken = $this->browser->followRedirect();
        self::assertSame($pattern, $taken->filter('#pattern')->text());
        $back = $this->edit($piece, ['do' => 'undo']);
        self::assertNotSame($pattern, $back->filter('#pattern')->text());
    }

    public function testAnotherSixAndTheSixBefore(): void
    {
        $piece = $this->layBare('stretch', self::BEADS);
        $patterns = static fn (Crawler $page): array => $page->filter('.arrangements .kind')->extract(['value']);
        $first = $this->browser->request('GET', '/pieces/'.$piece->id().'/arrange');
        $second = $this->browser->click($first->filter('#another-six')->link());
        self::assertNotSame($patterns($first), $patterns($second));
        self::assertCount(0, $first->selectLink(self::says('arrange.before')), 'nothing comes before the first');
        $last = $this->browser->request('GET', '/pieces/'.$piece->id().'/arrange?seed=9999');
        self::assertStringEndsWith('seed=1', $last->filter('#another-six')->link()->getUri(), 'they come round');
        $last = $this->browser->request('GET', '/pieces/'.$piece->id().'/arrange?seed=9998');
        self::assertStringEndsWith('seed=9999', $last->filter('#another-six')->link()->getUri());
        $this->browser->request('GET', '/pieces/'.$piece->id().'/arrange?seed=2');
        $again = $this->browser->click($second->selectLink(self::says('arrange.before'))->link());
        self::assertSame($patterns($first), $patterns($again));
        foreach (['x', '-3', '99999999', '1.5'] as $seed) {
            $this->browser->request('GET', '/pieces/'.$piece->id().'/arrange?seed='.$seed);
            self::assertResponseIsSuccessful();
        }
        $this->browser->request('GET', '/pieces/'.$piece->id().'/arrange?seed[]=1');
        self::assertResponseIsSuccessful();
        $this->browser->request('GET', '/pieces/999999/arrange');
        self::assertResponseStatusCodeSame(404);
    }

    public function testAPatternWithoutBeadsSaysSo(): void
    {
        $piece = $this->lay();
        $page = $this->browser->request('GET', '/pieces/'.$piece->id().'/arrange');

        self::assertResponseIsSuccessful();
        self::assertCount(0, $page->filter('.arrangements .kind'));
        self::assertStringContainsString(self::says('arrange.none'), $page->text());
    }

    public function testTheCommandSaysTheSame(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'rinkel');
        file_put_contents($file, (string) json_encode(\Rinkel\Tests\Core\Examples::bare('stretch', self::BEADS)));
        $tester = new CommandTester((new Application($this->browser->getKernel()))->find('rinkel:arrange'));
        self::assertSame(0, $tester->execute(['file' => $file, '--seed' => '2']));
        $lines = explode("\n", trim($tester->getDisplay()));
        self::assertGreaterThan(3, \count($lines));
        $piece = $this->layBare('stretch', self::BEADS);
        $page = $this->browser->request('GET', '/pieces/'.$piece->id().'/arrange?seed=2');
        self::assertSame(
            $page->filter('.arrangements .kind')->extract(['value']),
            array_map(static fn (string $line): string => explode("\t", $line)[2] ?? '', $lines),
        );
        file_put_contents($file, '{}');
        self::assertSame(1, $tester->execute(['file' => $file]));
        unlink($file);
    }
}
