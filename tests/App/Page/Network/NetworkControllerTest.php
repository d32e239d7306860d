<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Network;

use Rinkel\App\Pairing\PairedDevices;
use Rinkel\App\Platform\Database\ChangeStamp;
use Rinkel\Tests\App\WebCase;

final class NetworkControllerTest extends WebCase
{
    public function testWhoIsInIsListedNamedAndRemoved(): void
    {
        $devices = self::getContainer()->get(PairedDevices::class);
        $devices->pair('Mozilla/5.0 (Linux; Android 14)');
        $page = $this->browser->request('GET', '/network');
        self::assertResponseIsSuccessful();
        self::assertSame('Android', $page->filter('#devices input[name=name]')->attr('value'));
        self::assertSelectorTextContains('main', self::says('network.closed'));

        $this->browser->submit($page->filter('#devices form')->first()->form(['name' => 'Phone <b>']));
        $page = $this->browser->followRedirect();
        self::assertSame('Phone <b>', $page->filter('#devices input[name=name]')->attr('value'));
        $this->browser->submit($page->filter('#devices form')->eq(1)->form());
        self::assertCount(0, $this->browser->followRedirect()->filter('#devices li'));
        self::assertSame([], $devices->all());
    }

    public function testWithoutANetworkThereIsNoWord(): void
    {
        $this->browser->request('POST', '/network/word');
        self::assertResponseRedirects('/network');
        $this->browser->request('POST', '/network/devices/'.str_repeat('0', 32).'/remove');
        self::assertResponseRedirects('/network');
    }

    public function testEachChangeIsANumber(): void
    {
        $stamp = self::getContainer()->get(ChangeStamp::class);
        $before = $stamp->now();
        $this->browser->request('GET', '/changes');
        self::assertSame((string) $before, $this->browser->getResponse()->getContent(), 'looking changes nothing');
        $this->lay();
        self::assertGreaterThan($before, $stamp->now());
        self::assertFalse($this->browser->getResponse()->headers->has('X-Rinkel-Stamp'));
    }
}
