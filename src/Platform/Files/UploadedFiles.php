<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Files;

use Psr\Clock\ClockInterface;
use Random\Randomizer;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/**
 * Files that a maker looks at before they take what is in them. What is not taken goes after a day.
 */
final readonly class UploadedFiles
{
    /** Bytes of a file that comes in parts. */
    public const LARGEST = 4_000_000_000;

    private const TOKEN = '/^[0-9a-f]{32}$/D';

    public function __construct(
        private ClockInterface $clock,
        private Randomizer $chance,
        #[Autowire('%kernel.project_dir%/var/arriving')]
        private string $folder,
    ) {}

    /**
     * Returns by what the file is asked for again.
     */
    public function keep(UploadedFile $file): string
    {
        $token = $this->token();
        $file->move($this->folder, $token);

        return $token;
    }

    /**
     * Adds a part to a file that comes in parts.
     *
     * @param string|null $token of the file, null for its first part
     * @param int         $at    bytes that went before; a part that is there already is left out
     *
     * @return string|null by what the file is asked for again; null when this part does not go on with it
     */
    public function part(?string $token, int $at, UploadedFile $part): ?string
    {
        $file = null === $token ? $this->folder.'/'.$this->token() : $this->file($token);
        if (null === $file) {
            return null;
        }
        clearstatcache(true, $file);
        $there = is_file($file) ? (int) filesize($file) : 0;
        $bytes = (string) file_get_contents($part->getPathname());
        if ($there >= $at + \strlen($bytes) && $there > 0) {
            return basename($file); // sent again
        }

        return $there === $at && $at + \strlen($bytes) <= self::LARGEST
            && \strlen($bytes) === file_put_contents($file, $bytes, \FILE_APPEND | \LOCK_EX) ? basename($file) : null;
    }

    /**
     * Returns the path of a file that was kept, null when it is gone.
     */
    public function file(mixed $token): ?string
    {
        return \is_string($token) && 1 === preg_match(self::TOKEN, $token) && is_file($this->folder.'/'.$token)
            ? $this->folder.'/'.$token
            : null;
    }

    /**
     * Returns the path of what is noted of a file, which goes with it.
     */
    public function beside(string $file): string
    {
        return $file.'.looked';
    }

    public function forget(string $file): void
    {
        @unlink($file);
        @unlink($this->beside($file));
    }

    /**
     * Forgets what was left lying, here and in the folder for passing files.
     */
    public function sweep(): void
    {
        $passing = glob(sys_get_temp_dir().'/rinkel-{archive,spool,photo,table}-*', \GLOB_BRACE) ?: [];
        foreach ([...glob($this->folder.'/*') ?: [], ...$passing] as $old) {
            if (is_file($old) && (int) @filemtime($old) < $this->clock->now()->getTimestamp() - 86_400) {
                @unlink($old);
            }
        }
    }

    private function token(): string
    {
        is_dir($this->folder) || mkdir($this->folder, 0o700, true);

        return bin2hex($this->chance->getBytes(16));
    }
}
