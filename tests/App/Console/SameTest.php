<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Console;

use PHPUnit\Framework\Attributes\Group;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\CommandTester;

/**
 * What commands say of every example is what they said when somebody read it last: plans in figures and sentences, acts,
 * sheets, drawings, sizes, cuts. Whoever changes it on purpose reads it, and has "./rinkel golden" write it down.
 */
final class SameTest extends KernelTestCase
{
    private const FILE = __DIR__.'/../../golden/said.txt';

    private const OF_A_PIECE = [
        'plan' => ['rinkel:plan'], 'explained' => ['rinkel:plan', '--explain' => true], 'acts' => ['rinkel:acts'],
        'steps' => ['rinkel:steps'], 'sheet' => ['rinkel:steps', '--text' => true], 'drawn' => ['rinkel:paper', '--as' => 'svg'],
        'sizes' => ['rinkel:sizes'], 'arranged' => ['rinkel:arrange', '--seed' => '3'],
    ];

    #[Group('golden')]
    public function testEachSaysWhatItSaid(): void
    {
        $application = new Application(self::bootKernel());
        $demo = \dirname(__DIR__, 3).'/demo/';
        $files = glob($demo.'pieces/*.json') ?: [];
        $now = [];
        foreach ($files as $file) {
            foreach (self::OF_A_PIECE as $what => $command) {
                $now[] = basename($file, '.json').' '.$what.' '.self::said($application, $command + ['file' => $file]);
            }
        }
        $now[] = 'all cut '.self::said($application, ['rinkel:cut', 'files' => $files, '--stock' => $demo.'stock.json']);
        $now[] = 'samples learnt '.self::said($application, ['rinkel:learn', 'file' => $demo.'samples.json']);
        foreach (['square', 'sliding barrel', 'singe', 'rows'] as $lesson) {
            $now[] = $lesson.' taught '.self::said($application, ['rinkel:knots', 'lesson' => $lesson]);
            $now[] = $lesson.' drawn '.self::said($application, ['rinkel:knots', 'lesson' => $lesson, '--frame' => '3']);
        }
        if (false !== getenv('UPDATE_GOLDEN')) {
            file_put_contents(self::FILE, implode("\n", $now)."\n");
        }
        $then = explode("\n", trim((string) file_get_contents(self::FILE)));
        self::assertSame([], array_values(array_diff($now, $then)), 'These say something else now.');
        self::assertCount(\count($then), $now);
    }

    /**
     * @param array<int|string, mixed> $input the command's name first
     */
    private static function said(Application $application, array $input): string
    {
        $name = $input[0] ?? null;
        self::assertIsString($name);
        unset($input[0]);
        $tester = new CommandTester($application->find($name));
        $code = $tester->execute($input);

        return $code.' '.hash('xxh3', (string) preg_replace('/\d+(?:\.\d{1,2})?s\b/', '', $tester->getDisplay()));
    }
}
