<?php

declare(strict_types=1);

namespace Rinkel\Tests\Beyond;

use Rinkel\App\Backup\DatabaseMove;
use Rinkel\Tests\Served\ServedCase;
use Symfony\Component\Process\Process;

/**
 * Photos in a store that speaks S3 or in a folder, instead of in the database; and what becomes of them where the store
 * is gone.
 */
final class StoreTest extends ServedCase
{
    private ?Process $standin = null;
    private string $store = '';

    protected function tearDown(): void
    {
        $this->standin?->stop(1);
        parent::tearDown();
    }

    public function testPhotosAreInAStoreThatSpeaksS3(): void
    {
        $this->standIn();
        $this->photosAreIn($this->folder.'/store/bucket/all/photos');
        // Without the store a piece is shown without its photo, and a photo that cannot be kept is not taken for kept.
        $this->standin?->stop(1);
        $path = $this->lay();
        self::assertSame(200, $this->ask($path.'/makings', headers: [])[0]);
        self::assertSame(503, $this->photograph($path));
        self::assertSame(200, $this->ask($path.'/makings', headers: [])[0]);
    }

    public function testPhotosAreInAFolder(): void
    {
        $this->store = $this->folder.'/elsewhere';
        $this->photosAreIn($this->folder.'/elsewhere/photos');
    }

    public function testAStoreWithAnotherKeyKeepsNothing(): void
    {
        $this->standIn('another');
        $this->migrate();
        $this->serve(2);
        self::assertSame(503, $this->photograph($this->lay()));
        self::assertSame([], glob($this->folder.'/store/bucket/*/*') ?: []);
    }

    private function photosAreIn(string $folder): void
    {
        $this->migrate();
        $this->serve(2);
        $path = $this->lay();
        self::assertSame(303, $this->photograph($path));
        self::assertCount(1, glob($folder.'/*.jpg') ?: []);
        preg_match('~/photos/[0-9a-f]{32}\.jpg[^"]*~', $this->ask($path.'/makings', headers: [])[1], $photo);
        self::assertNotSame([], $photo);
        [$status, $jpeg] = $this->ask($photo[0]);
        self::assertSame([200, "\xff\xd8"], [$status, substr($jpeg, 0, 2)]);
        $database = DatabaseMove::open($this->where());
        $kept = $database->fetchOne('SELECT jpeg FROM photo');
        self::assertIsString($kept);
        self::assertStringStartsWith('@photos/', $kept);

        // An export has it, and it is moved back and there again.
        self::assertSame(0, $this->console(['rinkel:export', $this->folder.'/all.zip'])[0]);
        $zip = new \ZipArchive();
        $zip->open($this->folder.'/all.zip');
        self::assertSame($jpeg, $zip->getFromName('photos/'.basename((string) strtok($photo[0], '?'))));
        foreach ([['--back'], []] as $way) {
            [$code, $said] = $this->console(['rinkel:store', ...$way]);
            self::assertSame(0, $code, $said);
            self::assertSame($jpeg, $this->ask($photo[0])[1]);
        }

        // What nothing points to any more goes, once it is old.
        $old = $folder.'/'.str_repeat('e', 32).'-0123456789abcdef.jpg';
        file_put_contents($old, $jpeg);
        touch($old, time() - 100_000);
        array_map(unlink(...), glob($this->folder.'/backups/*') ?: []);
        $this->ask('/people');
        for ($i = 0; $i < 40 && file_exists($old); ++$i) {
            usleep(50_000);
            clearstatcache();
        }
        self::assertFileDoesNotExist($old);
        self::assertCount(1, glob($folder.'/*.jpg') ?: []);
    }

    private function photograph(string $path): int
    {
        $file = $this->folder.'/photo.jpg';
        $image = imagecreatetruecolor(640, 480);
        self::assertNotFalse($image);
        imagejpeg($image, $file);
        $curl = curl_init($this->address.$path.'/photo');
        curl_setopt_array($curl, [
            \CURLOPT_RETURNTRANSFER => true, \CURLOPT_HTTPHEADER => ['Sec-Fetch-Site: same-origin'],
            \CURLOPT_POSTFIELDS => ['photo' => new \CURLFile($file, 'image/jpeg', 'photo.jpg')],
        ]);
        curl_exec($curl);

        return curl_getinfo($curl, \CURLINFO_RESPONSE_CODE);
    }

    private function standIn(string $secret = 'sec/ret+'): void
    {
        $port = self::freePort();
        mkdir($this->folder.'/store');
        $this->standin = new Process(
            [\PHP_BINARY, 'bin/s3-standin', $this->folder.'/store', (string) $port, 'key:'.$secret],
            \dirname(__DIR__, 2),
            timeout: null,
        );
        $this->standin->disableOutput();
        $this->standin->start();
        $this->store = 's3://key:'.rawurlencode('sec/ret+').'@127.0.0.1:'.$port.'/bucket/all?tls=0';
        for ($i = 0; $i < 100 && false === @fsockopen('127.0.0.1', $port); ++$i) {
            usleep(20_000);
        }
    }

    /**
     * A file, whatever the others have: a copy of the day, after which the store is swept, lies beside it.
     */
    protected function where(): string
    {
        return $this->database();
    }

    protected function environment(): array
    {
        return ['RINKEL_STORE' => $this->store] + parent::environment();
    }
}
