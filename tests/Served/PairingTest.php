<?php

declare(strict_types=1);

namespace Rinkel\Tests\Served;

/**
 * Other machines see nothing of Rinkel before somebody typed its pairing word on them.
 */
final class PairingTest extends ServedCase
{
    private string $word = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->word = 'reef-knot-'.bin2hex(random_bytes(4));
    }

    public function testADeviceIsPairedByTheWordAndByNothingElse(): void
    {
        $this->migrate();
        $this->serve(1);
        $there = ['Host: workshop.local'];
        self::assertSame(200, $this->ask('/', headers: [])[0], 'this machine needs no word');
        foreach (['/', '/people', '/data/rinkel.zip', '/log.json', '/nowhere'] as $path) {
            [$status, $body] = $this->ask($path, headers: $there);
            self::assertSame(401, $status, $path);
            self::assertStringContainsString('Pairing word', $body);
            self::assertStringNotContainsString('Samples', $body);
        }
        self::assertSame(401, $this->ask('/people', ['name' => 'Nobody'], $there)[0]);
        self::assertSame(401, $this->ask('/', headers: [...$there, 'HX-Request: true'])[0]);
        self::assertSame(401, $this->ask('/', headers: [...$there, 'Cookie: rinkel-paired=true'])[0]);
        self::assertSame(401, $this->ask('/', headers: ['X-Forwarded-For: 192.168.1.9', ...$there])[0]);
        self::assertSame(422, $this->ask('/pair', ['word' => 'half-hitch-1'], $there)[0]);
        [$status, , $headers] = $this->ask(
            '/pair',
            ['word' => strtoupper(str_replace('-', ' ', $this->word)), 'to' => '//elsewhere.example'],
            $there,
        );
        self::assertSame([303, '/'], [$status, $headers['location'] ?? '']);
        $cookie = explode(';', $headers['set-cookie'] ?? '')[0];
        [$status, , $headers] = $this->ask('/people', headers: [...$there, 'Cookie: '.$cookie]);
        self::assertSame(200, $status);
        self::assertStringNotContainsString('public', $headers['cache-control'] ?? '');
        self::assertStringNotContainsString(
            'public',
            $this->ask('/data/rinkel.zip', headers: [...$there, 'Cookie: '.$cookie])[2]['cache-control'] ?? '',
        );
    }

    public function testACustomersLinkNeedsNoWordAndOpensNothingElse(): void
    {
        $this->migrate();
        $this->serve(1);
        $there = ['Host: workshop.local'];
        $this->ask('/orders', ['o[for]' => 'Somebody']);
        $page = $this->ask('/orders/1/link', ['days' => '7'])[1];
        self::assertSame(1, preg_match('~/for/[0-9a-f]{48}~', $page, $link));

        self::assertSame(200, $this->ask($link[0], headers: $there)[0]);
        self::assertSame(303, $this->ask($link[0], ['note' => 'From afar'], $there)[0]);
        self::assertSame(
            403,
            $this->ask($link[0], ['note' => 'From elsewhere'], [...$there, 'Sec-Fetch-Site: cross-site'])[0],
        );
        self::assertStringContainsString('From afar', $this->ask('/orders/1')[1]);
        foreach (['/for/../orders/1', '/for//../orders', $link[0].'/../../orders', '/orders/1', '/'] as $path) {
            [$status, $body] = $this->ask($path, headers: $there);
            self::assertContains($status, [401, 404], $path);
            self::assertStringNotContainsString('Somebody', $body, $path);
        }
        self::assertSame(404, $this->ask('/for/'.str_repeat('a', 48), headers: $there)[0]);
    }

    public function testGuessingIsLimited(): void
    {
        $this->migrate();
        $this->serve(1);
        $there = ['Host: workshop.local'];
        $statuses = array_map(
            fn (int $i): int => $this->ask('/pair', ['word' => 'guess-'.$i], $there)[0],
            range(1, 12),
        );
        self::assertSame([...array_fill(0, 10, 422), 429, 429], $statuses);
        self::assertSame(429, $this->ask('/pair', ['word' => $this->word], $there)[0], 'nobody looks any more');
    }

    public function testWithoutAWordNothingIsServedToOthers(): void
    {
        $this->word = 'short';
        $this->migrate();
        $this->serve(1);
        [$status, $body] = $this->ask('/', headers: ['Host: workshop.local']);
        self::assertSame(401, $status);
        self::assertStringContainsString('Pairing word', $body);
        self::assertSame(
            422,
            $this->ask('/pair', ['word' => 'short'], ['Host: workshop.local'])[0],
            'too short to be one',
        );
        self::assertSame(200, $this->ask('/', headers: [])[0]);
    }

    public function testWhatIsRefusedCarriesTheGuardsToo(): void
    {
        $this->migrate();
        $this->serve(1);
        foreach (['/', '/build/app.css'] as $path) {
            [$status, , $headers] = $this->ask($path, headers: ['Host: rebound.example']);
            self::assertSame(421, $status);
            self::assertStringContainsString("default-src 'none'", $headers['content-security-policy'] ?? '', $path);
        }
    }

    protected function environment(): array
    {
        return ['HOST' => 'workshop.local', 'RINKEL_WORD' => $this->word] + parent::environment();
    }
}
