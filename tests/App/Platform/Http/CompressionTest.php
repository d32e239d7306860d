<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Http;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Platform\Http\Compression;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\HttpKernelInterface;

final class CompressionTest extends TestCase
{
    #[DataProvider('provideAnswers')]
    public function testALongTextIsCompressedForBrowsersThatTakeIt(
        string $content,
        string $type,
        string $takes,
        bool $isSmaller,
    ): void {
        $response = new Response($content, 200, [
            'Content-Type' => $type, 'Content-Length' => (string) \strlen($content),
        ]);
        $request = Request::create('/', server: ['HTTP_ACCEPT_ENCODING' => $takes]);
        (new Compression())(new ResponseEvent(
            self::createStub(HttpKernelInterface::class),
            $request,
            HttpKernelInterface::MAIN_REQUEST,
            $response,
        ));

        self::assertSame($isSmaller ? 'gzip' : null, $response->headers->get('Content-Encoding'));
        self::assertSame(!$isSmaller, $response->headers->has('Content-Length'));
        $sent = (string) $response->getContent();
        self::assertSame($content, $isSmaller ? gzdecode($sent) : $sent);
    }

    /**
     * @return iterable<string, array{string, string, string, bool}>
     */
    public static function provideAnswers(): iterable
    {
        $long = str_repeat('<p>knot</p>', 200);
        yield 'a page' => [$long, 'text/html', 'gzip, deflate', true];
        yield 'a document' => [$long, 'application/json', 'br, gzip', true];
        yield 'a drawing' => [$long, 'image/svg+xml', 'gzip', true];
        yield 'a photo' => [$long, 'image/jpeg', 'gzip', false];
        yield 'a short text' => ['<p>knot</p>', 'text/html', 'gzip', false];
        yield 'a browser that takes none' => [$long, 'text/html', '', false];
    }
}
