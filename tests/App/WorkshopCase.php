<?php

declare(strict_types=1);

namespace Rinkel\Tests\App;

use Symfony\Component\DomCrawler\Crawler;

/**
 * A test in a workshop: each member has a browser of their own, of which the cookies are kept apart.
 */
abstract class WorkshopCase extends WebCase
{
    protected const PASSWORD = 'three grey cords';

    /** @var array<string, list<\Symfony\Component\BrowserKit\Cookie>> by name */
    private array $cookies = [];

    /**
     * Makes a workshop of Rinkel: Ada is its owner, and signed in.
     *
     * @return string the word for Bo, the second person
     */
    protected function begin(string $role = 'helper'): string
    {
        $this->browser->request('POST', '/workshop', [
            'own' => 'Ada', 'password' => self::PASSWORD, 'name' => 'Bo', 'role' => $role,
        ]);
        self::assertResponseIsSuccessful();
        $this->keep('Ada');

        return $this->browser->getCrawler()->filter('#word-shown')->text();
    }

    /**
     * Somebody signs in by their word and chooses a password.
     */
    protected function come(string $name, string $word): void
    {
        $this->browser->getCookieJar()->clear();
        $this->browser->request('POST', '/sign-in/password', [
            'name' => $name, 'password' => $word, 'new' => self::PASSWORD.' of '.$name,
        ]);
        self::assertResponseRedirects('/');
        $this->keep($name);
    }

    /**
     * From here on the browser is that of $name; of nobody when "".
     */
    protected function as(string $name): void
    {
        $this->browser->getCookieJar()->clear();
        foreach ($this->cookies[$name] ?? [] as $cookie) {
            $this->browser->getCookieJar()->set($cookie);
        }
    }

    protected function add(string $name, string $role): string
    {
        return $this->browser->request('POST', '/workshop', compact('name', 'role'))->filter('#word-shown')->text();
    }

    protected function get(string $path): Crawler
    {
        return $this->browser->request('GET', $path);
    }

    protected function code(): int
    {
        return $this->browser->getResponse()->getStatusCode();
    }

    private function keep(string $name): void
    {
        $this->cookies[$name] = array_values($this->browser->getCookieJar()->all());
    }
}
