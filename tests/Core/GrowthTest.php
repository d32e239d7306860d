<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

final class GrowthTest extends TestCase
{
    /**
     * Twice the pattern takes twice the statements, whatever it is made of: of plan, acts and drawing together. What
     * comes on top from 16 times the pattern to 32 is compared with what came from 8 to 16; work that grew with the
     * square would be four times as much.
     */
    public function testWorkGrowsWithThePattern(): void
    {
        $command = ['php', '-d', 'memory_limit=1G', __DIR__.'/counted.php', '8', '16', '32'];
        $counts = json_decode((new Process($command, timeout: 120))->mustRun()->getOutput(), true);
        self::assertIsArray($counts);
        $seen = 0;
        foreach ($counts as $name => $count) {
            self::assertIsArray($count);
            [$eight, $sixteen, $more] = array_map(static fn (int $size): int => match (true) {
                \is_int($count[$size] ?? null) => $count[$size],
                default => 0,
            }, [8, 16, 32]);
            if (0 < $more) {
                ++$seen;
                self::assertGreaterThan($eight, $sixteen, 'it is counted');
                self::assertLessThan(2.2 * ($sixteen - $eight), $more - $sixteen, (string) $name);
            }
        }
        self::assertGreaterThan(20, $seen);
    }
}
