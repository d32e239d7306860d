<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Health;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Health\Deployment;
use Rinkel\App\Health\HealthFinding;
use Symfony\Component\Process\Process;

/**
 * A deployment is looked at from inside, and from outside by what a careless server answers.
 */
final class DeploymentTest extends TestCase
{
    /** A server that gives away whatever it has and lets everybody write. */
    private const CARELESS = <<<'PHP'
        <?php echo "APP_ENV=prod\n";
        PHP;

    public function testSettingsThatAreNotForServersAreFound(): void
    {
        $folder = \dirname(__DIR__, 3);
        $found = self::parts((new Deployment('dev', true, 'short', '', $folder))->settings());
        self::assertTrue($found['environment']->isBad);
        self::assertSame([false, false], [$found['secret']->isFine, $found['names']->isFine]);
        self::assertTrue($found['php']->isFine);

        $found = self::parts(
            (new Deployment('prod', false, str_repeat('k', 32), 'rinkel.example', $folder))->settings(),
        );
        self::assertSame([], array_filter($found, static fn (HealthFinding $one): bool => $one->isBad));
        self::assertSame('rinkel.example', $found['names']->says);
    }

    public function testAFolderWithoutRinkelIsBad(): void
    {
        $found = self::parts(
            (new Deployment(
                'prod',
                false,
                str_repeat('k', 32),
                'rinkel.example',
                sys_get_temp_dir().'/nowhere',
            ))->settings(),
        );

        self::assertSame([true, true], [$found['folders']->isBad, $found['assets']->isBad]);
    }

    public function testNobodyAnswers(): void
    {
        $found = (new Deployment('prod', false, '', '', ''))->answers('http://127.0.0.1:1');

        self::assertSame([true, 'address'], [$found[0]->isBad, $found[0]->what]);
        self::assertCount(1, $found);
    }

    public function testACarelessServerIsFoundOut(): void
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        \assert(false !== $socket);
        $address = (string) stream_socket_get_name($socket, false);
        fclose($socket);
        $router = (string) tempnam(sys_get_temp_dir(), 'careless');
        file_put_contents($router, self::CARELESS);
        $server = new Process(['php', '-S', $address, $router]);
        $server->start();
        try {
            $server->waitUntil(static fn (string $type, string $said): bool => str_contains($said, 'started'));
            $bad = array_filter(
                (new Deployment('prod', false, '', '', ''))->answers('http://'.$address.'/'),
                static fn (HealthFinding $one): bool => $one->isBad,
            );

            self::assertEqualsCanonicalizing(
                ['headers', 'headers files', 'files', 'strangers'],
                array_values(array_unique(array_map(static fn (HealthFinding $one): string => $one->what, $bad))),
            );
        } finally {
            $server->stop();
            unlink($router);
        }
    }

    /**
     * @param list<HealthFinding> $found
     *
     * @return array<string, HealthFinding>
     */
    private static function parts(array $found): array
    {
        return array_column($found, null, 'what');
    }
}
