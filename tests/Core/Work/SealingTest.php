<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Work;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\How;
use Rinkel\Core\Work\Sealing;
use Rinkel\Core\Work\Tool;

final class SealingTest extends TestCase
{
    public function testVarnishIsVarnishAndAllElseIsGlued(): void
    {
        self::assertSame([How::Glue, Tool::Glue], [Sealing::Glue->how(), Sealing::Glue->tool()]);
        self::assertSame([How::Varnish, Tool::Varnish], [Sealing::Varnish->how(), Sealing::Varnish->tool()]);
    }
}
