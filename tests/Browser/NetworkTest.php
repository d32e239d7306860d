<?php

declare(strict_types=1);

namespace Rinkel\Tests\Browser;

use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\Process\Process;

/**
 * A phone is let in by a word that the laptop shows once; then both make the same piece, each seeing what the other
 * did.
 */
final class NetworkTest extends BrowserCase
{
    private ?Process $server = null;
    private ?Visitor $phone = null;
    private ?Visitor $second = null;

    protected function tearDown(): void
    {
        // The page asks for changes every second: it is left before its server goes.
        $this->driver->get('about:blank');
        $this->phone?->quit();
        $this->second?->quit();
        $this->server?->stop(1);
        parent::tearDown();
    }

    #[Group('slow')]
    public function testAPhoneIsPairedAndBothMakeAPiece(): void
    {
        $port = Stage::freePort();
        $this->server = Stage::serve($port, ['HOST' => 'workshop.local', 'RINKEL_WORD' => '']);
        $here = 'http://127.0.0.1:'.$port;
        $there = 'http://workshop.local:'.$port;
        $phone = $this->phone = new Visitor('phone', $there);

        // The phone sees nothing before it is let in.
        $phone->open('/');
        self::assertStringContainsString('Pair', $phone->title());
        self::assertStringNotContainsString('workshop', $phone->source());

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
        $phone->open('/pair?word=half-hitch-knot');
        $phone->press('button');
        $phone->sees('That’s not the pairing word');
        $phone->open('/pair?word='.$word);
        $phone->press('button');
        $phone->sees('Work');
        $phone->open('/network');
        self::assertStringContainsString('only let devices in on the machine', $phone->source());

        // A second phone cannot use the same word.
        $second = $this->second = new Visitor('second', $there);
        $second->open('/pair?word='.$word);
        $second->press('button');
        $second->sees('That’s not the pairing word');

        // The laptop lays a piece; what is typed there shows on the phone within a second or so, and the other way
        // round.
        $this->driver->get($here.'/new');
        $this->type('new-girth', '16 cm');
        $this->pick('#families .is-around button[value=square-knot-band]');
        $this->untilReady();
        $path = (string) parse_url($this->driver->getCurrentURL(), \PHP_URL_PATH);
        $phone->open($path);
        $this->type('wearer-girth', '17.5');
        $phone->until('return document.querySelector("#wearer-girth")?.value === "17.5 cm"');

        $phone->type('wearer-girth', "18\t");
        $this->read('document.activeElement.blur()');
        $this->until('return document.querySelector("#wearer-girth")?.value === "18 cm"');

        // Removed, it is out at once.
        $this->driver->get($here.'/network');
        $this->find('#devices form:nth-of-type(2) button')->click();
        $this->until('return !document.querySelector("#devices li")');
        $phone->open($path);
        self::assertStringContainsString('Pair', $phone->title());
    }
}
