<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Http;

use PHPUnit\Framework\Attributes\DataProvider;
use Rinkel\Tests\App\WebCase;

final class OriginGuardTest extends WebCase
{
    /**
     * @param array<string, string> $headers
     */
    #[DataProvider('provideOrigins')]
    public function testWritesComeFromOwnPagesOnly(array $headers, bool $allowed): void
    {
        $piece = $this->lay();
        $this->browser->setServerParameters($headers);
        $this->browser->request('POST', '/pieces/'.$piece->id().'/duplicate');

        self::assertResponseStatusCodeSame($allowed ? 303 : 403);
    }

    /**
     * @return iterable<string, array{array<string, string>, bool}>
     */
    public static function provideOrigins(): iterable
    {
        yield 'own page' => [['HTTP_SEC_FETCH_SITE' => 'same-origin'], true];
        yield 'typed address' => [['HTTP_SEC_FETCH_SITE' => 'none'], true];
        yield 'other site' => [['HTTP_SEC_FETCH_SITE' => 'cross-site', 'HTTP_ORIGIN' => 'http://localhost'], false];
        yield 'sibling site' => [['HTTP_SEC_FETCH_SITE' => 'same-site'], false];
        yield 'old browser, own origin' => [['HTTP_ORIGIN' => 'http://localhost'], true];
        yield 'old browser, other origin' => [['HTTP_ORIGIN' => 'http://elsewhere.example'], false];
        yield 'old browser, other port' => [['HTTP_ORIGIN' => 'http://localhost:81'], false];
        yield 'old browser, own referer' => [['HTTP_REFERER' => 'http://localhost/pieces/1'], true];
        yield 'old browser, opaque origin' => [['HTTP_ORIGIN' => 'null'], false];
        yield 'nothing said' => [[], false];
    }

    public function testPagesLoadOwnFilesOnlyAndNoInlineScript(): void
    {
        $page = $this->browser->request('GET', '/pieces/'.$this->lay()->id());
        $policy = (string) $this->browser->getResponse()->headers->get('Content-Security-Policy');

        self::assertStringContainsString("default-src 'none'; script-src 'self'; style-src 'self'", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
        self::assertCount(0, $page->filter('script:not([src]), [style], [onclick], [onload]'));
        foreach ([
            ...$page->filter('script')->extract(['src']),
            ...$page->filter('link')->extract(['href']),
        ] as $address) {
            self::assertIsString($address);
            self::assertStringStartsWith('/build/', $address);
        }
    }

    public function testTheLightIsRemembered(): void
    {
        $this->browser->request(
            'POST',
            '/scheme',
            ['scheme' => 'lamp'],
            [],
            ['HTTP_REFERER' => 'http://localhost/?archive=1'],
        );
        self::assertResponseRedirects('/settings', 303, 'never to where somebody else says');
        self::assertSame('lamp', $this->browser->followRedirect()->filter('html')->attr('data-scheme'));
    }
}
