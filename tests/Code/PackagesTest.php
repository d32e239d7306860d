<?php

declare(strict_types=1);

namespace Rinkel\Tests\Code;

use Composer\Semver\Semver;
use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\TestCase;

/**
 * The set-up lets packages be newer than they ask PHP to be; that is for one of them only, and all stand at the exact version that
 * was tested.
 */
#[CoversNothing]
final class PackagesTest extends TestCase
{
    /** The last that has all it needs here was released before PHP 8.2 was; StockTablesTest has it write and read. */
    private const OLDER = ['openspout/openspout'];

    public function testOnlyOnePackageIsOlderThanPhp(): void
    {
        $older = array_filter(
            array_column(self::packages(), 'php', 'name'),
            static fn (string $asks): bool => !Semver::satisfies('8.2.30', $asks),
        );
        self::assertSame(self::OLDER, array_keys($older));
    }

    public function testEveryPackageStandsAtItsVersion(): void
    {
        $asked = self::asked('composer.json') + self::asked('packages/pins/composer.json');
        foreach (self::packages() as $package) {
            if ('rinkel/pins' !== $package['name']) {
                self::assertSame($asked[$package['name']] ?? 'no version', $package['version'], $package['name']);
            }
        }
    }

    /**
     * @return list<array{name: string, version: string, php: string}>
     */
    private static function packages(): array
    {
        $installed = self::json('vendor/composer/installed.json');
        self::assertIsArray($installed['packages'] ?? null);
        $packages = [];
        foreach ($installed['packages'] as $package) {
            self::assertIsArray($package);
            $asks = \is_array($package['require'] ?? null) ? $package['require'] : [];
            $packages[] = [
                'name' => self::text($package['name'] ?? null),
                'version' => ltrim(self::text($package['version'] ?? null), 'v'),
                'php' => self::text($asks['php'] ?? '*'),
            ];
        }
        self::assertGreaterThan(60, \count($packages));

        return $packages;
    }

    /**
     * @return array<string, string> version by package
     */
    private static function asked(string $file): array
    {
        $document = self::json($file);
        $all = [];
        foreach (['require', 'require-dev'] as $list) {
            foreach (\is_array($document[$list] ?? null) ? $document[$list] : [] as $name => $version) {
                $all[(string) $name] = self::text($version);
            }
        }

        return $all;
    }

    /**
     * @return array<mixed>
     */
    private static function json(string $file): array
    {
        $document = json_decode((string) file_get_contents(__DIR__.'/../../'.$file), true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($document);

        return $document;
    }

    private static function text(mixed $value): string
    {
        self::assertIsString($value);

        return $value;
    }
}
