<?php

declare(strict_types=1);

namespace Rinkel\Tests\Served;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Backup\DatabaseMove;
use Symfony\Component\Process\Process;

/**
 * A test against Rinkel as it is served: by several workers, over a database of its own that can be taken away, filled
 * up or broken.
 */
abstract class ServedCase extends TestCase
{
    protected string $folder;
    protected string $address = '';

    /** @var list<Process> */
    private array $servers = [];

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/rinkel-served-'.getmypid().'-'.bin2hex(random_bytes(4));
        mkdir($this->folder, 0o700);
    }

    protected function tearDown(): void
    {
        $this->stop();
        (new Process(['rm', '-rf', $this->folder]))->run();
    }

    protected function database(): string
    {
        return $this->folder.'/rinkel.sqlite';
    }

    /**
     * Returns where the database is: a file, or one of a PostgreSQL that runs beside the tests.
     */
    protected function where(): string
    {
        $postgres = getenv('RINKEL_POSTGRES');
        if (false === $postgres || '' === $postgres) {
            return $this->database();
        }
        $name = 'served_'.substr(hash('xxh64', $this->folder), 0, 12);
        $connection = DatabaseMove::open($postgres.'/rinkel');
        if (false === $connection->fetchOne('SELECT 1 FROM pg_database WHERE datname = ?', [$name])) {
            $connection->executeStatement('CREATE DATABASE '.$name);
        }

        return $postgres.'/'.$name;
    }

    /**
     * Runs a console command over this test's database; returns its code and what it said.
     *
     * @param list<string> $command
     *
     * @return array{int, string}
     */
    protected function console(array $command): array
    {
        $process = new Process(
            [\PHP_BINARY, 'bin/console', ...$command],
            \dirname(__DIR__, 2),
            $this->environment(),
            null,
            60,
        );
        $process->run();

        return [(int) $process->getExitCode(), $process->getOutput().$process->getErrorOutput()];
    }

    protected function migrate(): void
    {
        [$code, $said] = $this->console(['doctrine:migrations:migrate', '--no-interaction', '--quiet']);
        self::assertSame(0, $code, $said);
    }

    protected function serve(int $workers = 4): void
    {
        $port = self::freePort();
        $this->address = 'http://127.0.0.1:'.$port;
        $this->servers[] = $server = new Process(
            [
                'setsid',
                \PHP_BINARY,
                '-d',
                'opcache.enable_cli=1',
                '-d',
                'variables_order=EGPCS',
                '-d',
                'max_input_vars=5000',
                '-d',
                'post_max_size=24M',
                '-d',
                'upload_max_filesize=20M',
                '-d',
                'max_file_uploads=60',
                '-S',
                '127.0.0.1:'.$port,
                '-t',
                'public',
                $this->router(),
            ],
            \dirname(__DIR__, 2),
            $this->environment() + ['PHP_CLI_SERVER_WORKERS' => (string) $workers],
            null,
            null,
        );
        $server->disableOutput();
        $server->start();
        for ($i = 0; $i < 200 && false === @file_get_contents($this->address.'/build/mark.svg'); ++$i) {
            usleep(25_000);
        }
    }

    /**
     * Returns the script through which every request goes.
     */
    protected function router(): string
    {
        return 'public/router.php';
    }

    /**
     * Where the server writes its faults; another than that of the tests that run beside it.
     */
    protected function log(): string
    {
        return $this->folder.'/rinkel.log';
    }

    /**
     * Ends every server with all its workers.
     */
    protected function stop(int $signal = \SIGTERM): void
    {
        foreach ($this->servers as $server) {
            posix_kill(-(int) $server->getPid(), $signal);
            $server->stop(1, $signal);
        }
        $this->servers = [];
    }

    /**
     * Returns the status and the body of an answer; status 0 when there was none.
     *
     * @param array<string, mixed>|null $post    null to get
     * @param list<string>              $headers
     *
     * @return array{int, string, array<string, string>}
     */
    protected function ask(string $path, ?array $post = null, array $headers = ['HX-Request: true']): array
    {
        $context = ['http' => [
            'method' => null === $post ? 'GET' : 'POST',
            'header' => implode(
                "\r\n",
                [
                    'Content-Type: application/x-www-form-urlencoded',
                    'Sec-Fetch-Site: same-origin',
                    'Connection: close',
                    ...$headers,
                ],
            ),
            'content' => http_build_query($post ?? []),
            'ignore_errors' => true,
            'follow_location' => 0,
            'timeout' => 20,
        ]];
        $http_response_header = [];
        $body = @file_get_contents($this->address.$path, false, stream_context_create($context));
        $found = [];
        foreach ($http_response_header as $line) {
            [$name, $value] = explode(':', $line, 2) + [1 => ''];
            $found[strtolower($name)] = trim($value);
        }

        return [
            false === $body ? 0 : (int) (explode(' ', $http_response_header[0] ?? '')[1] ?? 0),
            (string) $body,
            $found,
        ];
    }

    /**
     * Lays a plain band and returns its path.
     */
    protected function lay(): string
    {
        [$status, , $headers] = $this->ask(
            '/pieces',
            ['construction' => 'square-knot-band', 'place' => 'wrist', 'girth' => '16', 'unit' => 'cm'],
        );
        self::assertSame(303, $status);

        return (string) parse_url($headers['location'] ?? '', \PHP_URL_PATH);
    }

    protected function version(string $path): string
    {
        preg_match('/data-version="(\d+)"/', $this->ask($path)[1], $match);

        return $match[1] ?? '';
    }

    /**
     * @param list<array<string, mixed>> $acts
     *
     * @return array{int, string, array<string, string>}
     */
    protected function act(string $path, array $acts, ?string $version = null): array
    {
        $acts = array_map(
            static fn (array $act): array => $act + ['id' => bin2hex(random_bytes(8)), 'in' => 'cm'],
            $acts,
        );

        return $this->ask(
            $path,
            ['acts' => json_encode($acts, \JSON_THROW_ON_ERROR), 'version' => $version ?? $this->version($path)],
        );
    }

    /**
     * @return array<string, string|false>
     */
    protected function environment(): array
    {
        return [
            'APP_ENV' => 'test',
            'APP_DEBUG' => '0',
            'SYMFONY_DOTENV_VARS' => false,
            'RINKEL_DATABASE' => $this->where(),
            'HOST' => '',
            'RINKEL_JOBS' => 'doctrine://queue?auto_setup=0',
            'RINKEL_LOG' => $this->log(),
        ];
    }

    protected static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        \assert(false !== $socket);
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }
}
