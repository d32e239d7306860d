<?php

declare(strict_types=1);

namespace Rinkel\Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Symfony\Component\Process\Process;

/**
 * A customer opens their link on a phone that was never let in, chooses, and its maker uses the choice.
 */
final class CustomerTest extends BrowserCase
{
    private ?Process $server = null;
    private ?RemoteWebDriver $phone = null;

    protected function tearDown(): void
    {
        $this->phone?->quit();
        $this->server?->stop(1);
        parent::tearDown();
    }

    public function testALinkAllowsAChoiceAndNothingMore(): void
    {
        $port = Stage::freePort();
        $this->server = Stage::serve($port, ['HOST' => 'workshop.local', 'RINKEL_WORD' => '']);
        $here = 'http://127.0.0.1:'.$port;
        $there = 'http://workshop.local:'.$port;
        $phone = $this->phone = Stage::browser('phone', '--host-resolver-rules=MAP workshop.local 127.0.0.1');
        $phone->manage()->window()->setSize(new WebDriverDimension(390, 844));

        $this->driver->get($here.'/new');
        $this->type('new-girth', '16 cm');
        $this->pick('#families .is-around button[value=square-knot-band]');
        $this->untilReady();
        $this->driver->get($here.'/orders');
        $this->type('o-for', 'Somebody');
        $this->read('document.querySelector("fieldset input[type=checkbox]").click()');
        $this->find('#ask')->click();
        $this->until('return !!document.querySelector("#things li")');
        $order = $this->driver->getCurrentURL();
        $this->find('#customer form:last-of-type button')->click();
        $this->until('return !!document.querySelector("#link")');
        $link = $there.parse_url((string) $this->find('#link')->getAttribute('value'), \PHP_URL_PATH);

        // On the phone: a size that is none is said beside its field, then one that is.
        $phone->get($link);
        $girth = $phone->findElement(WebDriverBy::id('girth-1'));
        self::assertSame('16 cm', $girth->getAttribute('value'));
        $girth->clear()->sendKeys('wide');
        $phone->findElement(WebDriverBy::cssSelector('button'))->click();
        self::assertSame('true', $phone->findElement(WebDriverBy::id('girth-1'))->getAttribute('aria-invalid'));
        $phone->findElement(WebDriverBy::id('girth-1'))->clear()->sendKeys('17.5');
        $phone->findElement(WebDriverBy::id('note'))->sendKeys('As soon as you can');
        $phone->findElement(WebDriverBy::cssSelector('button'))->click();
        self::assertTrue($phone->findElement(WebDriverBy::id('answered'))->isDisplayed());
        self::assertLessThanOrEqual(390, $phone->executeScript('return document.documentElement.scrollWidth'));
        foreach (['/', (string) parse_url($order, \PHP_URL_PATH), '/people'] as $path) {
            $phone->get($there.$path);
            self::assertStringContainsString('Pair', $phone->getTitle(), $path);
        }

        $this->driver->get($order);
        self::assertStringContainsString('As soon as you can', $this->text('#answer'));
        $this->find('#answer button.act')->click();
        $this->until('return document.querySelector("#things .hint")?.innerText.includes("17.5 cm")');
        $this->find('#customer form button')->click();
        $this->until('return document.querySelectorAll("#customer form").length === 1');
        $phone->get($link);
        self::assertCount(0, $phone->findElements(WebDriverBy::id('girth-1')), 'withdrawn');
    }
}
