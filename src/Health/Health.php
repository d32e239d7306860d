<?php

declare(strict_types=1);

namespace Rinkel\App\Health;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use Rinkel\App\Backup\Backups;
use Rinkel\App\Jobs\Jobs;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * Looks at what a running Rinkel needs: its database and the room beside it, the changes to its tables, the last
 * backup.
 */
final readonly class Health
{
    /** Bytes of free disk below which there is no room to work, and below which somebody should look. */
    private const NO_ROOM = 50_000_000;
    private const LITTLE_ROOM = 500_000_000;

    /** Seconds after which a backup is old: a day, and time to make it. */
    private const OLD = 30 * 3600;

    /** Seconds after which a job should have been taken. */
    private const LONG = 60;

    public function __construct(
        private Connection $database,
        private Backups $backups,
        private ClockInterface $clock,
        private Jobs $jobs,
        #[Autowire('%kernel.project_dir%/migrations')]
        private string $migrations,
    ) {}

    /**
     * @return list<HealthFinding>
     */
    public function look(): array
    {
        try {
            $done = $this->database->fetchFirstColumn('SELECT version FROM doctrine_migration_versions');
        } catch (\Throwable $failure) {
            return [HealthFinding::bad('database', 'cannot be read: '.$failure->getMessage())];
        }

        return [
            $this->database(),
            $this->migrations(array_values(array_filter($done, is_string(...)))),
            $this->disk(),
            $this->backup(),
            $this->queue(),
        ];
    }

    private function database(): HealthFinding
    {
        if (!$this->backups->hasFile()) {
            $version = $this->database->fetchOne('SHOW server_version');

            return HealthFinding::fine('database', \sprintf(
                'PostgreSQL %s, %d kB',
                \is_string($version) ? $version : '',
                $this->backups->size() / 1000,
            ));
        }
        $file = $this->backups->path();
        $isWritten = is_writable($file) && is_writable(\dirname($file));

        return $isWritten
            ? HealthFinding::fine('database', \sprintf('%s, %d kB', $file, (int) @filesize($file) / 1000))
            : HealthFinding::bad('database', $file.' or its folder cannot be written to');
    }

    /**
     * @param list<string> $done versions that the database has
     */
    private function migrations(array $done): HealthFinding
    {
        $there = array_map(
            static fn (string $file): string => 'Rinkel\Migrations\\'.basename($file, '.php'),
            glob($this->migrations.'/Version*.php') ?: [],
        );
        $missing = array_diff($there, $done);
        $newer = array_diff($done, $there);

        return match (true) {
            [] !== $newer => HealthFinding::bad('migrations', 'the database was made by a newer Rinkel'),
            [] !== $missing => HealthFinding::bad(
                'migrations',
                \count($missing).' to do: bin/console doctrine:migrations:migrate',
            ),
            default => HealthFinding::fine('migrations', \count($there).' done'),
        };
    }

    private function disk(): HealthFinding
    {
        $free = $this->backups->room();
        $says = false === $free ? 'cannot be asked' : \sprintf('%d MB free', $free / 1_000_000);

        return match (true) {
            false === $free => HealthFinding::look('disk', $says),
            $free < self::NO_ROOM => HealthFinding::bad('disk', $says),
            $free < self::LITTLE_ROOM => HealthFinding::look('disk', $says),
            default => HealthFinding::fine('disk', $says),
        };
    }

    private function queue(): HealthFinding
    {
        $waits = $this->jobs->waits();

        return $waits > self::LONG
            ? HealthFinding::look('queue', \sprintf(
                'a job has waited for %d s: is bin/console messenger:consume jobs running?',
                $waits,
            ))
            : HealthFinding::fine('queue', 0 === $waits ? 'nothing waits' : 'a job waits for its turn');
    }

    private function backup(): HealthFinding
    {
        $last = $this->backups->last();
        $age = null === $last ? null : $this->clock->now()->getTimestamp() - $last;

        return match (true) {
            null === $age => HealthFinding::look('backup', 'there is none yet'),
            $age > self::OLD => HealthFinding::look('backup', \sprintf('the last is %d hours old', intdiv($age, 3600))),
            default => HealthFinding::fine('backup', \sprintf('the last is %d hours old', intdiv($age, 3600))),
        };
    }
}
