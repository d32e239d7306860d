<?php

declare(strict_types=1);

namespace Rinkel\Tests\Browser;

use Rinkel\App\Backup\DatabaseMove;
use Symfony\Component\Process\Process;

/**
 * Three people, each in a browser of their own: the owner adds a maker and a helper, the maker designs, the helper
 * makes, and each sees what the others did.
 */
final class WorkshopTest extends BrowserCase
{
    private ?Process $server = null;

    /** @var list<Visitor> */
    private array $visitors = [];

    protected function tearDown(): void
    {
        // The page asks for changes every second: it is left before its server goes.
        $this->driver->get('about:blank');
        foreach ($this->visitors as $visitor) {
            $visitor->quit();
        }
        $this->server?->stop(1);
        // The other tests go on as one maker.
        $connection = DatabaseMove::open((string) getenv('RINKEL_DATABASE'));
        foreach (['sign_in', 'member', 'deed'] as $table) {
            $connection->executeStatement('DELETE FROM '.$table);
        }
        parent::tearDown();
    }

    public function testThreePeopleWorkTogether(): void
    {
        $port = Stage::freePort();
        $this->server = Stage::serve($port, ['HOST' => 'workshop.local', 'RINKEL_WORD' => '']);
        $site = 'http://workshop.local:'.$port;

        // The owner, on the machine itself.
        $this->driver->get('http://127.0.0.1:'.$port.'/workshop');
        $this->type('own', 'Ada');
        $this->type('password', 'three grey cords');
        $this->type('name', 'Bo');
        $this->find('#role')->sendKeys('maker');
        $this->find('#add-member button')->click();
        $this->untilShown('#word-shown');
        $bosWord = $this->text('#word-shown');
        $this->type('name', 'Cleo');
        $this->find('#role')->sendKeys('helper');
        $this->find('#add-member button')->click();
        $this->until('return document.querySelectorAll("#members li").length === 3');
        $cleosWord = $this->text('#word-shown');
        self::assertNotSame($bosWord, $cleosWord);

        // The maker signs in on a laptop, by the word first, and designs.
        $bo = $this->visitors[] = new Visitor('bo', $site, 1280);
        $this->signIn($bo, 'Bo', $bosWord);
        $bo->open('/new');
        $bo->type('new-girth', '16 cm');
        $bo->until('return document.querySelector("#families .is-around button[value=square-knot-band]")
            .closest("details").open = true');
        $bo->press('#families .is-around button[value=square-knot-band]');
        $bo->until('return !!document.querySelector("#piece")');
        $piece = $bo->path();
        $bo->press('#make-it');
        $bo->until('return location.pathname.startsWith("/boards/")');
        $board = $bo->path();

        // The helper signs in on a phone, finds no way to designs, and makes.
        $cleo = $this->visitors[] = new Visitor('cleo', $site);
        $this->signIn($cleo, 'Cleo', $cleosWord);
        $cleo->until('return location.pathname === "/bench"');
        $cleo->open($piece);
        $cleo->sees('Not yours to see');
        $cleo->open($board);
        $cleo->press('form[action$="/one"] button');

        // The owner sees both in the record, and the maker's board follows the helper's taps.
        $this->driver->wait(30, 200)->until(function () use ($port): bool {
            $this->driver->get('http://127.0.0.1:'.$port.'/workshop/record');

            return str_contains($this->text('main ol'), 'Cleo worked at the board');
        });
        self::assertStringContainsString('Bo began a design', $this->text('main ol'));

        // Removed, the helper is out with their next page.
        $this->driver->get('http://127.0.0.1:'.$port.'/workshop');
        $this->find('[data-member=Cleo] form[action$=remove] button')->click();
        $this->until('return document.querySelectorAll("#members li").length === 2');
        $cleo->open($board);
        $cleo->until('return location.pathname === "/sign-in"');
        $bo->open($board);
        $bo->until('return location.pathname.startsWith("/boards/")');
    }

    private function signIn(Visitor $who, string $name, string $word): void
    {
        $who->open('/');
        $who->type('name', $name);
        $who->type('password', $word);
        $who->press('button.act');
        $who->finds('#new');
        $who->type('new', 'a long password of '.$name);
        $who->press('button.act');
        $who->finds('#me-link');
        self::assertSame(0, $who->overflow());
    }
}
