<?php

declare(strict_types=1);

namespace Rinkel\Tests\Browser;

use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\Process\Process;

/**
 * A customer opens their link on a phone that was never let in, chooses, and its maker uses the choice.
 */
final class CustomerTest extends BrowserCase
{
    private ?Process $server = null;
    private ?Visitor $phone = null;

    protected function tearDown(): void
    {
        // The page asks for changes every second: it is left before its server goes.
        $this->driver->get('about:blank');
        $this->phone?->quit();
        $this->server?->stop(1);
        parent::tearDown();
    }

    #[Group('slow')]
    public function testALinkAllowsAChoiceAndNothingMore(): void
    {
        $port = Stage::freePort();
        $this->server = Stage::serve($port, ['HOST' => 'workshop.local', 'RINKEL_WORD' => '']);
        $here = 'http://127.0.0.1:'.$port;
        $there = 'http://workshop.local:'.$port;
        $phone = $this->phone = new Visitor('phone', $there);

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
        $link = (string) parse_url((string) $this->find('#link')->getAttribute('value'), \PHP_URL_PATH);

        // On the phone: a size that is none is said beside its field, then one that is.
        $phone->open($link);
        $phone->until('return document.querySelector("#girth-1").value === "16 cm"');
        $phone->type('girth-1', 'wide');
        $phone->press('button');
        $phone->until('return document.querySelector("#girth-1").getAttribute("aria-invalid") === "true"');
        $phone->type('girth-1', '17.5');
        $phone->type('note', 'As soon as you can');
        $phone->press('button');
        $phone->finds('#answered');
        self::assertSame(0, $phone->overflow());
        foreach (['/', (string) parse_url($order, \PHP_URL_PATH), '/people'] as $path) {
            $phone->open($path);
            self::assertStringContainsString('Pair', $phone->title(), $path);
        }

        $this->driver->get($order);
        self::assertStringContainsString('As soon as you can', $this->text('#answer'));
        $this->find('#answer button.act')->click();
        $this->until('return document.querySelector("#things .hint")?.innerText.includes("17.5 cm")');
        $this->find('#customer form button')->click();
        $this->until('return document.querySelectorAll("#customer form").length === 1');
        $phone->open($link);
        $phone->until('return !document.querySelector("#girth-1")');
    }
}
