<?php

declare(strict_types=1);

namespace Rinkel\Tests\App;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

final class KernelTest extends TestCase
{
    /**
     * Whatever a machine's settings say, nothing is computed by code of PHP's JIT, which had wrong results.
     */
    public function testTheJitIsOff(): void
    {
        $root = \dirname(__DIR__, 2);
        $status = "(opcache_get_status(false) ?: [])['jit']['on'] ?? false";
        $begin = "require '{$root}/vendor/autoload.php'; \$was = {$status}; new Rinkel\\App\\Kernel('test', false);";
        foreach (['tracing', 'function', '1255'] as $jit) {
            $on = ['-d', 'opcache.enable_cli=1', '-d', 'opcache.jit='.$jit, '-d', 'opcache.jit_buffer_size=16M'];
            $run = new Process(['php', ...$on, '-r', "{$begin} echo json_encode([\$was, {$status}]);"]);
            self::assertSame('[true,false]', $run->mustRun()->getOutput(), $jit);
        }
        $run = new Process(['php', '-d', 'opcache.enable_cli=1', '-r', "{$begin} echo json_encode({$status});"]);
        self::assertSame('false', $run->mustRun()->getOutput(), 'and nobody is told off where it was off');
    }
}
