<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Files;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Rinkel\App\Platform\Files\UploadedFiles;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\HttpFoundation\File\UploadedFile;

final class UploadedFilesTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/rinkel-arriving-'.bin2hex(random_bytes(4));
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob($this->folder.'/*') ?: []);
        @rmdir($this->folder);
    }

    public function testALargeFileComesInParts(): void
    {
        $files = $this->files();
        $token = $files->part(null, 0, self::sent('Rin'));
        self::assertNotNull($token);
        self::assertSame($token, $files->part($token, 3, self::sent('ke')));
        self::assertSame($token, $files->part($token, 3, self::sent('ke')), 'sent again, as the answer was lost');
        self::assertNull($files->part($token, 9, self::sent('l')), 'something is missing between');
        self::assertSame($token, $files->part($token, 5, self::sent('l')));
        $file = $files->file($token);
        self::assertNotNull($file);
        self::assertSame('Rinkel', file_get_contents($file));
        file_put_contents($files->beside($file), 'looked at');
        $files->forget($file);
        self::assertNull($files->file($token));
        self::assertFileDoesNotExist($files->beside($file));
    }

    public function testAnotherPathIsNoFileOfTheirs(): void
    {
        $files = $this->files();
        $token = (string) $files->part(null, 0, self::sent('x'));
        foreach (['../'.$token, $token.'/', strtoupper($token), $token."\n", '', null, [$token]] as $wrong) {
            if ($wrong !== $token) {
                self::assertNull($files->file($wrong));
            }
        }
        self::assertNull($files->part(str_repeat('f', 32), 0, self::sent('x')), 'nobody began it');
    }

    public function testWhatNobodyTookIsSweptAfterADay(): void
    {
        $clock = new MockClock();
        $files = new UploadedFiles($clock, new Randomizer(new Mt19937(1)), $this->folder);
        $token = $files->part(null, 0, self::sent('x'));
        $clock->sleep(86_000);
        $files->sweep();
        self::assertNotNull($files->file($token));
        $clock->sleep(500);
        $files->sweep();
        self::assertNull($files->file($token));
    }

    private function files(): UploadedFiles
    {
        return new UploadedFiles(new MockClock(), new Randomizer(new Mt19937(1)), $this->folder);
    }

    private static function sent(string $bytes): UploadedFile
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'sent');
        file_put_contents($path, $bytes);

        return new UploadedFile($path, 'part', test: true);
    }
}
