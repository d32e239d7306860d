<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Health;

use Doctrine\DBAL\Connection;
use Rinkel\App\Backup\Backups;
use Rinkel\App\Health\Health;
use Rinkel\App\Health\HealthFinding;
use Rinkel\App\Jobs\Jobs;
use Rinkel\Tests\App\WebCase;
use Symfony\Component\Clock\MockClock;

final class HealthTest extends WebCase
{
    public function testAHealthyOneIsFineInEachPart(): void
    {
        $found = self::parts(self::getContainer()->get(Health::class)->look());

        self::assertSame(['database', 'migrations', 'disk', 'backup', 'queue'], array_keys($found));
        self::assertSame([true, true], [$found['database']->isFine, $found['migrations']->isFine]);
        self::assertStringContainsString('MB free', $found['disk']->says);
        foreach ($found as $one) {
            self::assertFalse($one->isBad, $one->what.': '.$one->says);
        }
    }

    public function testTablesThatAreBehindOrAheadAreTold(): void
    {
        $database = self::getContainer()->get(Connection::class);
        $health = self::getContainer()->get(Health::class);
        $database->beginTransaction();
        try {
            $database->executeStatement('DELETE FROM doctrine_migration_versions
                WHERE version = (SELECT MAX(version) FROM doctrine_migration_versions)');
            $found = self::parts($health->look())['migrations'];
            self::assertTrue($found->isBad);
            self::assertStringContainsString('1 to do', $found->says);
            $database->insert(
                'doctrine_migration_versions',
                ['version' => 'Rinkel\Migrations\Version20991231000000'],
            );
            self::assertStringContainsString('newer', self::parts($health->look())['migrations']->says);
        } finally {
            $database->rollBack();
        }
    }

    public function testAnOldBackupIsWorthALook(): void
    {
        $backups = self::getContainer()->get(Backups::class);
        $database = self::getContainer()->get(Connection::class);
        $file = (string) $backups->automatic('health');
        try {
            $folder = \dirname(__DIR__, 3).'/migrations';
            $jobs = self::getContainer()->get(Jobs::class);
            $at = static fn (string $when): HealthFinding => self::parts(
                (new Health($database, $backups, new MockClock($when), $jobs, $folder))->look(),
            )['backup'];
            self::assertTrue($at('+1 hour')->isFine);
            $old = $at('+2 days');
            self::assertSame([false, false], [$old->isFine, $old->isBad]);
            self::assertStringContainsString('48 hours', $old->says);
        } finally {
            unlink($file);
        }
    }

    /**
     * @param list<HealthFinding> $found
     *
     * @return array<string, HealthFinding>
     */
    private static function parts(array $found): array
    {
        return array_combine(array_map(static fn (HealthFinding $one): string => $one->what, $found), $found);
    }
}
