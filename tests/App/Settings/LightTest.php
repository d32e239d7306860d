<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Settings;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Settings\Light;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;

final class LightTest extends TestCase
{
    /**
     * @param array<string, mixed> $cookies
     */
    #[DataProvider('provideCookies')]
    public function testOnlyWhatCanBeChosenIs(array $cookies, string $chosen): void
    {
        $requests = new RequestStack();
        $requests->push(new Request(cookies: $cookies));

        self::assertSame($chosen, (new Light($requests))->chosen());
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string}>
     */
    public static function provideCookies(): iterable
    {
        yield 'none' => [[], 'system'];
        yield 'by lamp' => [['scheme' => 'lamp'], 'lamp'];
        yield 'by day' => [['scheme' => 'day'], 'day'];
        yield 'no light' => [['scheme' => 'purple'], 'system'];
        yield 'several' => [['scheme' => ['lamp']], 'system'];
    }

    public function testWithoutARequestItIsTheSystems(): void
    {
        self::assertSame('system', (new Light(new RequestStack()))->chosen());
    }
}
