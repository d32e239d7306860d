<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Http;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Platform\Http\ServerTiming;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\HttpKernelInterface;

final class ServerTimingTest extends TestCase
{
    /**
     * W3C Server Timing: a name, and "dur" in milliseconds.
     */
    public function testAPageSaysHowLongItTook(): void
    {
        $said = $this->said(microtime(true) - 0.25, HttpKernelInterface::MAIN_REQUEST);
        self::assertNotNull($said);
        self::assertSame(1, preg_match('/^rinkel;dur=(\d+\.\d)$/', $said, $found));
        self::assertGreaterThanOrEqual(250.0, (float) $found[1]);
        self::assertLessThan(5000.0, (float) $found[1]);
        self::assertNull($this->said(microtime(true), HttpKernelInterface::SUB_REQUEST));
        self::assertNull($this->said(null, HttpKernelInterface::MAIN_REQUEST), 'nobody knows when it began');
    }

    private function said(?float $from, int $type): ?string
    {
        $request = Request::create('/');
        $request->server->set('REQUEST_TIME_FLOAT', $from);
        $response = new Response();
        $kernel = self::createStub(HttpKernelInterface::class);
        (new ServerTiming())(new ResponseEvent($kernel, $request, $type, $response));

        return $response->headers->get('Server-Timing');
    }
}
