<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;
use Intervention\Image\Exceptions\RuntimeException as ImageFailure;
use Intervention\Image\ImageManager;
use Rinkel\App\Platform\Files\Store;

/**
 * Photos of finished pieces, in the database, so that they come and go with what they show: as large as a screen,
 * upright, and without what a camera writes into them, such as where they were taken.
 */
final readonly class Photos
{
    /** The longer side, in pixels. */
    private const SIDE = 1600;
    private const QUALITY = 85;

    /** What is unpacked takes 4 bytes a pixel: so many fit into the memory that one request may take. */
    public const MOST_PIXELS = 26_000_000;

    /** Bytes of one as it is kept; it is a third of that at most. */
    private const LARGEST = 4_000_000;

    /** What stands in the place of the bytes where they are in the store: this, and the path there. */
    private const APART = '@';

    private const FOLDER = 'photos';

    /** Seconds after which a file in the store that no photo points to goes: until then somebody may be keeping it. */
    private const LEFT = 86_400;

    public function __construct(
        private Connection $connection,
        private Store $store,
    ) {}

    /**
     * Returns the picture in $file as it is kept, or null when it is none, not whole, or has too many pixels.
     */
    public function read(string $file): ?string
    {
        $size = @getimagesize($file);
        if (
            false === $size || $size[0] * $size[1] > self::MOST_PIXELS
            || !\in_array($size[2], [\IMAGETYPE_JPEG, \IMAGETYPE_PNG, \IMAGETYPE_WEBP], true)
            || (\IMAGETYPE_JPEG === $size[2] && !self::isWhole($file))
        ) {
            return null;
        }
        try {
            // Drawn again from its pixels, made small before it is turned: nothing else of the file is left.
            $image = ImageManager::gd(autoOrientation: false, decodeAnimation: false)->read($file);

            return (string) $image->scaleDown(self::SIDE, self::SIDE)->orient()->toJpeg(self::QUALITY);
        } catch (ImageFailure) {
            return null;
        }
    }

    /**
     * Keeps a photo that another Rinkel made as it is; any other as if it were new.
     *
     * @return bool whether it is a picture
     */
    public function bring(string $uid, string $bytes): bool
    {
        $size = \strlen($bytes) > self::LARGEST ? false : @getimagesizefromstring($bytes);
        $isOurs = false !== $size && \IMAGETYPE_JPEG === $size[2] && max($size[0], $size[1]) <= self::SIDE
            && str_ends_with($bytes, "\xff\xd9") && !str_contains(substr($bytes, 0, 4096), "Exif\0");
        if (!$isOurs) {
            $file = (string) tempnam(sys_get_temp_dir(), 'rinkel-photo-');
            try {
                file_put_contents($file, $bytes);
                $bytes = $this->read($file);
            } finally {
                @unlink($file);
            }
        }
        if (null !== $bytes) {
            $this->keep($uid, $bytes);
        }

        return null !== $bytes;
    }

    /**
     * Keeps a photo; in the store under another name than the one before, which stays until this one is kept.
     */
    public function keep(string $uid, string $jpeg): void
    {
        if ($this->store->isApart()) {
            $path = self::FOLDER.'/'.$uid.'-'.hash('xxh64', $jpeg).'.jpg';
            $this->store->keep($path, $jpeg);
            $jpeg = self::APART.$path;
        }
        $this->put($uid, $jpeg);
    }

    private function put(string $uid, string $jpeg): void
    {
        $this->remove($uid);
        $this->connection->insert('photo', ['uid' => $uid, 'jpeg' => $jpeg], ['jpeg' => ParameterType::BINARY]);
    }

    /**
     * Returns a photo as JPEG, null where there is none.
     */
    public function jpeg(string $uid): ?string
    {
        $jpeg = $this->connection->fetchOne('SELECT jpeg FROM photo WHERE uid = ?', [$uid]);

        // PostgreSQL gives it as a stream.
        $jpeg = \is_resource($jpeg) ? stream_get_contents($jpeg) : $jpeg;
        if (\is_string($jpeg) && str_starts_with($jpeg, self::APART)) {
            return $this->store->read(substr($jpeg, 1));
        }

        return \is_string($jpeg) ? $jpeg : null;
    }

    public function has(string $uid): bool
    {
        return false !== $this->connection->fetchOne('SELECT 1 FROM photo WHERE uid = ?', [$uid]);
    }

    /**
     * @param list<string> $uids
     *
     * @return array<string, int> those of them that have a photo, as keys
     */
    public function among(array $uids): array
    {
        $found = $this->connection->fetchFirstColumn(
            'SELECT uid FROM photo WHERE uid IN (?)',
            [$uids],
            [ArrayParameterType::STRING],
        );

        return array_flip(array_filter($found, is_string(...)));
    }

    /**
     * @return list<string> of all there are
     */
    public function uids(): array
    {
        return array_values(array_filter(
            $this->connection->fetchFirstColumn('SELECT uid FROM photo ORDER BY uid'),
            is_string(...),
        ));
    }

    public function remove(string $uid): void
    {
        $this->connection->delete('photo', ['uid' => $uid]);
    }

    /**
     * Forgets photos of what is neither here nor among what was deleted lately.
     */
    public function sweep(): void
    {
        $this->connection->executeStatement(
            'DELETE FROM photo WHERE uid NOT IN (SELECT uid FROM log_entry) AND uid NOT IN (SELECT uid FROM piece)
                AND uid NOT IN (SELECT uid FROM making) AND uid NOT IN (SELECT of FROM removed)',
        );
        if ($this->store->isApart()) {
            $this->sweepStore();
        }
    }

    /**
     * Moves every photo to where photos are kept now: from the database into the store, or back.
     *
     * @param bool $isBack whether into the database
     *
     * @return array{int, int} how many were moved, and of how many nothing was found
     */
    public function move(bool $isBack): array
    {
        [$moved, $lost] = [0, 0];
        foreach ($this->uids() as $uid) {
            if ($isBack !== $this->isApart($uid)) {
                continue;
            }
            $jpeg = $this->jpeg($uid);
            null === $jpeg ?: ($isBack ? $this->put($uid, $jpeg) : $this->keep($uid, $jpeg));
            null === $jpeg ? ++$lost : ++$moved;
        }

        return [$moved, $lost];
    }

    private function isApart(string $uid): bool
    {
        $jpeg = $this->connection->fetchOne('SELECT jpeg FROM photo WHERE uid = ?', [$uid]);
        $jpeg = \is_resource($jpeg) ? stream_get_contents($jpeg, 1) : $jpeg;

        return \is_string($jpeg) && str_starts_with($jpeg, self::APART);
    }

    private function sweepStore(): void
    {
        $pointed = [];
        foreach ($this->connection->iterateColumn('SELECT jpeg FROM photo') as $jpeg) {
            $jpeg = \is_resource($jpeg) ? stream_get_contents($jpeg, 200) : $jpeg;
            $pointed[\is_string($jpeg) ? substr($jpeg, 1, 200) : ''] = true;
        }
        foreach ($this->store->in(self::FOLDER) as $path => $kept) {
            if (!isset($pointed[$path]) && $kept < time() - self::LEFT) {
                $this->store->remove($path);
            }
        }
    }

    /**
     * Returns whether a JPEG goes to its end (ITU-T T.81, annex B: markers up to the scan, then the end of image): what
     * is cut off would be kept with half of it grey.
     */
    private static function isWhole(string $file): bool
    {
        $bytes = (string) file_get_contents($file);
        for ($at = 2; "\xff" === ($bytes[$at] ?? '') && $at + 4 <= \strlen($bytes);) {
            $marker = \ord($bytes[$at + 1]);
            if (0xDA === $marker) {
                return false !== strpos($bytes, "\xff\xd9", $at);
            }
            $at += 0xFF === $marker ? 1 : 2 + 256 * \ord($bytes[$at + 2]) + \ord($bytes[$at + 3]);
        }

        return false;
    }
}
