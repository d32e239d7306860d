<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Files;

use Aws\S3\S3Client;
use League\Flysystem\AwsS3V3\AwsS3V3Adapter;
use League\Flysystem\Config;
use League\Flysystem\Filesystem;
use League\Flysystem\FilesystemException;
use League\Flysystem\FilesystemOperator;
use League\Flysystem\Local\LocalFilesystemAdapter;
use League\Flysystem\StorageAttributes;
use League\Flysystem\UnixVisibility\PortableVisibilityConverter;
use League\Flysystem\Visibility;
use Rinkel\App\Platform\LooseData;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * Where large files are: in the database unless it is said otherwise; in a folder, or in a store that speaks S3, as in
 * "s3://KEY:SECRET@host:9000/bucket/prefix?region=eu-1&tls=0".
 */
final class Store
{
    private ?FilesystemOperator $files = null;

    public function __construct(#[Autowire('%env(RINKEL_STORE)%')] private readonly string $where) {}

    /**
     * Returns whether files are kept beside the database.
     */
    public function isApart(): bool
    {
        return '' !== $this->where;
    }

    /**
     * @throws FilesystemException If it cannot be kept
     */
    public function keep(string $path, string $bytes): void
    {
        $this->files()->write($path, $bytes);
    }

    /**
     * Returns what is kept there; null for nothing.
     *
     * @throws FilesystemException If it cannot be asked: then nobody knows
     */
    public function read(string $path): ?string
    {
        return $this->files()->fileExists($path) ? $this->files()->read($path) : null;
    }

    /**
     * @throws FilesystemException
     */
    public function remove(string $path): void
    {
        $this->files()->delete($path);
    }

    /**
     * @return array<string, int> when each file in a folder was kept, in seconds since 1970, by its path
     *
     * @throws FilesystemException
     */
    public function in(string $folder): array
    {
        $found = [];
        foreach ($this->files()->listContents($folder) as $file) {
            if ($file instanceof StorageAttributes && $file->isFile()) {
                $found[$file->path()] = $file->lastModified() ?? 0;
            }
        }

        return $found;
    }

    private function files(): FilesystemOperator
    {
        return $this->files ??= str_starts_with($this->where, 's3://')
            ? new Filesystem(self::s3($this->where))
            : new Filesystem(
                new LocalFilesystemAdapter(
                    $this->where,
                    PortableVisibilityConverter::fromArray([], Visibility::PRIVATE),
                ),
                [Config::OPTION_VISIBILITY => Visibility::PRIVATE], // nobody else on this machine looks at them
            );
    }

    private static function s3(string $url): AwsS3V3Adapter
    {
        $of = parse_url($url) ?: [];
        parse_str($of['query'] ?? '', $more);
        $more = LooseData::of($more);
        [$bucket, $prefix] = explode('/', trim($of['path'] ?? '', '/'), 2) + ['', ''];

        return new AwsS3V3Adapter(new S3Client([
            'version' => 'latest',
            'region' => $more->raw('region') ?: 'us-east-1',
            'endpoint' => ('0' === $more->raw('tls') ? 'http' : 'https').'://'.($of['host'] ?? '')
                .(isset($of['port']) ? ':'.$of['port'] : ''),
            'use_path_style_endpoint' => true,
            'credentials' => [
                'key' => rawurldecode($of['user'] ?? ''), 'secret' => rawurldecode($of['pass'] ?? ''),
            ],
            'retries' => 2,
            'request_checksum_calculation' => 'when_required',
            'response_checksum_validation' => 'when_required',
            'http' => ['connect_timeout' => 3, 'timeout' => 20],
        ]), $bucket, $prefix);
    }
}
