<?php

declare(strict_types=1);

namespace Rinkel\Tests\Served;

use Symfony\Component\Process\Process;

/**
 * The client in docs/api.md does what it says, against Rinkel as it is served.
 */
final class ApiTest extends ServedCase
{
    public function testTheClientInTheDocumentWorks(): void
    {
        $this->migrate();
        $this->serve();
        preg_match('/```python\n(.*?)```/s', (string) file_get_contents(\dirname(__DIR__, 2).'/docs/api.md'), $found);
        $script = $this->folder.'/client.py';
        file_put_contents($script, $found[1] ?? '');
        $client = new Process(['python3', $script, $this->address]);
        $client->mustRun();

        self::assertMatchesRegularExpression('/^Cut: 2 x [\d.]+ mm/m', $client->getOutput());
        self::assertStringContainsString('Kept: 1', $client->getOutput());
        $client->mustRun();
        self::assertStringContainsString('Kept: 1', $client->getOutput(), 'sent again, the same key is done once');
    }

    public function testAProgramOnAnotherDeviceNeedsItsToken(): void
    {
        $this->migrate();
        [$code, $token] = $this->console(['rinkel:pair', '--program', 'A script']);
        self::assertSame(0, $code);
        $this->serve(1);
        $ask = fn (string $token): int => $this->ask(
            '/api/v1/pieces',
            headers: ['Host: workshop.local', 'Authorization: Bearer '.$token],
        )[0];
        self::assertSame([401, 200], [$ask('nothing'), $ask(trim($token))]);
    }

    protected function environment(): array
    {
        return ['HOST' => 'workshop.local'] + parent::environment();
    }
}
