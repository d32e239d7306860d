<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Database;

use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Platform\Database\Postgres;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\ApplicationTester;

/**
 * The migrations make the tables that the entities are mapped to.
 */
final class SchemaTest extends KernelTestCase
{
    public function testTheMigrationsMakeWhatIsMapped(): void
    {
        $kernel = self::bootKernel(['environment' => 'test', 'debug' => false]);
        $manager = self::getContainer()->get(EntityManagerInterface::class);
        if (Postgres::is($manager->getConnection())) {
            // Ids are wider there than they are mapped: each column is there, and no other.
            foreach ($manager->getMetadataFactory()->getAllMetadata() as $of) {
                $points = array_map($of->getSingleAssociationJoinColumnName(...), array_filter(
                    $of->getAssociationNames(),
                    static fn (string $name): bool => !$of->isAssociationInverseSide($name),
                ));
                $there = $manager->getConnection()->fetchFirstColumn(
                    'SELECT column_name FROM information_schema.columns WHERE table_name = ?',
                    [$of->getTableName()],
                );
                $mapped = [...$of->getColumnNames(), ...$points];
                self::assertEqualsCanonicalizing($mapped, $there, $of->getTableName());
            }

            return;
        }
        $application = new Application($kernel);
        $application->setAutoExit(false);
        $tester = new ApplicationTester($application);

        self::assertSame(0, $tester->run(['command' => 'doctrine:schema:validate']), $tester->getDisplay());
    }
}
