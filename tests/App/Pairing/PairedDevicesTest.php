<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Pairing;

use Rinkel\App\Pairing\PairedDevice;
use Rinkel\App\Pairing\PairedDevices;
use Rinkel\Tests\App\WebCase;

final class PairedDevicesTest extends WebCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $devices = self::getContainer()->get(PairedDevices::class);
        array_map(static fn (PairedDevice $one) => $devices->remove($one->uid()), $devices->all());
    }

    public function testADeviceIsKnownByItsTokenUntilItIsRemoved(): void
    {
        $devices = self::getContainer()->get(PairedDevices::class);
        $phone = $devices->pair('Mozilla/5.0 (iPhone; CPU iPhone OS 17_0 like Mac OS X)');
        $other = $devices->pair('Mozilla/5.0 (Linux; Android 14)');

        self::assertTrue($devices->knows($phone));
        self::assertFalse($devices->knows(strrev($phone)));
        foreach (['', 'true', hash('sha256', $phone), $devices->all()[1]->proof()] as $wrong) {
            self::assertFalse($devices->knows($wrong), 'what the database holds lets nobody in');
        }
        $devices->remove($devices->all()[1]->uid());
        self::assertSame([false, true], [$devices->knows($phone), $devices->knows($other)]);
    }

    public function testDevicesAreToldApartByTheirNames(): void
    {
        $devices = self::getContainer()->get(PairedDevices::class);
        foreach ([
            'Mozilla/5.0 (Linux; Android 14)', 'Mozilla/5.0 (Linux; Android 15)', 'Mozilla/5.0 (X11; Linux x86_64)',
            'curl',
        ] as $browser) {
            $devices->pair($browser);
        }
        self::assertSame(
            ['Device', 'Linux', 'Android 2', 'Android'],
            array_map(static fn (PairedDevice $one): string => $one->name(), $devices->all()),
        );

        $first = $devices->all()[3];
        self::assertTrue($devices->rename($first->uid(), "  The phone \n at the board "));
        self::assertSame('The phone at the board', $devices->all()[3]->name());
        self::assertFalse($devices->rename($first->uid(), " \n"), 'a name is something');
        self::assertFalse($devices->rename(str_repeat('0', 32), 'Nobody'));
        $devices->rename($first->uid(), str_repeat('x', 100));
        self::assertSame(PairedDevices::LONGEST, mb_strlen($devices->all()[3]->name()));
    }
}
