<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Node;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Pattern\Node\Focal;
use Rinkel\Core\Pattern\Node\Hang;
use Rinkel\Core\Pattern\Node\Mirror;

final class MiddleTest extends TestCase
{
    public function testItLiesInTheMiddleOfAMirror(): void
    {
        self::assertTrue((new Focal('moon'))->isMiddle());
        self::assertTrue((new Hang('leaf'))->isMiddle());
        self::assertFalse((new Mirror())->isMiddle());
    }
}
