<?php

declare(strict_types=1);

namespace Rinkel\Tests\Served;

use Symfony\Component\Process\Process;

/**
 * Who can reach Rinkel, and what is left of it when it is ended.
 */
final class ReachTest extends ServedCase
{
    public function testOnlyOwnNamesAreAnswered(): void
    {
        $this->migrate();
        $this->serve(1);
        foreach (['/', '/build/app.css', '/nowhere'] as $path) {
            self::assertSame(421, $this->ask($path, headers: ['Host: rebound.example'])[0], $path);
            self::assertNotSame(421, $this->ask($path, headers: ['Host: localhost:99'])[0], $path);
        }
    }

    public function testEveryAnswerCarriesTheSameGuards(): void
    {
        $this->migrate();
        $this->serve(1);
        foreach ([
            '/', '/build/app.js', '/build/fonts/sofia-sans-latin-400-normal.woff2', '/nowhere',
            '/build/nowhere.css',
        ] as $path) {
            [, , $headers] = $this->ask($path, headers: []);
            self::assertStringContainsString("default-src 'none'", $headers['content-security-policy'] ?? '', $path);
            self::assertSame('nosniff', $headers['x-content-type-options'] ?? '', $path);
            self::assertArrayNotHasKey('x-powered-by', $headers, $path);
        }
        self::assertSame(
            'font/woff2',
            $this->ask('/build/fonts/sofia-sans-latin-400-normal.woff2', headers: [])[2]['content-type'] ?? '',
        );
        self::assertSame(404, $this->ask('/index.php.bak', headers: [])[0]);
        self::assertSame(404, $this->ask('/router.php', headers: [])[0]);
    }

    public function testStylesAndScriptsComePackedToThoseWhoTakeThem(): void
    {
        $this->migrate();
        $this->serve(1);
        foreach (['/build/app.css', '/build/app.js'] as $path) {
            [, $plain, $as] = $this->ask($path, headers: []);
            [, $packed, $packedAs] = $this->ask($path, headers: ['Accept-Encoding: br, gzip']);
            self::assertSame('gzip', $packedAs['content-encoding'] ?? '');
            self::assertSame($as['content-type'] ?? '', $packedAs['content-type'] ?? '');
            self::assertSame($plain, gzdecode($packed));
            self::assertLessThan(0.5 * \strlen($plain), \strlen($packed));
            self::assertSame('Accept-Encoding', $as['vary'] ?? '', 'what is kept between is not mixed up');
            foreach (['identity', 'br', 'gzip;q=0'] as $takes) {
                [, $body, $headers] = $this->ask($path, headers: ['Accept-Encoding: '.$takes]);
                self::assertArrayNotHasKey('content-encoding', $headers, $takes);
                self::assertSame($plain, $body, $takes);
            }
        }
    }

    public function testABodyBeyondReasonIsToldAsThat(): void
    {
        $this->migrate();
        $this->serve(1);
        $path = $this->lay();
        [$status, $said] = $this->ask($path, ['version' => '1', 'f' => ['name' => str_repeat('x', 25_200_000)]]);
        self::assertSame(413, $status);
        self::assertStringContainsString('more than Rinkel can take at once', $said);
    }

    public function testNothingIsLeftWhenItsScriptIsKilled(): void
    {
        $port = self::freePort();
        $process = new Process(
            ['./rinkel', 'demo'],
            \dirname(__DIR__, 2),
            [
                'PORT' => (string) $port,
                'RINKEL_DATABASE' => $this->database(),
                'APP_ENV' => false,
                'APP_DEBUG' => false,
                'SYMFONY_DOTENV_VARS' => false,
                'HOST' => '',
            ],
            null,
            120,
        );
        $process->start();
        for ($i = 0; $i < 1200 && !str_contains($process->getOutput(), 'Rinkel is ready'); ++$i) {
            usleep(50_000);
        }
        self::assertStringContainsString('http://127.0.0.1:'.$port, $process->getOutput(), $process->getErrorOutput());
        self::assertTrue($this->isServed($port));
        posix_kill((int) $process->getPid(), \SIGKILL);
        $still = true;
        for ($i = 0; $i < 100 && $still; ++$i) {
            usleep(50_000);
            $still = $this->isServed($port);
        }
        self::assertFalse($still, 'the server noticed');
    }

    /**
     * @phpstan-impure
     */
    private function isServed(int $port): bool
    {
        return false !== @fsockopen('127.0.0.1', $port);
    }
}
