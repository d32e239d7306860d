<?php

declare(strict_types=1);

namespace Rinkel\App\Backup;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * Copies of the whole database: made while Rinkel runs, each consistent in itself, and put back.
 */
final readonly class Backups
{
    /** So many automatic ones are kept. */
    private const KEPT = 10;

    /** The tables without which a file is no database of Rinkel's. */
    private const TABLES = ['piece', 'doctrine_migration_versions'];

    public function __construct(
        private Connection $connection,
        private ClockInterface $clock,
        private DatabaseMove $move,
        #[Autowire('%kernel.project_dir%/migrations')]
        private string $migrations,
    ) {}

    /**
     * Writes a copy of the database to $file, readable by its owner only.
     *
     * @throws BackupFailed If there is such a file already or it cannot be written
     */
    public function write(string $file): void
    {
        if (file_exists($file)) {
            throw BackupFailed::exists($file);
        }
        if (!is_dir(\dirname($file)) || !is_writable(\dirname($file))) {
            throw BackupFailed::notWritable($file);
        }
        $before = umask(0o077);
        try {
            if ($this->hasFile()) {
                $this->connection->executeStatement('VACUUM INTO ?', [$file]);
            } else {
                $this->move->prepare($file);
                $this->move->copy($this->connection, DatabaseMove::open($file), true);
            }
        } finally {
            umask($before);
        }
    }

    /**
     * Makes a copy in the folder beside the database, and forgets the oldest when there are more than ten.
     *
     * @return string|null the file, null when there is nothing to copy yet
     */
    public function automatic(string $why): ?string
    {
        if ([] === $this->tablesMissing()) {
            $folder = $this->folder();
            is_dir($folder) || mkdir($folder, 0o700, true);
            $file = \sprintf('%s/%s-%s.sqlite', $folder, $this->clock->now()->format('Ymd-His-v'), $why);
            $this->write($file);
            $all = glob($folder.'/*.sqlite') ?: [];
            sort($all);
            array_map(unlink(...), \array_slice($all, 0, -self::KEPT));

            return $file;
        }

        return null;
    }

    /**
     * Makes the copy of the day, when the last is a day old and the disk has room for it and as much again.
     */
    public function daily(): ?string
    {
        $last = glob($this->folder().'/*-daily.sqlite') ?: [];
        sort($last);
        $age = [] === $last ? \PHP_INT_MAX : $this->clock->now()->getTimestamp() - (int) @filemtime($last[\count($last) - 1]);

        $room = $this->room();
        $hasRoom = false === $room || $room > 2 * $this->size();

        return $age >= 86_400 && $hasRoom ? $this->automatic('daily') : null;
    }

    /**
     * Returns when the last automatic copy was made, in seconds since 1970; null when there is none.
     */
    public function last(): ?int
    {
        $times = array_map(
            static fn (string $file): int => (int) @filemtime($file),
            glob($this->folder().'/*.sqlite') ?: [],
        );

        return [] === $times ? null : max($times);
    }

    /**
     * Puts a copy in the place of the database, which is kept aside.
     *
     * @return string the file in which the old database is kept
     *
     * @throws BackupFailed If the file is no sound database of this or an older Rinkel
     */
    public function restore(string $file): string
    {
        $this->check($file);
        if (!$this->hasFile()) {
            return $this->movedBack($file);
        }
        $aside = \sprintf('%s.before-restore-%s', $this->path(), $this->clock->now()->format('Ymd-His-v'));
        $this->connection->close();
        foreach (['', '-wal', '-shm'] as $end) {
            // As it is, even when it is damaged: a copy that SQLite makes would refuse that.
            if (is_file($this->path().$end)) {
                copy($this->path().$end, $aside.$end);
                chmod($aside.$end, 0o600);
            }
        }
        $from = new \SQLite3($file, \SQLITE3_OPEN_READONLY);
        $from->enableExceptions(true);
        try {
            $to = $this->opened();
            $from->backup($to);
            $to->close();
        } catch (\Exception) {
            // What stands there is no database: it goes, since it is kept aside.
            array_map(fn (string $end): bool => @unlink($this->path().$end), ['-wal', '-shm', '']);
            $to = $this->opened();
            $from->backup($to);
            $to->close();
        }
        $from->close();
        chmod($this->path(), 0o600);

        return $aside;
    }

    /**
     * Returns the migrations that a database knows and this Rinkel does not: a newer one made it.
     *
     * @return list<string>
     */
    public function unknownMigrations(?string $file = null): array
    {
        if ([] !== $this->tablesMissing($file)) {
            return [];
        }
        $unknown = [];
        foreach ($this->versions($file) as $version) {
            if (!is_file($this->migrations.'/'.substr((string) strrchr('\\'.$version, '\\'), 1).'.php')) {
                $unknown[] = $version;
            }
        }

        return $unknown;
    }

    /**
     * Returns whether this Rinkel would change the database's tables.
     */
    public function isBehind(): bool
    {
        return [] === $this->tablesMissing()
            && \count($this->versions()) < \count(glob($this->migrations.'/Version*.php') ?: []);
    }

    /**
     * @throws BackupFailed If the file is no sound database of this or an older Rinkel
     */
    private function check(string $file): void
    {
        if (!is_file($file) || !is_readable($file)) {
            throw BackupFailed::notThere($file);
        }
        try {
            $sound = ['ok'] === self::column($file, 'PRAGMA integrity_check');
        } catch (\Exception) {
            $sound = false;
        }
        if (!$sound) {
            throw BackupFailed::damaged($file);
        }
        if ([] !== $this->tablesMissing($file)) {
            throw BackupFailed::notOurs($file);
        }
        if ([] !== $this->unknownMigrations($file)) {
            throw BackupFailed::newer($file);
        }
    }

    /**
     * @param string|null $file null for the database itself
     *
     * @return list<string> the migrations that were done
     */
    private function versions(?string $file = null): array
    {
        $asked = 'SELECT version FROM doctrine_migration_versions';
        if (null !== $file || $this->hasFile()) {
            return self::column($file ?? $this->path(), $asked);
        }

        return array_values(array_filter($this->connection->fetchFirstColumn($asked), is_string(...)));
    }

    /**
     * @return list<string>
     */
    private function tablesMissing(?string $file = null): array
    {
        if (null === $file && !$this->hasFile()) {
            return array_values(array_filter(
                self::TABLES,
                fn (string $table): bool => null === $this->connection->fetchOne('SELECT to_regclass(?)', [$table]),
            ));
        }
        $file ??= $this->path();
        try {
            $there = is_file($file) && filesize($file) > 0 ? self::column(
                $file,
                "SELECT name FROM sqlite_master WHERE type = 'table'",
            ) : [];
        } catch (\Exception) {
            $there = [];
        }

        return array_values(array_diff(self::TABLES, $there));
    }

    /**
     * @return list<string>
     */
    private static function column(string $file, string $query): array
    {
        $database = new \SQLite3($file, \SQLITE3_OPEN_READONLY);
        $database->enableExceptions(true);
        $database->busyTimeout(5000);
        $result = $database->query($query);
        $values = [];
        while (false !== $result && \is_array($row = $result->fetchArray(\SQLITE3_NUM))) {
            $values[] = \is_scalar($row[0]) ? (string) $row[0] : '';
        }
        $database->close();

        return $values;
    }

    private function opened(): \SQLite3
    {
        $database = new \SQLite3($this->path());
        $database->enableExceptions(true);
        $database->busyTimeout(5000);
        $database->query('SELECT COUNT(*) FROM sqlite_master');

        return $database;
    }

    private function folder(): string
    {
        return ($this->hasFile() ? \dirname($this->path()) : \dirname($this->migrations).'/var').'/backups';
    }

    /**
     * Puts a copy into a database that is no file: made as the tables are now first, then moved there as a whole.
     */
    private function movedBack(string $file): string
    {
        $aside = $this->automatic('before-restore') ?? '';
        $trial = (string) tempnam(sys_get_temp_dir(), 'rinkel-restore-');
        try {
            copy($file, $trial);
            $this->move->prepare($trial);
            $this->move->copy(DatabaseMove::open($trial), $this->connection, true);
        } finally {
            array_map(unlink(...), glob($trial.'*') ?: []);
        }

        return $aside;
    }

    /**
     * Returns whether the database is a file here.
     */
    public function hasFile(): bool
    {
        return isset($this->connection->getParams()['path']);
    }

    /**
     * Returns how many bytes the disk has room for where backups go; false when it doesn't say.
     */
    public function room(): float|false
    {
        return @disk_free_space(\dirname($this->folder()));
    }

    /**
     * Returns how large the database is, in bytes.
     */
    public function size(): int
    {
        if ($this->hasFile()) {
            return (int) @filesize($this->path());
        }
        $size = $this->connection->fetchOne('SELECT pg_database_size(current_database())');

        return is_numeric($size) ? (int) $size : 0;
    }

    public function path(): string
    {
        return $this->connection->getParams()['path'] ?? throw new \LogicException('The database has no file.');
    }
}
