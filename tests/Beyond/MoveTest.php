<?php

declare(strict_types=1);

namespace Rinkel\Tests\Beyond;

use Doctrine\DBAL\ParameterType;
use Rinkel\App\Backup\DatabaseMove;
use Rinkel\Tests\Served\ServedCase;
use Symfony\Component\Process\Process;

/**
 * A whole Rinkel is moved from a file to PostgreSQL and back, and what is exported there is the same byte by byte.
 */
final class MoveTest extends ServedCase
{
    public function testEverythingGoesThereAndBack(): void
    {
        $postgres = $this->where();
        [$first, $last] = [$this->folder.'/first.sqlite', $this->folder.'/last.sqlite'];
        $this->of($first, 'doctrine:migrations:migrate', '--no-interaction', '--quiet');
        $this->of($first, 'rinkel:demo', '--quiet');
        $this->of($first, 'rinkel:members', 'Cleo', '--add', 'maker');
        $photo = DatabaseMove::open($first);
        $photo->insert(
            'photo',
            ['uid' => str_repeat('a', 32), 'jpeg' => "\xff\xd8\x00'\\\xff\xd9"],
            ['jpeg' => ParameterType::BINARY],
        );
        $photo->close();
        $told = $this->of($first, 'rinkel:move', '-v', $first, $postgres);
        self::assertMatchesRegularExpression('/^ +'.($this->next($first) - 1).'  piece$/m', $told);
        self::assertStringContainsString('empty', $this->of($first, 'rinkel:move', $first, $postgres), 'only once');
        $this->of($first, 'rinkel:move', $postgres, $last);
        foreach ([$first, $postgres, $last] as $i => $where) {
            $this->of($where, 'rinkel:export', $this->folder.'/all-'.$i.'.zip');
        }
        self::assertFileEquals($this->folder.'/all-0.zip', $this->folder.'/all-1.zip');
        self::assertFileEquals($this->folder.'/all-0.zip', $this->folder.'/all-2.zip');
        // What comes next is numbered after what is there.
        $this->migrate();
        $this->serve();
        self::assertSame('/pieces/'.$this->next($last), $this->lay());
    }

    /**
     * A copy is a file that any Rinkel reads; put back, everything is as it was.
     */
    public function testACopyIsMadeAndPutBack(): void
    {
        $postgres = $this->where();
        $this->migrate();
        $this->of($postgres, 'rinkel:demo', '--quiet');
        $this->of($postgres, 'rinkel:export', $this->folder.'/before.zip');
        $this->of($postgres, 'rinkel:backup', $this->folder.'/copy.sqlite');
        self::assertSame('0600', substr(\sprintf('%o', fileperms($this->folder.'/copy.sqlite')), -4));
        $connection = DatabaseMove::open($postgres);
        $connection->executeStatement('DELETE FROM making');
        $connection->executeStatement('DELETE FROM piece');
        $connection->close();
        $this->of($postgres, 'rinkel:restore', $this->folder.'/copy.sqlite');
        $this->of($postgres, 'rinkel:export', $this->folder.'/after.zip');
        self::assertFileEquals($this->folder.'/before.zip', $this->folder.'/after.zip');
        self::assertStringContainsString('PostgreSQL', $this->of($postgres, 'rinkel:deploy-check'));
    }

    private function next(string $sqlite): int
    {
        $last = DatabaseMove::open($sqlite)->fetchOne('SELECT MAX(id) FROM piece');

        return 1 + (is_numeric($last) ? (int) $last : 0);
    }

    private function of(string $where, string ...$command): string
    {
        $process = new Process(
            [\PHP_BINARY, 'bin/console', ...array_values($command)],
            \dirname(__DIR__, 2),
            ['RINKEL_DATABASE' => $where, 'APP_ENV' => 'test', 'APP_DEBUG' => '0', 'SYMFONY_DOTENV_VARS' => false],
            timeout: 120,
        );
        $process->run();

        return $process->getOutput().$process->getErrorOutput();
    }
}
