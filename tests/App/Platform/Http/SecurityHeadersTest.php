<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Http;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Platform\Http\SecurityHeaders;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\HttpKernelInterface;

final class SecurityHeadersTest extends TestCase
{
    public function testNothingComesFromElsewhereIntoAPage(): void
    {
        $response = $this->sent(new Response());

        foreach (SecurityHeaders::ALL as $name => $value) {
            self::assertSame($value, $response->headers->get($name));
        }
        $policy = (string) $response->headers->get('Content-Security-Policy');
        self::assertStringStartsWith("default-src 'none'", $policy);
        self::assertDoesNotMatchRegularExpression('/unsafe|https?:|\*/', $policy);
    }

    public function testADrawingBringsItsOwnStylesAndNothingElse(): void
    {
        $named = 'Content-Security-Policy';
        $drawing = $this->sent(new Response(headers: [$named => SecurityHeaders::DRAWING]));
        self::assertSame(SecurityHeaders::DRAWING, $drawing->headers->get($named));
        self::assertSame('nosniff', $drawing->headers->get('X-Content-Type-Options'));

        $looser = $this->sent(new Response(headers: [$named => "default-src 'self'"]));
        self::assertSame(SecurityHeaders::ALL[$named], $looser->headers->get($named), 'no page has its own');
    }

    private function sent(Response $response): Response
    {
        (new SecurityHeaders())(new ResponseEvent(
            self::createStub(HttpKernelInterface::class),
            Request::create('/'),
            HttpKernelInterface::MAIN_REQUEST,
            $response,
        ));

        return $response;
    }
}
