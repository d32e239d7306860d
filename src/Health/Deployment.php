<?php

declare(strict_types=1);

namespace Rinkel\App\Health;

use Rinkel\App\Platform\Http\SecurityHeaders;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * Looks at how Rinkel is set up where others reach it: its environment, PHP, the folders, and how it answers from
 * outside.
 */
final readonly class Deployment
{
    private const EXTENSIONS = ['intl', 'mbstring', 'sqlite3', 'dom', 'gd', 'zip', 'exif', 'xmlreader', 'Zend OPcache'];

    /** What nobody should be given. */
    private const SECRETS = [
        '/.env', '/../.env', '/var/rinkel.sqlite', '/composer.json', '/router.php', '/build/../../.env',
    ];

    /** Characters of a secret, at least. */
    private const SECRET = 32;

    /** Seconds that an answer may take here. */
    private const PATIENCE = 5;

    public function __construct(
        #[Autowire('%kernel.environment%')]
        private string $environment,
        #[Autowire('%kernel.debug%')]
        private bool $isDebug,
        #[Autowire('%env(APP_SECRET)%')]
        private string $secret,
        #[Autowire('%env(HOST)%')]
        private string $host,
        #[Autowire('%kernel.project_dir%')]
        private string $folder,
    ) {}

    /**
     * @return list<HealthFinding>
     */
    public function settings(): array
    {
        $missing = array_filter(self::EXTENSIONS, static fn (string $one): bool => !\extension_loaded($one));
        $shut = array_filter(
            ['var', 'var/cache', 'var/log'],
            fn (string $folder): bool => !is_dir($this->folder.'/'.$folder) || !is_writable($this->folder.'/'.$folder),
        );

        return [
            'prod' === $this->environment && !$this->isDebug
                ? HealthFinding::fine('environment', 'production')
                : HealthFinding::bad(
                    'environment',
                    'APP_ENV is '.$this->environment.'; set APP_ENV=prod and APP_DEBUG=0',
                ),
            \strlen($this->secret) >= self::SECRET
                ? HealthFinding::fine('secret', 'is your own')
                : HealthFinding::look('secret', 'APP_SECRET is the one everybody has: set 32 random characters'),
            [] === $missing
                ? HealthFinding::fine('php', \PHP_VERSION.' with all extensions')
                : HealthFinding::bad('php', 'extensions are missing: '.implode(', ', $missing)),
            [] === $shut
                ? HealthFinding::fine('folders', 'can be written to')
                : HealthFinding::bad('folders', 'cannot be written to: '.implode(', ', $shut)),
            is_file($this->folder.'/public/build/manifest.json')
                ? HealthFinding::fine('assets', 'are built')
                : HealthFinding::bad('assets', 'are not built: run bin/build-assets'),
            '' === trim($this->host)
                ? HealthFinding::look('names', 'HOST is empty: only this machine is answered')
                : HealthFinding::fine('names', $this->host),
        ];
    }

    /**
     * Asks it from outside, as a browser and as somebody who should not get in.
     *
     * @return list<HealthFinding>
     */
    public function answers(string $address): array
    {
        $address = rtrim($address, '/');
        [$status, $headers] = $this->ask($address.'/');
        if (0 === $status) {
            return [HealthFinding::bad('address', $address.' does not answer')];
        }
        $found = [
            $status < 500 ? HealthFinding::fine(
                'address',
                $address.' answers '.$status,
            ) : HealthFinding::bad('address', $address.' answers '.$status),
            str_starts_with($address, 'https:') || 1 === preg_match('~^http://(localhost|127\.|\[::1\])~', $address)
                ? HealthFinding::fine('encryption', 'as it should be')
                : HealthFinding::look('encryption', 'none: what is typed can be read on the way'),
        ];
        foreach (['' => $headers, 'files' => $this->ask($address.'/build/manifest.json')[1]] as $of => $sent) {
            $lacks = array_diff(array_map(strtolower(...), array_keys(SecurityHeaders::ALL)), array_keys($sent));
            $what = trim('headers '.$of);
            $found[] = [] === $lacks
                ? HealthFinding::fine($what, 'are there')
                : HealthFinding::bad($what, 'are missing: '.implode(', ', $lacks));
        }
        foreach (self::SECRETS as $path) {
            [$status, , $body] = $this->ask($address.$path);
            if ($status < 400 && 1 === preg_match('/APP_ENV|SQLite format|"require"|<\?php/', $body)) {
                $found[] = HealthFinding::bad('files', $path.' is served to everybody');
            }
        }
        [$status] = $this->ask($address.'/people', ['Origin: https://elsewhere.example'], 'POST');
        $found[] = \in_array($status, [401, 403, 421], true)
            ? HealthFinding::fine('strangers', 'another site changes nothing ('.$status.')')
            : HealthFinding::bad('strangers', 'a post from another site was answered with '.$status);

        return $found;
    }

    /**
     * @param list<string> $headers
     *
     * @return array{int, array<string, string>, string} status, 0 when nobody answers, headers and body
     */
    private function ask(string $address, array $headers = [], string $method = 'GET'): array
    {
        $stream = @fopen($address, 'r', false, stream_context_create(['http' => [
            'method' => $method, 'header' => $headers, 'ignore_errors' => true, 'timeout' => self::PATIENCE,
            'follow_location' => 0,
            'content' => 'POST' === $method ? 'name=nobody' : '',
        ]]));
        if (false === $stream) {
            return [0, [], ''];
        }
        $body = stream_get_contents($stream, 20_000);
        [$status, $sent] = [0, []];
        $lines = stream_get_meta_data($stream)['wrapper_data'] ?? [];
        foreach (\is_array($lines) ? array_filter($lines, is_string(...)) : [] as $line) {
            [$name, $value] = explode(':', $line, 2) + ['', ''];
            $sent[strtolower(trim($name))] = trim($value);
            $status = 1 === preg_match('~^HTTP/\S+ (\d+)~', $line, $match) ? (int) $match[1] : $status;
        }

        return [$status, $sent, (string) $body];
    }
}
