<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Way;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

final class FocalWayTest extends TestCase
{
    public function testBothEndsAreEvenedAtLast(): void
    {
        $plan = Examples::planOf('single-focal');
        $body = Sheets::keys($plan, Part::Body);

        self::assertSame('even-ends', end($body));
        self::assertSame('stone', Sheets::said(Sheets::act($plan, 'even-ends'), 'bead'));
        self::assertSame(['look-hardly'], Sheets::looks(Sheets::act($plan, 'even-ends')));
    }
}
