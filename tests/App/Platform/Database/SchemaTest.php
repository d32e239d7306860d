<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Database;

use Rinkel\App\Kernel;
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
        $application = new Application(self::bootKernel(['environment' => 'test', 'debug' => false]));
        $application->setAutoExit(false);
        $tester = new ApplicationTester($application);

        self::assertSame(0, $tester->run(['command' => 'doctrine:schema:validate']), $tester->getDisplay());
    }

    protected static function getKernelClass(): string
    {
        return Kernel::class;
    }
}
