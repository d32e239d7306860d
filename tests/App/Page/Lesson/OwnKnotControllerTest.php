<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Lesson;

use PHPUnit\Framework\Attributes\Group;
use Rinkel\App\Knots\OwnKnots;
use Rinkel\App\Knots\StoredKnot;
use Rinkel\App\Piece\Pieces;
use Rinkel\Core\Piece\KnotReader;
use Rinkel\Tests\App\WebCase;
use Rinkel\Tests\Core\FigureEight;

final class OwnKnotControllerTest extends WebCase
{
    private const WAY = ['way' => FigureEight::WAY, 'name' => 'figure eight'];

    public function testTheCordIsDrawnAndNamedWhileItIsLaid(): void
    {
        $page = $this->browser->request('GET', '/knots/draw');
        self::assertResponseIsSuccessful();
        self::assertSame(self::says('own.begin'), $page->filter('#draw-said')->text());
        self::assertNotNull($page->filter('#pull')->attr('disabled'));
        $page = $this->browser->request('GET', '/knots/draw', self::WAY);
        self::assertSame(self::says('own.is-figure-eight'), $page->filter('#draw-said')->text());
        self::assertCount(16, $page->filter('#knot-paper [data-place]'));
        self::assertCount(4, $page->filter('#knot-paper [data-crossing]'));
        self::assertNull($page->filter('#pull')->attr('disabled'));
        self::assertCount(4, $page->filter('button[name="deed"][value^="turn "]'));
    }

    /**
     * Without its script a deed goes to the address of what it leads to; with it the address is put in its place.
     */
    public function testADeedIsDoneOnce(): void
    {
        $this->browser->request('GET', '/knots/draw', self::WAY + ['deed' => 'turn 1']);
        self::assertResponseRedirects();
        $to = (string) $this->browser->getResponse()->headers->get('Location');
        self::assertStringContainsString('crossings=under%20under%20under%20over', $to);
        self::assertStringNotContainsString('deed', $to);
        $this->browser->request(
            'GET',
            '/knots/draw',
            self::WAY + ['deed' => 'turn 1'],
            server: ['HTTP_HX_REQUEST' => 'true'],
        );
        self::assertResponseIsSuccessful();
        self::assertSame($to, $this->browser->getResponse()->headers->get('HX-Replace-Url'));
    }

    public function testWhatCannotBePulledIsSaidAndKeptAsItWasTyped(): void
    {
        $page = $this->browser->request('GET', '/knots/draw', ['name' => 'bead', 'note' => 'A note.'] + self::WAY);
        $this->browser->submit($page->filter('#draw')->form());
        self::assertResponseStatusCodeSame(422);
        $page = $this->browser->getCrawler();
        self::assertStringContainsString('bead', $page->filter('#name-fault')->text());
        self::assertSame('bead', $page->filter('#own-name')->attr('value'));
        self::assertSame('A note.', $page->filter('#own-note')->text());
        self::assertSame(FigureEight::WAY, $page->filter('#own-way')->text());
        foreach (['way' => ['x'], 'crossings' => "\0", 'name' => str_repeat('a', 5000)] as $field => $odd) {
            $this->browser->request('GET', '/knots/draw', [$field => $odd, 'deed' => $odd] + self::WAY);
            self::assertLessThan(500, $this->browser->getResponse()->getStatusCode());
        }
    }

    public function testItsPageShowsItLaidAndTightAndGivesItAsAFile(): void
    {
        $stored = $this->kept();
        $page = $this->browser->request('GET', '/knots/own/'.$stored->uid());
        self::assertResponseIsSuccessful();
        self::assertCount(1, $page->filter('.lesson-frame'));
        self::assertStringContainsString('4.47', $page->filter('#own-figures')->text());
        self::assertStringContainsString('To stop beads.', $page->filter('.lesson')->text());
        $this->browser->request('GET', '/knots/own/'.$stored->uid().'.json');
        $file = json_decode((string) $this->browser->getResponse()->getContent(), true);
        self::assertIsArray($file);
        self::assertEquals(FigureEight::knot(), (new KnotReader())->read($file));
        $list = $this->browser->request('GET', '/knots');
        self::assertCount(1, $list->filter('a[href="/knots/own/'.$stored->uid().'"] svg'));

        $page = $this->browser->request('GET', '/knots/own/'.$stored->uid());
        $this->browser->submit($page->filter('form[action$="/delete"]')->form());
        self::assertResponseRedirects('/knots');
        $this->browser->request('GET', '/knots/own/'.$stored->uid());
        self::assertResponseStatusCodeSame(404);
        $this->browser->request('GET', '/knots/figure-eight');
        self::assertResponseStatusCodeSame(404);
    }

    public function testItIsTaughtLikeAnyOther(): void
    {
        $this->kept();
        $page = $this->browser->request(
            'GET',
            '/knots/figure-eight',
            ['frame' => '2', 'in' => 'typed', 'thickness' => '2 mm'],
        );
        self::assertResponseIsSuccessful();
        self::assertCount(5, $page->filter('.lesson-frames li svg'));
        self::assertSame('Lead the end on and over the cord.', $page->filter('#lesson-text')->text());
        self::assertStringContainsString('To stop beads.', $page->filter('.lesson > p')->text());
        self::assertNotSame('', $page->filter('#takes-facts')->text());
        $this->browser->request('GET', '/knots/figure-eight/card.pdf');
        self::assertStringStartsWith('%PDF', (string) $this->browser->getResponse()->getContent());
    }

    public function testAPieceTiesItByItsNameAndKeepsIt(): void
    {
        $stored = $this->kept();
        $piece = $this->layBare('spaced-knots');
        $page = $this->browser->request('GET', '/pieces/'.$piece->id());
        self::assertSame('Figure eight', $page->filter('#put button[value="put @ figure eight"]')->text());
        $this->edit($piece, ['pattern' => '(1 figure eight, gap 20 mm) x fit']);
        $document = self::again($piece);
        self::assertArrayHasKey('figure eight', \is_array($document['knots']) ? $document['knots'] : []);
        $this->edit($piece, ['pattern' => '3 overhand']);
        $this->edit($piece, ['do' => 'put - figure eight']);
        self::assertStringEndsWith(
            '1 figure eight',
            \is_string(self::again($piece)['pattern']) ? self::again($piece)['pattern'] : '',
        );

        $page = $this->browser->request('GET', '/knots/own/'.$stored->uid());
        $this->browser->submit($page->filter('form[action$="/delete"]')->form());
        $page = $this->browser->request('GET', '/pieces/'.$piece->id());
        self::assertResponseIsSuccessful();
        self::assertStringContainsString('figure eight', $page->filter('#pattern, [name="pattern"]')->text());
    }

    #[Group('slow')]
    public function testItIsPulledTightAndThere(): void
    {
        $page = $this->browser->request('GET', '/knots/draw', ['name' => 'achter', 'note' => 'Mine.'] + self::WAY);
        $this->browser->submit($page->filter('#draw')->form());
        self::assertResponseRedirects();
        $this->browser->followRedirect();
        $this->browser->followRedirect();
        self::assertResponseIsSuccessful();
        self::assertStringContainsString('Achter', $this->browser->getCrawler()->filter('h1')->text());
    }

    private function kept(): StoredKnot
    {
        return self::getContainer()->get(OwnKnots::class)->keep(FigureEight::knot(), 'To stop beads.');
    }

    /**
     * @return array<mixed>
     */
    private static function again(\Rinkel\App\Piece\StoredPiece $piece): array
    {
        return self::getContainer()->get(Pieces::class)->find($piece->id())?->document() ?? self::fail();
    }
}
