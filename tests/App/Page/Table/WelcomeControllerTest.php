<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Table;

use Rinkel\App\Kept\Everything;
use Rinkel\App\Settings\Preferences;
use Rinkel\Tests\App\WebCase;

final class WelcomeControllerTest extends WebCase
{
    /**
     * Her browser says which language she reads until she does; what she sets says it from then on.
     */
    public function testItSpeaksAsTheBrowserAsksUntilSomebodyChooses(): void
    {
        $title = fn (string $asked): string => $this->browser->request(
            'GET',
            '/',
            server: ['HTTP_ACCEPT_LANGUAGE' => $asked],
        )
            ->filter('h1')->text();
        self::assertSame('Welkom bij Rinkel', $title('nl-BE,nl;q=0.8,en;q=0.5'));
        self::assertSame(self::says('welcome.title'), $title('fr'));
        $this->browser->request('POST', '/welcome', ['language' => 'en', 'unit' => 'in', 'hand' => 'left']);
        self::assertResponseRedirects('/');
        self::assertSame(self::says('welcome.title'), $title('nl'));
        $page = $this->browser->request('GET', '/');
        self::assertNotNull($page->filter('#hand-left')->attr('checked'));
        self::assertStringContainsString('in inches', $page->filter('label[for=new-girth]')->text());
        $this->browser->request('POST', '/welcome', ['unit' => 'furlong', 'hand' => ['x']]);
        self::assertResponseRedirects('/');
        self::assertSame(
            'in',
            self::getContainer()->get(Preferences::class)->unit()->value,
            'nonsense changes nothing',
        );
    }

    /**
     * Examples come and go with one press each; what a maker made meanwhile stays, and what she set.
     */
    public function testExamplesGoAsTheyCame(): void
    {
        $before = $this->present();
        $this->browser->submit($this->browser->request('GET', '/')->filter('#look-around')->form());
        $page = $this->browser->followRedirect();
        self::assertCount(1, $page->filter('#examples'));
        self::assertGreaterThan(60, \count($this->present()));
        self::assertSame('17', self::getContainer()->get(Preferences::class)->all()['rate']);

        $mine = $this->lay(['name' => 'My own']);
        $uid = $mine->uid();
        $this->browser->request('POST', '/stock', ['kind' => 'glue', 'c' => ['name' => 'Paste', 'cure' => '12 h']]);
        self::getContainer()->get(Preferences::class)->keep(['rate' => '21']);
        $this->browser->submit($this->browser->request('GET', '/')->filter('#examples form')->form());
        $page = $this->browser->followRedirect();
        self::assertCount(0, $page->filter('#examples'));
        $left = implode(' ', array_diff($this->present(), $before));
        self::assertMatchesRegularExpression('/^settings \w+ stock \w+ piece \w+$/', $left);
        self::assertContains('piece '.$uid, $this->present());
        self::assertSame('21', self::getContainer()->get(Preferences::class)->all()['rate'], 'she set it herself');
        self::assertSame('', self::getContainer()->get(Preferences::class)->all()['factor']);
        // Where there are pieces, none are laid.
        $this->browser->request('POST', '/examples');
        self::assertCount(3, array_diff($this->present(), $before));
    }

    /**
     * @return list<string>
     */
    private function present(): array
    {
        $present = [];
        foreach (self::getContainer()->get(Everything::class)->all() as $word => $kind) {
            foreach ($kind->uids() as $uid) {
                $present[] = $word.' '.$uid;
            }
        }

        return $present;
    }
}
