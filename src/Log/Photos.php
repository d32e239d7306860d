<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Intervention\Image\Exceptions\RuntimeException as ImageFailure;
use Intervention\Image\ImageManager;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * Photos of finished pieces, each a file beside the database: as large as a screen, upright, and without what a camera
 * writes into it, such as where it was taken.
 */
final readonly class Photos
{
    /** The longer side, in pixels. */
    private const SIDE = 1600;
    private const QUALITY = 85;

    /** Nobody's camera makes more pixels; a file that says so is made to fill the memory. */
    private const MOST_PIXELS = 60_000_000;

    public function __construct(
        #[Autowire('%env(resolve:RINKEL_DATABASE)%')]
        private string $database,
    ) {}

    /**
     * Returns the picture in $file as it is kept, or null when it is none.
     */
    public function read(string $file): ?string
    {
        $size = @getimagesize($file);
        if (false === $size || $size[0] * $size[1] > self::MOST_PIXELS) {
            return null;
        }
        try {
            // Drawn anew from its pixels: nothing else of the file is left.
            return (string) ImageManager::gd()->read($file)->scaleDown(self::SIDE, self::SIDE)->toJpeg(self::QUALITY);
        } catch (ImageFailure) {
            return null;
        }
    }

    /**
     * @return bool whether there was room for it
     */
    public function keep(string $uid, string $jpeg): bool
    {
        $there = is_dir($this->folder()) || @mkdir($this->folder(), 0o700, true);

        return $there && \strlen($jpeg) === @file_put_contents($this->path($uid), $jpeg);
    }

    /**
     * Returns the file of an entry's photo, or null when there is none.
     */
    public function file(string $uid): ?string
    {
        return 1 === preg_match('/^[0-9a-f]{32}$/D', $uid) && is_file($this->path($uid)) ? $this->path($uid) : null;
    }

    public function remove(string $uid): void
    {
        $file = $this->file($uid);
        if (null !== $file) {
            unlink($file);
        }
    }

    private function folder(): string
    {
        return \dirname($this->database).'/photos';
    }

    private function path(string $uid): string
    {
        return $this->folder().'/'.$uid.'.jpg';
    }
}
