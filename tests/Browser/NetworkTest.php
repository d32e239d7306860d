<?php

declare(strict_types=1);

namespace Rinkel\Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverWait;
use Symfony\Component\Process\Process;

/**
 * A phone is let in by a word that the laptop shows once; then both make the same piece, each seeing what the other
 * did.
 */
final class NetworkTest extends BrowserCase
{
    private ?Process $server = null;
    private ?RemoteWebDriver $phone = null;

    protected function tearDown(): void
    {
        $this->phone?->quit();
        $this->server?->stop(1);
        parent::tearDown();
    }

    public function testAPhoneIsPairedAndBothMakeAPiece(): void
    {
        $port = Stage::freePort();
        $this->server = Stage::serve($port, ['HOST' => 'workshop.local', 'RINKEL_WORD' => '']);
        $here = 'http://127.0.0.1:'.$port;
        $there = 'http://workshop.local:'.$port;
        $phone = $this->phone = Stage::browser('phone', '--host-resolver-rules=MAP workshop.local 127.0.0.1');
        $phone->manage()->window()->setSize(new WebDriverDimension(390, 844));

        // The phone sees nothing before it is let in.
        $phone->get($there.'/');
        self::assertStringContainsString('Pair', $phone->getTitle());
        self::assertStringNotContainsString('workshop', $phone->getPageSource());

        // The laptop shows a word, once.
        $this->driver->get($here.'/network');
        $this->find('#network-in ~ form button')->click();
        $this->until('return !!document.querySelector("#word-shown")');
        $word = $this->text('#word-shown');
        self::assertMatchesRegularExpression('/^[a-z0-9]{4}(-[a-z0-9]{4}){2}$/', $word);
        self::assertTrue($this->find('#network-word svg.qr')->isDisplayed());
        $this->driver->get($here.'/network');
        self::assertStringNotContainsString($word, $this->driver->getPageSource());

        // By the address in the code the word stands there already; a wrong one says so.
        $phone->get($there.'/pair?word=half-hitch-knot');
        $phone->findElement(WebDriverBy::cssSelector('button'))->click();
        $this->phoneShows('That’s not the pairing word');
        $phone->get($there.'/pair?word='.$word);
        $phone->findElement(WebDriverBy::cssSelector('button'))->click();
        $this->phoneShows('Work');
        $phone->get($there.'/network');
        self::assertStringContainsString('only let devices in on the machine', $phone->getPageSource());

        // A second phone cannot use the same word.
        $second = Stage::browser('second', '--host-resolver-rules=MAP workshop.local 127.0.0.1');
        $second->get($there.'/pair?word='.$word);
        $second->findElement(WebDriverBy::cssSelector('button'))->click();
        $source = $second->getPageSource();
        $second->quit();
        self::assertStringContainsString('Pair', $source);

        // The laptop lays a piece; what is typed there shows on the phone within a second or so, and the other way
        // round.
        $this->driver->get($here.'/new');
        $this->type('new-girth', '16 cm');
        $this->pick('#families .is-around button[value=square-knot-band]');
        $this->untilReady();
        $path = (string) parse_url($this->driver->getCurrentURL(), \PHP_URL_PATH);
        $phone->get($there.$path);
        $this->type('wearer-girth', '17.5');
        $this->phoneIs('return document.querySelector("#wearer-girth")?.value === "17.5 cm"');

        $girth = $phone->findElement(WebDriverBy::id('wearer-girth'));
        $girth->clear();
        $girth->sendKeys("18\t");
        $this->read('document.activeElement.blur()');
        $this->until('return document.querySelector("#wearer-girth")?.value === "18 cm"');

        // Removed, it is out at once.
        $this->driver->get($here.'/network');
        $this->find('#devices form:nth-of-type(2) button')->click();
        $this->until('return !document.querySelector("#devices li")');
        $phone->get($there.$path);
        self::assertStringContainsString('Pair', $phone->getTitle());
    }

    private function phoneShows(string $text): void
    {
        $this->phoneIs('return document.body.innerText.includes('.json_encode($text).')');
    }

    private function phoneIs(string $script): void
    {
        self::assertNotNull($this->phone);
        (new WebDriverWait($this->phone, 6, 50))->until(
            static fn (RemoteWebDriver $phone): bool => true === $phone->executeScript($script),
            'The phone waited in vain for '.$script,
        );
        $this->addToAssertionCount(1);
    }
}
