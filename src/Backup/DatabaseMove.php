<?php

declare(strict_types=1);

namespace Rinkel\App\Backup;

use Doctrine\DBAL\Configuration;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\ParameterType;
use Doctrine\DBAL\Tools\DsnParser;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Mapping\ClassMetadata;
use Rinkel\App\Platform\Database\ConnectionSettings;
use Rinkel\App\Platform\Database\DatabaseUrl;
use Rinkel\App\Platform\Database\Postgres;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Process\Process;

/**
 * Moves a whole Rinkel from one database to another, of whichever kind: all or nothing, and compared row by row before
 * it is kept.
 */
final readonly class DatabaseMove
{
    /** Seconds that making the tables may take. */
    private const PATIENCE = 120.0;

    public function __construct(
        private EntityManagerInterface $manager,
        #[Autowire('%kernel.project_dir%')]
        private string $folder,
    ) {}

    /**
     * @param string $where a file of SQLite or the URL of another database
     */
    public static function open(string $where): Connection
    {
        $parser = new DsnParser(['file' => 'sqlite3', 'postgresql' => 'pdo_pgsql', 'postgres' => 'pdo_pgsql']);

        return DriverManager::getConnection(
            $parser->parse(DatabaseUrl::of($where)),
            (new Configuration())->setMiddlewares([new ConnectionSettings()]),
        );
    }

    /**
     * Makes all tables of this Rinkel there, as it does for itself.
     *
     * @throws BackupFailed If they cannot be made
     */
    public function prepare(string $where): void
    {
        $process = new Process(
            [\PHP_BINARY, $this->folder.'/bin/console', 'doctrine:migrations:migrate', '--no-interaction', '--quiet'],
            $this->folder,
            ['RINKEL_DATABASE' => $where],
            timeout: self::PATIENCE,
        );
        if (0 !== $process->run()) {
            throw BackupFailed::notMade($where, trim($process->getErrorOutput().$process->getOutput()));
        }
    }

    /**
     * Copies all rows; what passes, such as counted guesses, stays behind.
     *
     * @return array<string, int> how many, by table
     *
     * @throws BackupFailed If there is something already, or what arrived is not what was sent
     */
    public function copy(Connection $from, Connection $to, bool $mayReplace = false): array
    {
        $tables = $this->tables();
        $from->beginTransaction();
        $to->beginTransaction();
        try {
            foreach (array_reverse($tables) as $of) {
                $name = $of->getTableName();
                $isEmpty = 'change_stamp' === $name || false === $to->fetchOne('SELECT 1 FROM '.$name.' LIMIT 1');
                if (!$mayReplace && !$isEmpty) {
                    throw BackupFailed::notEmpty($name);
                }
                $to->executeStatement('DELETE FROM '.$name);
            }
            $many = [];
            foreach ($tables as $of) {
                $many[$of->getTableName()] = $this->rows($of, $from, $to);
                self::count($of, $to);
            }
            $to->commit();
        } catch (\Throwable $failure) {
            $to->rollBack();
            throw $failure;
        } finally {
            $from->rollBack();
        }

        return $many;
    }

    /**
     * @param ClassMetadata<object> $of
     *
     * @throws BackupFailed If what arrived is not what was sent
     */
    private function rows(ClassMetadata $of, Connection $from, Connection $to): int
    {
        [$table, $kinds] = [$of->getTableName(), self::kinds($of)];
        $asked = 'SELECT * FROM '.$table.' ORDER BY '.implode(', ', $of->getIdentifierColumnNames());
        $many = 0;
        foreach ($from->iterateAssociative($asked) as $row) {
            $row = array_map(self::plain(...), $row);
            foreach (array_intersect_key($kinds, $row) as $column => $kind) {
                $row[$column] = ParameterType::BOOLEAN === $kind ? (bool) $row[$column] : $row[$column];
            }
            $to->insert($table, $row, array_intersect_key($kinds, $row));
            ++$many;
        }
        $there = $to->iterateAssociative($asked);
        \assert($there instanceof \Iterator);
        foreach ($from->iterateAssociative($asked) as $row) {
            if (!$there->valid() || self::mark($row) !== self::mark((array) $there->current())) {
                throw BackupFailed::differs($table);
            }
            $there->next();
        }

        return $many;
    }

    /**
     * Has the next row that comes be numbered after those that are there.
     *
     * @param ClassMetadata<object> $of
     */
    private static function count(ClassMetadata $of, Connection $to): void
    {
        $table = $of->getTableName();
        if (Postgres::is($to) && $of->isIdGeneratorIdentity()) {
            $to->executeStatement(
                "SELECT setval(pg_get_serial_sequence('{$table}', 'id'), COALESCE(MAX(id), 1), MAX(id) IS NOT NULL)
                    FROM {$table}",
            );
        }
    }

    /**
     * Returns all tables, each after those that it points to.
     *
     * @return list<ClassMetadata<object>>
     */
    private function tables(): array
    {
        $left = [];
        foreach ($this->manager->getMetadataFactory()->getAllMetadata() as $of) {
            $left[$of->getName()] = $of;
        }
        ksort($left);
        $ordered = [];
        while ([] !== $left) {
            foreach ($left as $name => $of) {
                $points = array_map($of->getAssociationTargetClass(...), array_filter(
                    $of->getAssociationNames(),
                    static fn (string $field): bool => !$of->isAssociationInverseSide($field),
                ));
                if ([] === array_intersect_key($left, array_flip($points))) {
                    $ordered[] = $of;
                    unset($left[$name]);
                }
            }
        }

        return $ordered;
    }

    /**
     * @param ClassMetadata<object> $of
     *
     * @return array<string, ParameterType> of columns that are neither texts nor numbers
     */
    private static function kinds(ClassMetadata $of): array
    {
        $kinds = [];
        foreach ($of->getFieldNames() as $field) {
            $kind = match ($of->getTypeOfField($field)) {
                Types::BOOLEAN => ParameterType::BOOLEAN,
                Types::BLOB => ParameterType::LARGE_OBJECT,
                default => null,
            };
            if (null !== $kind) {
                $kinds[$of->getColumnName($field)] = $kind;
            }
        }

        return $kinds;
    }

    private static function plain(mixed $value): mixed
    {
        return \is_resource($value) ? stream_get_contents($value, offset: 0) : $value;
    }

    /**
     * Returns by what a row is told from others, whichever database it comes from.
     *
     * @param array<mixed> $row
     */
    private static function mark(array $row): string
    {
        ksort($row);

        return hash('xxh128', serialize(array_map(static fn (mixed $value): ?string => match (true) {
            null === $value => null,
            \is_bool($value) => $value ? '1' : '0',
            default => \is_scalar($value = self::plain($value)) ? (string) $value : '',
        }, $row)));
    }
}
