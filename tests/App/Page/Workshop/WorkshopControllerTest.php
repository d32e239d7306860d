<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Workshop;

use PHPUnit\Framework\Attributes\DataProvider;
use Rinkel\App\Workshop\Reach;
use Rinkel\App\Workshop\Role;
use Rinkel\Tests\App\WorkshopCase;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\Routing\Route;
use Symfony\Component\Routing\RouterInterface;

final class WorkshopControllerTest extends WorkshopCase
{
    public function testOneMakerSignsInNowhere(): void
    {
        $this->get('/orders');
        self::assertResponseIsSuccessful();
        $this->get('/sign-in');
        self::assertResponseRedirects('/');
        $this->get('/me');
        self::assertResponseRedirects('/settings');
        self::assertCount(0, $this->get('/workshop')->filter('#members'));
    }

    public function testWithTheSecondPersonEverybodySignsIn(): void
    {
        $word = $this->begin();
        self::assertMatchesRegularExpression('/^[a-z0-9]{4}(-[a-z0-9]{4}){2}$/', $word);
        self::assertCount(2, $this->get('/workshop')->filter('#members li'));
        self::assertCount(0, $this->browser->getCrawler()->filter('#word-shown'), 'shown once');

        $this->as('');
        $this->get('/orders?closed=1');
        self::assertResponseRedirects('/sign-in?to=/orders?closed%3D1');
        $this->browser->request('POST', '/people', ['name' => 'Somebody']);
        self::assertSame(401, $this->code());
        self::assertStringContainsString('sign in', (string) $this->browser->getResponse()->getContent());
        self::assertStringNotContainsString('Ada', $this->get('/sign-in')->html());

        $this->browser->request('POST', '/sign-in', [
            'name' => ' ADA ', 'password' => self::PASSWORD, 'to' => '/orders',
        ]);
        self::assertResponseRedirects('/orders');
        $this->get('/orders');
        self::assertResponseIsSuccessful();
        $this->browser->request('POST', '/sign-out');
        $this->get('/orders');
        self::assertSame(303, $this->code());
    }

    /**
     * @param array<string, string> $typed
     */
    #[DataProvider('slips')]
    public function testASlipIsSaidBesideItsFieldAndNothingBegins(string $field, array $typed): void
    {
        $page = $this->browser->request('POST', '/workshop', $typed + [
            'own' => 'Ada', 'password' => self::PASSWORD, 'name' => 'Bo', 'role' => 'maker',
        ]);
        self::assertSame(422, $this->code());
        self::assertNotSame('', $page->filter('#'.$field.'-fault')->text());
        self::assertSame('true', $page->filter('#'.$field)->attr('aria-invalid'));
        self::assertSame($typed['name'] ?? 'Bo', $page->filter('#name')->attr('value'));
        $this->get('/orders');
        self::assertResponseIsSuccessful();
    }

    /**
     * @return iterable<string, array{string, array<string, string>}>
     */
    public static function slips(): iterable
    {
        yield 'no name' => ['own', ['own' => ' ']];
        yield 'both the same' => ['name', ['name' => 'ada']];
        yield 'a long name' => ['name', ['name' => str_repeat('n', 61)]];
        yield 'a short password' => ['password', ['password' => 'three grey']];
        yield 'one sign again and again' => ['password', ['password' => 'aaaaaaaaaaaaaaaa']];
        yield 'a password everybody tries' => ['password', ['password' => 'Password1234']];
        yield 'a password that is the name' => ['password', ['own' => 'Adalbertine', 'password' => 'adalbertine1']];
    }

    public function testAWordWorksOnceAndIsForOnePerson(): void
    {
        $word = $this->begin();
        $this->as('');
        $page = $this->browser->request('POST', '/sign-in', ['name' => 'bo', 'password' => strtoupper($word)]);
        self::assertStringContainsString('Bo', $page->filter('main')->text());
        $this->browser->request('POST', '/sign-in/password', ['name' => 'bo', 'password' => $word, 'new' => 'short']);
        self::assertSame(422, $this->code());
        self::assertNotSame('', $this->browser->getCrawler()->filter('#new-fault')->text());
        $this->browser->request('POST', '/sign-in', ['name' => 'Ada', 'password' => $word]);
        self::assertSame(422, $this->code());
        $this->come('Bo', $word);
        $this->get('/knots');
        self::assertResponseIsSuccessful();
        $this->as('');
        $this->browser->request('POST', '/sign-in', ['name' => 'Bo', 'password' => $word]);
        self::assertSame(422, $this->code());
    }

    /**
     * Every page and act, asked for by somebody of each role.
     */
    public function testEachReachesWhatTheTableSaysAndNothingMore(): void
    {
        $this->come('Bo', $this->begin());
        $this->as('Ada');
        $this->come('Cleo', $this->add('Cleo', 'maker'));
        $routes = self::getContainer()->get(RouterInterface::class)->getRouteCollection()->all();
        self::assertSame([], array_diff(Reach::named(), array_keys($routes)), 'the table names routes that are there');
        $refused = ['Bo' => 0, 'Cleo' => 0];
        foreach (['Bo' => Role::Helper, 'Cleo' => Role::Maker] as $who => $role) {
            foreach ($routes as $name => $route) {
                if (\in_array($name, ['sign_out', 'table'], true)) {
                    continue;
                }
                $this->as($who);
                $this->browser->request(self::method($route), self::path($route));
                self::assertSame($name, $this->browser->getRequest()->attributes->get('_route'));
                $wanted = Reach::of($name);
                $isRefused = 403 === $this->code();
                self::assertSame(null !== $wanted && !$role->reaches($wanted), $isRefused, $who.' '.$name);
                $refused[$who] += $isRefused ? 1 : 0;
            }
        }
        self::assertGreaterThan(60, $refused['Bo']);
        self::assertGreaterThan(12, $refused['Cleo']);
    }

    public function testAHelperBeginsAtTheBenchAndSeesNoWayElsewhere(): void
    {
        $this->come('Bo', $this->begin());
        $this->get('/');
        self::assertResponseRedirects('/bench');
        $links = $this->get('/bench')->filter('header a')->each(
            static fn (Crawler $a): string => (string) $a->attr('href'),
        );
        self::assertContains('/me', $links);
        self::assertNotContains('/', \array_slice($links, 1));
        self::assertNotContains('/stock', $links);
        self::assertNotContains('/new', $links);
        self::assertContains('/cut', $links);
        self::assertStringContainsString('helper', $this->get('/orders')->filter('main')->text());
    }

    public function testTheLastOwnerStaysOne(): void
    {
        $this->come('Bo', $this->begin('owner'));
        $this->as('Ada');
        [$ada, $bo] = $this->uids();
        $this->browser->request('POST', '/workshop/'.$ada, ['name' => 'Ada', 'role' => 'maker']);
        self::assertResponseRedirects('/workshop');
        $this->as('Bo');
        foreach (['', '/word', '/remove'] as $act) {
            $page = $this->browser->request('POST', '/workshop/'.$bo.$act, ['name' => 'Bo', 'role' => 'helper']);
            self::assertSame(422, $this->code(), $act);
            self::assertStringContainsString('only owner', $page->filter('#members')->text());
        }
    }

    public function testANewWordSignsOutEverywhere(): void
    {
        $this->come('Bo', $this->begin());
        $this->as('Ada');
        [, $bo] = $this->uids();
        $word = $this->browser->request('POST', '/workshop/'.$bo.'/word')->filter('#word-shown')->text();
        $this->as('Bo');
        $this->get('/knots');
        self::assertSame(303, $this->code());
        $this->browser->request('POST', '/sign-in', ['name' => 'Bo', 'password' => self::PASSWORD.' of Bo']);
        self::assertSame(422, $this->code());
        $this->come('Bo', $word);
    }

    public function testAPasswordIsChangedByWhoKnowsIt(): void
    {
        $this->begin();
        $page = $this->browser->request('POST', '/me/password', ['password' => 'not this one', 'new' => 'short']);
        self::assertSame(422, $this->code());
        self::assertCount(2, $page->filter('main .fault'));
        $before = $this->browser->getCookieJar()->all();
        $this->browser->request('POST', '/me/password', ['password' => self::PASSWORD, 'new' => 'four green beads']);
        self::assertResponseRedirects('/me?kept=1');
        $this->get('/me');
        self::assertResponseIsSuccessful();
        $this->browser->getCookieJar()->clear();
        array_map($this->browser->getCookieJar()->set(...), $before);
        $this->get('/me');
        self::assertSame(303, $this->code(), 'another browser is signed out');
    }

    public function testAfterTenWrongPasswordsNobodyLooks(): void
    {
        $this->begin();
        $this->as('');
        for ($i = 0; $i < 10; ++$i) {
            $this->browser->request('POST', '/sign-in', ['name' => 'Ada', 'password' => 'wrong '.$i]);
            self::assertSame(422, $this->code());
        }
        $page = $this->browser->request('POST', '/sign-in', ['name' => 'Ada', 'password' => self::PASSWORD]);
        self::assertSame(429, $this->code());
        self::assertStringContainsString('ten minutes', $page->filter('#password-fault')->text());
        $this->browser->request('POST', '/sign-in', ['name' => 'Bo', 'password' => 'wrong']);
        self::assertSame(422, $this->code(), 'another name is looked at');
    }

    /**
     * Whoever leaves is out at once; when one is left nobody signs in, and what was theirs holds.
     */
    public function testWhoIsLeftWorksAlone(): void
    {
        $this->come('Bo', $this->begin());
        $this->as('Ada');
        $this->browser->request('POST', '/settings', ['tension' => 'firm', 'language' => 'nl', 'rate' => '20']);
        [, $bo] = $this->uids();
        $this->browser->request('POST', '/workshop/'.$bo.'/remove');
        $this->as('');
        $page = $this->get('/settings');
        self::assertResponseIsSuccessful();
        self::assertSame('firm', $page->filter('input[name=tension][checked]')->attr('value'));
        self::assertSame('nl', $page->filter('html')->attr('lang'));
        self::assertSame('20', $page->filter('#rate')->attr('value'));
        // The next one who comes finds the owner there.
        self::assertCount(0, $this->get('/workshop')->filter('#own'));
        self::assertNotSame('', $this->add('Dov', 'maker'));
        $this->get('/settings');
        self::assertSame(303, $this->code());
    }

    /**
     * @return list<string> of the members, as they stand on the page
     */
    private function uids(): array
    {
        return array_map(
            static fn (\DOMNode $form): string => $form instanceof \DOMElement
                ? basename($form->getAttribute('action'))
                : '',
            array_values(iterator_to_array($this->get('/workshop')->filter('#members li form:first-child'))),
        );
    }

    private static function method(Route $route): string
    {
        return $route->getMethods()[0] ?? 'GET';
    }

    private static function path(Route $route): string
    {
        return (string) preg_replace_callback('/\{(\w+)\}/', static fn (array $of): string => match ($of[1]) {
            'uid', 'token' => str_repeat('0', (int) (1 === preg_match(
                '/\{(\d+)\}/',
                (string) $route->getRequirement($of[1]),
                $many,
            ) ? $many[1] : 32)),
            'id', 'number' => '1',
            default => 1 === preg_match('/^[a-z-]+(?=\||$)/', (string) $route->getRequirement($of[1]), $first)
                ? $first[0]
                : 'square',
        }, $route->getPath());
    }
}
