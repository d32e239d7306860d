<?php

declare(strict_types=1);

namespace Rinkel\Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Symfony\Component\Process\Process;

/**
 * Starts a server on the test database, a driver and a browser when the first browser test asks, and ends them with the
 * run.
 */
final class Stage
{
    private static ?RemoteWebDriver $driver = null;
    private static string $address = '';

    public static function driver(): RemoteWebDriver
    {
        return self::$driver ??= self::start();
    }

    public static function address(): string
    {
        return self::$address;
    }

    private static function start(): RemoteWebDriver
    {
        // Ctrl-C ends by way of the shutdown function below, so that no browser stays behind.
        pcntl_async_signals(true);
        foreach ([\SIGINT, \SIGTERM] as $signal) {
            pcntl_signal($signal, static fn (): never => exit(130));
        }
        $port = self::freePort();
        self::$address = 'http://127.0.0.1:'.$port;
        $server = self::serve($port);
        register_shutdown_function(static function () use ($server): void {
            $server->stop(1);
        });

        return self::browser();
    }

    /**
     * Serves the test database there, until whoever asked stops it.
     *
     * @param array<string, string> $environment further variables
     */
    public static function serve(int $port, array $environment = []): Process
    {
        return self::run(
            [
                \PHP_BINARY,
                '-d',
                'opcache.enable_cli=1',
                '-d',
                'variables_order=EGPCS',
                '-d',
                'max_input_vars=5000',
                '-S',
                '127.0.0.1:'.$port,
                '-t',
                'public',
                'public/router.php',
            ],
            \dirname(__DIR__, 2),
            $port,
            [
                'APP_ENV' => 'test',
                'APP_DEBUG' => '0',
                'SYMFONY_DOTENV_VARS' => false,
                'PHP_CLI_SERVER_WORKERS' => false,
            ] + $environment,
        );
    }

    /**
     * Starts a driver and a browser, ended with the run.
     *
     * @param string ...$arguments further ones of the browser
     */
    public static function browser(string $name = '', string ...$arguments): RemoteWebDriver
    {
        $root = \dirname(__DIR__, 2);
        $driverPort = self::freePort();
        $chromedriver = self::run(['chromedriver', '--port='.$driverPort, '--silent'], $root, $driverPort, []);
        $profile = sys_get_temp_dir().'/rinkel-browser-'.getmypid().$name;
        $options = (new ChromeOptions())->setBinary(__DIR__.'/chromium.sh')->addArguments([
            '--headless', '--no-sandbox', '--disable-gpu', '--disable-software-rasterizer',
            '--disable-gpu-rasterization', '--num-raster-threads=1', '--disable-dev-shm-usage',
            '--disable-quic', '--no-first-run',
            '--disable-background-networking', '--disable-component-update', '--disable-sync', '--hide-scrollbars',
            '--force-device-scale-factor=1', '--lang=en-GB', '--accept-lang=en-GB', '--window-size=1280,800',
            '--user-data-dir='.$profile, ...$arguments,
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY_W3C, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $driver = RemoteWebDriver::create('http://127.0.0.1:'.$driverPort, $capabilities, 20_000, 60_000);
        register_shutdown_function(static function () use ($driver, $profile, $chromedriver): void {
            try {
                $driver->quit();
            } catch (\Throwable) {
                // Ctrl-C has ended the driver already; its browser is ended below.
            }
            $chromedriver->stop(1);
            (new Process(['pkill', '-f', $profile]))->run();
            (new Process(['rm', '-rf', $profile]))->run();
        });

        return $driver;
    }

    /**
     * @param list<string>                $command
     * @param array<string, string|false> $environment
     */
    private static function run(array $command, string $root, int $port, array $environment): Process
    {
        $process = new Process($command, $root, $environment, null, null);
        $process->disableOutput();
        $process->start();
        for ($i = 0; $i < 200; ++$i) {
            $socket = @fsockopen('127.0.0.1', $port);
            if (false !== $socket) {
                fclose($socket);

                return $process;
            }
            usleep(50_000);
        }
        throw new \RuntimeException($command[0].' did not start.');
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        \assert(false !== $socket);
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }
}
